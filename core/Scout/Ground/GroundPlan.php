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
        foreach ($ground->outline as $corner) {
            $x[] = $corner->x;
            $y[] = $corner->y;
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

    /** The corners as an SVG polygon wants them: those that were typed, else those of the rectangle. */
    public function outline(): string
    {
        $corners = $this->ground->outline ?: [
            new Point(0.0, 0.0),
            new Point($this->ground->lengthM, 0.0),
            new Point($this->ground->lengthM, $this->ground->widthM),
            new Point(0.0, $this->ground->widthM),
        ];

        return implode(' ', array_map(function (Point $c): string {
            $at = $this->at($c->x, $c->y);

            return "{$at->x},{$at->y}";
        }, $corners));
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
