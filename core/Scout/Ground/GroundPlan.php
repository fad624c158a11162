<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

use NorthSatchel\Drawing\Labels;
use NorthSatchel\Drawing\NamedPoint;
use NorthSatchel\Drawing\PlacedMark;
use NorthSatchel\Drawing\Point;
use NorthSatchel\Sky\SunPosition;

/** The drawing of a ground from above: across is up, everything on it to one scale. */
final readonly class GroundPlan
{
    public const WIDTH = 640.0;

    private const MARGIN = 44.0;

    private const SUN_RING = 20.0;

    /** Points of a bend of a track, and its eight lanes of 1.22 m (the standard oval, from memory). */
    private const BEND_POINTS = 24;

    private const LANES_M = 9.76;

    /** How far from their points the marks are drawn, and the size of the names. */
    private const ZONE_PX = 9.0;

    private const POST_PX = 8.0;

    public const NAME_PX = 15.0;

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

    /** The corners as an SVG polygon wants them: those that were typed, else those of the rectangle, or the oval of a track. */
    public function outline(): string
    {
        $corners = $this->ground->outline ?: ($this->isOval() ? $this->oval(0.0) : [
            new Point(0.0, 0.0),
            new Point($this->ground->lengthM, 0.0),
            new Point($this->ground->lengthM, $this->ground->widthM),
            new Point(0.0, $this->ground->widthM),
        ]);

        return $this->points($corners);
    }

    /** @return list<string> lines on it, each as an SVG polyline wants it: the inner edge of a track, the middle of a pitch or a court */
    public function lines(): array
    {
        if ($this->ground->outline !== []) {
            return [];
        }
        [$length, $width] = [$this->ground->lengthM, $this->ground->widthM];

        return match (true) {
            $this->isOval() && $width > 4 * self::LANES_M => [$this->points([...$inner = $this->oval(self::LANES_M), $inner[0]])],
            in_array($this->ground->kind, [GroundKind::Pitch, GroundKind::Court, GroundKind::HallCourt], true) => [
                $this->points([new Point($length / 2, 0.0), new Point($length / 2, $width)]),
            ],
            default => [],
        };
    }

    private function isOval(): bool
    {
        return $this->ground->kind === GroundKind::Track && $this->ground->lengthM > $this->ground->widthM;
    }

    /**
     * Two straights and two half circles.
     *
     * @return list<Point> metres
     */
    private function oval(float $insetM): array
    {
        $middle = $this->ground->widthM / 2;
        $points = [];
        foreach ([[$this->ground->lengthM - $middle, -90.0], [$middle, 90.0]] as [$centre, $from]) {
            for ($i = 0; $i <= self::BEND_POINTS; $i++) {
                $turn = deg2rad($from + 180.0 * $i / self::BEND_POINTS);
                $points[] = new Point($centre + ($middle - $insetM) * cos($turn), $middle + ($middle - $insetM) * sin($turn));
            }
        }

        return $points;
    }

    /** @param  list<Point>  $metres */
    private function points(array $metres): string
    {
        return implode(' ', array_map(function (Point $m): string {
            $at = $this->at($m->x, $m->y);

            return "{$at->x},{$at->y}";
        }, $metres));
    }

    /** @return list<NamedPoint> */
    public function zones(): array
    {
        return array_map(fn (GroundZone $z): NamedPoint => $this->named($z->name, $z->xM, $z->yM), $this->ground->zones);
    }

    /** @return list<NamedPoint> */
    public function posts(): array
    {
        return array_map(fn (GroundPost $p): NamedPoint => $this->named($p->name, $p->xM, $p->yM), $this->ground->posts);
    }

    /** @return list<PlacedMark> the names of zones and posts, none over another */
    public function names(): array
    {
        [$zones, $posts] = [$this->zones(), $this->posts()];

        return Labels::beside(
            [...$zones, ...$posts],
            [...array_fill(0, count($zones), self::ZONE_PX), ...array_fill(0, count($posts), self::POST_PX)],
            self::NAME_PX,
            self::WIDTH,
            $this->height,
        );
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

    private function named(string $name, float $xM, float $yM): NamedPoint
    {
        $at = $this->at($xM, $yM);

        return new NamedPoint($name, $at->x, $at->y);
    }
}
