<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Drawing\PlacedMark;
use NorthSatchel\Drawing\Point;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\LocalDay;

/** The drawing of a spot from above: north up, the sun's path of the day on a ring, things and their shadows at one minute. */
final class SpotPlan
{
    public const SIZE = 400.0;

    private const MIDDLE = 200.0;

    private const RING = 182.0;

    private const INNER = 150.0;

    private const LAND_PX_A_DEGREE = 1.5;

    private const WALL = 100.0;

    private const WINDOW_HALF_DEG = 14.0;

    private readonly float $pixelsPerM;

    public function __construct(
        private readonly Spot $spot,
        private readonly GeoPoint $place,
        private readonly LocalDay $day,
        private readonly int $at,
    ) {
        $far = 10.0;
        foreach ($spot->things as $thing) {
            $far = max($far, $thing->distanceM + $thing->widthM / 2);
        }
        $this->pixelsPerM = self::INNER / max($far, $spot->path->metres ?? 0.0);
    }

    public function sun(): SunPosition
    {
        return Sun::at($this->place, $this->at);
    }

    /** @return Point|null where the sun stands on the ring; null below the horizon */
    public function sunMark(): ?Point
    {
        return $this->sun()->elevationDeg > 0 ? self::polar($this->sun()->azimuthDeg, self::RING) : null;
    }

    /**
     * The part of the ring that the sun passes, as SVG paths; empty where it does not rise.
     *
     * @return SunPath in the sun, and where a thing or the land keeps it away
     */
    public function sunPath(): SunPath
    {
        $paths = ['lit' => '', 'hidden' => ''];
        $last = null;
        for ($at = $this->day->startsAt(); $at <= $this->day->endsAt(); $at += 600) {
            $sun = Sun::at($this->place, $at);
            $now = $sun->elevationDeg <= 0 ? null : ($this->spot->isInSun($sun) ? 'lit' : 'hidden');
            $p = self::polar($sun->azimuthDeg, self::RING);
            $point = sprintf('%.1f %.1f', $p->x, $p->y);
            if ($now !== null) {
                $paths[$now] .= ($now === $last ? 'L' : 'M').$point;
            }
            if ($last !== null && $now !== null && $now !== $last) {
                $paths[$last] .= 'L'.$point;
            }
            $last = $now;
        }

        return new SunPath($paths['lit'], $paths['hidden']);
    }

    /** The land on the ring, thicker where it stands higher, as an SVG path; empty for a level horizon. */
    public function land(): string
    {
        if ($this->spot->skyline->isLevel()) {
            return '';
        }
        $inner = '';
        for ($bearing = 0; $bearing <= 360; $bearing += 3) {
            $angle = max(0.0, min(60.0, $this->spot->skyline->angleAt($bearing % 360)));
            $p = self::polar($bearing, self::RING - $angle * self::LAND_PX_A_DEGREE);
            $inner .= sprintf('%s%.1f %.1f', $bearing === 0 ? 'M' : 'L', $p->x, $p->y);
        }
        $ring = self::RING;

        return $inner.
            sprintf(
                'ZM%1$.1f %2$.1fA%3$.1f %3$.1f 0 1 1 %1$.1f %4$.1fA%3$.1f %3$.1f 0 1 1 %1$.1f %2$.1fZ',
                self::MIDDLE,
                self::MIDDLE - $ring,
                $ring,
                self::MIDDLE + $ring,
            );
    }

    /**
     * @return list<DrawnWindow> windows of an indoor spot, as a line across their
     * bearing
     */
    public function windows(): array
    {
        $list = [];
        foreach ($this->spot->windows as $window) {
            $centre = self::polar($window->bearingDeg, self::WALL);
            [$left, $right] = [
                self::polar($window->bearingDeg - self::WINDOW_HALF_DEG, self::WALL),
                self::polar($window->bearingDeg + self::WINDOW_HALF_DEG, self::WALL),
            ];
            $list[] = new DrawnWindow(
                name: $window->name,
                x: $centre->x,
                y: $centre->y,
                line: self::points([$left, $right]),
                isSunny: $window->depthDeg($this->sun(), $this->spot->skyline) > 0,
            );
        }

        return $list;
    }

