<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\SunPosition;

/** The height of the land around a spot: angles above the level by bearing, straight between two of them. */
final readonly class Skyline
{
    public const MOST_POINTS = 120;

    /** @param  array<int|string, float>  $angles  degrees by bearing, in the order of the bearings */
    private function __construct(private array $angles) {}

    /**
     * A line a point, bearing and angle: "240 11.5". No line, a level horizon.
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): self
    {
        $angles = [];
        foreach (preg_split('/\R/', trim($text)) ?: [] as $index => $line) {
            if (trim($line) === '') {
                continue;
            }
            $numbers = array_values(array_filter(preg_split('/[\s;,°]+/u', trim($line)) ?: [], static fn (string $s): bool => $s !== ''));
            $where = 'line '.($index + 1);
            if (count($numbers) !== 2 || ! is_numeric($numbers[0]) || ! is_numeric($numbers[1])) {
                throw ImpossibleValue::of('skyline', "needs a bearing and an angle in {$where}, such as 240 11.5");
            }
            [$bearing, $angle] = [(float) $numbers[0], (float) $numbers[1]];
            if ($bearing < 0 || $bearing >= 360 || $angle < -10 || $angle > 89) {
                throw ImpossibleValue::of('skyline', "needs a bearing from 0 to below 360 and an angle from -10 to 89 in {$where}");
            }
            $angles[(string) $bearing] = $angle;
        }
        if (count($angles) > self::MOST_POINTS) {
            throw ImpossibleValue::of('skyline', 'has at most '.self::MOST_POINTS.' points');
        }
        uksort($angles, static fn (int|string $a, int|string $b): int => (float) $a <=> (float) $b);

        return new self($angles);
    }

    public function isLevel(): bool
    {
        return $this->angles === [];
    }

    /** @return list<SkylinePoint> in the order of the bearings */
    public function points(): array
    {
        $points = [];
        foreach ($this->angles as $bearing => $angle) {
            $points[] = new SkylinePoint(bearing: (float) $bearing, angle: $angle);
        }

        return $points;
    }

    public function text(): string
    {
        return implode("\n", array_map(static fn (SkylinePoint $p): string => "{$p->bearing} {$p->angle}", $this->points()));
    }

    /** Degrees above the level at a bearing. */
    public function angleAt(float $bearingDeg): float
    {
        $points = $this->points();
        if ($points === []) {
            return 0.0;
        }
        $last = $points[count($points) - 1];
        $before = new SkylinePoint(bearing: $last->bearing - 360, angle: $last->angle);
        foreach ([...$points, new SkylinePoint(bearing: $points[0]->bearing + 360, angle: $points[0]->angle)] as $point) {
            if ($bearingDeg <= $point->bearing) {
                $share =
                    $point->bearing === $before->bearing
                        ? 1.0
                        : ($bearingDeg - $before->bearing) / ($point->bearing - $before->bearing);

                return $before->angle + $share * ($point->angle - $before->angle);
            }
            $before = $point;
        }

        return $points[0]->angle;
    }

    /** How far the sun's centre stands above the land and the level, in degrees; negative behind it. */
    public function clearanceDeg(SunPosition $sun): float
    {
        return $sun->elevationDeg - max(0.0, $this->angleAt($sun->azimuthDeg));
    }
}
