<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Plan\LocalDay;

/** The drawing of a spot from above: north up, the sun's path of the day on a ring, things and their shadows at one minute. */
final class SpotPlan
{
    public const SIZE = 400.0;

    private const MIDDLE = 200.0;

    private const RING = 182.0;

    private const INNER = 150.0;

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
        $this->pixelsPerM = self::INNER / $far;
    }

    public function sun(): SunPosition
    {
        return Sun::at($this->place, $this->at);
    }

    /** @return array{x: float, y: float}|null where the sun stands on the ring; null below the horizon */
    public function sunMark(): ?array
    {
        return $this->sun()->elevationDeg > 0 ? self::polar($this->sun()->azimuthDeg, self::RING) : null;
    }

    /** The part of the ring that the sun passes, as an SVG path; empty where it does not rise. */
    public function sunPath(): string
    {
        $path = '';
        for ($at = $this->day->startsAt(); $at <= $this->day->endsAt(); $at += 600) {
            $sun = Sun::at($this->place, $at);
            if ($sun->elevationDeg > 0) {
                $p = self::polar($sun->azimuthDeg, self::RING);
                $path .= sprintf('%s%.1f %.1f', $path === '' ? 'M' : 'L', $p['x'], $p['y']);
            }
        }

        return $path;
    }

    /** @return list<array{x: float, y: float, label: string}> full hours with the sun above the horizon */
    public function hours(): array
    {
        $hours = [];
        for ($at = $this->day->startsAt(); $at < $this->day->endsAt(); $at += 3600) {
            $sun = Sun::at($this->place, $at);
            if ($sun->elevationDeg > 0) {
                $hours[] = [...self::polar($sun->azimuthDeg, self::RING), 'label' => substr($this->day->face($at), 0, 2)];
            }
        }

        return $hours;
    }

    /**
     * @return list<array{name: string, x: float, y: float, body: string, shadow: string}> body and shadow as SVG polygon points; no shadow below the horizon
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
                $shadow = self::points([$left, $right, self::away($right, $sun->azimuthDeg, $length), self::away($left, $sun->azimuthDeg, $length)]);
            }
            $centre = self::polar($thing->bearingDeg, $thing->distanceM * $this->pixelsPerM);
            $list[] = ['name' => (string) $name, 'x' => $centre['x'], 'y' => $centre['y'], 'body' => self::points([$left, $right]), 'shadow' => $shadow];
        }

        return $list;
    }

    /** @return array{x: float, y: float}|null the tip of the arrow that shows where people face */
    public function facing(): ?array
    {
        return $this->spot->facingDeg === null ? null : self::polar($this->spot->facingDeg, 46);
    }

    /** @return array{x: float, y: float} */
    private function corner(ShadowCaster $thing, int $side): array
    {
        $centre = self::polar($thing->bearingDeg, $thing->distanceM * $this->pixelsPerM);
        $along = deg2rad($thing->bearingDeg + 90);
        $half = $side * $thing->widthM / 2 * $this->pixelsPerM;

        return ['x' => $centre['x'] + $half * sin($along), 'y' => $centre['y'] - $half * cos($along)];
    }

    /**
     * Where a shadow of that length ends.
     *
     * @param  array{x: float, y: float}  $from
     * @return array{x: float, y: float}
     */
    private static function away(array $from, float $azimuthDeg, float $length): array
    {
        $away = deg2rad($azimuthDeg + 180);

        return ['x' => $from['x'] + $length * sin($away), 'y' => $from['y'] - $length * cos($away)];
    }

    /** @return array{x: float, y: float} */
    private static function polar(float $bearingDeg, float $radius): array
    {
        return [
            'x' => round(self::MIDDLE + $radius * sin(deg2rad($bearingDeg)), 1),
            'y' => round(self::MIDDLE - $radius * cos(deg2rad($bearingDeg)), 1),
        ];
    }

    /** @param  list<array{x: float, y: float}>  $points */
    private static function points(array $points): string
    {
        return implode(' ', array_map(static fn (array $p): string => sprintf('%.1f,%.1f', $p['x'], $p['y']), $points));
    }
}