    /** @return list<PlacedMark> full hours with the sun above the horizon */
    public function hours(): array
    {
        $hours = [];
        for ($at = $this->day->startsAt(); $at < $this->day->endsAt(); $at += 3600) {
            $sun = Sun::at($this->place, $at);
            if ($sun->elevationDeg > 0) {
                $mark = self::polar($sun->azimuthDeg, self::RING);
                $hours[] = new PlacedMark($mark->x, $mark->y, substr($this->day->face($at), 0, 2));
            }
        }

        return $hours;
    }

    /**
     * @return list<DrawnThing> body and shadow as SVG polygon points; no shadow
     *     below the horizon
     */
    public function things(): array
    {
        $sun = $this->sun();
        $list = [];
        foreach ($this->spot->things as $name => $thing) {
            [$left, $right] = [$this->corner($thing, -1), $this->corner($thing, 1)];
            $shadow = '';
            if ($sun->elevationDeg > 0) {
                // Longer than the drawing is as good as endless.
                $length = min(1000.0, $thing->heightM * (float) $sun->shadowRatio() * $this->pixelsPerM);
                $shadow = self::points([
                    $left,
                    $right,
                    self::away($right, $sun->azimuthDeg, $length),
                    self::away($left, $sun->azimuthDeg, $length),
                ]);
            }
            $centre = self::polar($thing->bearingDeg, $thing->distanceM * $this->pixelsPerM);
            $list[] = new DrawnThing(
                name: (string) $name,
                x: $centre->x,
                y: $centre->y,
                body: self::points([$left, $right]),
                shadow: $shadow,
            );
        }

        return $list;
    }

    /** @return Point|null the tip of the arrow that shows where people face */
    public function facing(): ?Point
    {
        return $this->spot->facingDeg === null ? null : self::polar($this->spot->facingDeg, 46);
    }

    /** @return list<DrawnStretch> the way up to the spot, in the sun and out of it; in one piece while the sun is down */
    public function path(): array
    {
        $path = $this->spot->path;
        if ($path === null) {
            return [];
        }
        $at = fn (float $alongM): Point => self::polar(fmod($path->bearingDeg + 180, 360), ($path->metres - $alongM) * $this->pixelsPerM);
        $stretches = $path->stretches($this->spot, $this->sun());

        return array_map(
            fn (WalkStretch $s): DrawnStretch => new DrawnStretch(
                $at($s->fromM),
                $at($s->toM),
                $this->sun()->elevationDeg > 0 && $s->shade === null && ! $path->isAway($this->sun()),
            ),
            $stretches === [] ? [new WalkStretch(0.0, $path->metres, null)] : $stretches,
        );
    }

    private function corner(ShadowCaster $thing, int $side): Point
    {
        $centre = self::polar($thing->bearingDeg, $thing->distanceM * $this->pixelsPerM);
        $along = deg2rad($thing->bearingDeg + 90);
        $half = (($side * $thing->widthM) / 2) * $this->pixelsPerM;

        return new Point(x: $centre->x + $half * sin($along), y: $centre->y - $half * cos($along));
    }

    /**
     * Where a shadow of that length ends.
     */
    private static function away(Point $from, float $azimuthDeg, float $length): Point
    {
        $away = deg2rad($azimuthDeg + 180);

        return new Point(x: $from->x + $length * sin($away), y: $from->y - $length * cos($away));
    }

    private static function polar(float $bearingDeg, float $radius): Point
    {
        return new Point(
            x: round(self::MIDDLE + $radius * sin(deg2rad($bearingDeg)), 1),
            y: round(self::MIDDLE - $radius * cos(deg2rad($bearingDeg)), 1),
        );
    }

    /** @param  list<Point>  $points */
    private static function points(array $points): string
    {
        return implode(' ', array_map(static fn (Point $p): string => sprintf('%.1f,%.1f', $p->x, $p->y), $points));
    }
}
