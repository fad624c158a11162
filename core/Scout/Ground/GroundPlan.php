<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

use NorthSatchel\Drawing\Point;
use NorthSatchel\Drawing\SidedMark;
use NorthSatchel\Sky\SunPosition;

/** The drawing of a ground from above: across is up, everything on it to one scale. */
final readonly class GroundPlan
{
    public const WIDTH = 640.0;

    private const MARGIN = 44.0;

    private const SUN_RING = 20.0;

    /** A letter of a name, about. */
    private const LETTER_PX = 8.0;

    public float $height;

    private float $scale;

    private float $left;

    private float $top;

    public function __construct(private Ground $ground)
    {
        $x = [0.0, $ground->lengthM];
        $y = [0.0, $ground->widthM];
        foreach ([...$ground->zones, ...$ground->posts] as $thing) {
            $x[] = $thing->xM;
            $y[] = $thing->yM;
        }
        $this->scale = (self::WIDTH - 2 * self::MARGIN) / max(1.0, max($x) - min($x));
        $this->left = min($x);
        $this->top = max($y);
        $this->height = round(($this->top - min($y)) * $this->scale + 2 * self::MARGIN, 1);
    }

    public function at(float $xM, float $yM): Point
    {
        return new Point(round(self::MARGIN + ($xM - $this->left) * $this->scale, 1), round(self::MARGIN + ($this->top - $yM) * $this->scale, 1));
    }

    /** The near left corner's opposite: where the outline begins, at the top left. */
    public function corner(): Point
    {
        return $this->at(0.0, $this->ground->widthM);
    }

    /** The outline's size in the drawing. */
    public function size(): Point
    {
        return new Point(round($this->ground->lengthM * $this->scale, 1), round($this->ground->widthM * $this->scale, 1));
    }

    /** @return list<SidedMark> */
    public function zones(): array
    {
        return array_map(fn (GroundZone $z): SidedMark => $this->named($z->name, $z->xM, $z->yM), $this->ground->zones);
    }

    /** @return list<SidedMark> */
    public function posts(): array
    {
        return array_map(fn (GroundPost $p): SidedMark => $this->named($p->name, $p->xM, $p->yM), $this->ground->posts);
    }

    /** Where the sun stands, on a ring at the edge of the drawing; null below the horizon. */
    public function sun(SunPosition $sun): ?Point
    {
        if ($sun->elevationDeg <= 0) {
            return null;
        }
        $turn = deg2rad($sun->azimuthDeg - $this->ground->bearingDeg);
        [$halfX, $halfY] = [self::WIDTH / 2, $this->height / 2];

        return new Point(
            round($halfX + ($halfX - self::SUN_RING) * sin($turn), 1),
            round($halfY - ($halfY - self::SUN_RING) * cos($turn), 1),
        );
    }

    private function named(string $name, float $xM, float $yM): SidedMark
    {
        return SidedMark::at($name, $this->at($xM, $yM), self::WIDTH, self::LETTER_PX);
    }
}
