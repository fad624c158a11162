<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightHours;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;

/** A window of an indoor spot: which way it looks, and how high its head is above the floor. */
final readonly class Window
{
    public const MOST = 12;

    /** Thick walls keep out what comes in flatter than this to the glass (common practice, no source). */
    private const WIDEST_DEG = 80.0;

    private const USUAL_HEAD_M = 2.1;

    private function __construct(public string $name, public float $bearingDeg, public float $headM) {}

    /** @throws ImpossibleValue */
    public static function of(string $name, float $bearingDeg, float $headM): self
    {
        if ($bearingDeg < 0 || $bearingDeg >= 360) {
            throw ImpossibleValue::of('windows', 'must look to a bearing from 0 to below 360');
        }
        if ($headM <= 0 || $headM > 40) {
            throw ImpossibleValue::of('windows', 'must end above the floor, 40 m up at most');
        }

        return new self($name, $bearingDeg, $headM);
    }

    /**
     * A line a window: name, bearing, and the height of its head in metres (2.1 where not said).
     *
     * @return list<self>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function readAll(string $text): array
    {
        $windows = [];
        foreach (preg_split('/\R/', trim($text)) ?: [] as $index => $line) {
            if (trim($line) === '') {
                continue;
            }
            $pieces = array_map(trim(...), explode(',', $line));
            if (
                $pieces[0] === '' ||
                ! is_numeric($pieces[1] ?? null) ||
                count($pieces) > 3 ||
                (isset($pieces[2]) && ! is_numeric($pieces[2]))
            ) {
                throw ImpossibleValue::of('windows', 'must have a name and a bearing in line '.($index + 1).', such as: Bay, 200, 2.4');
            }
            $windows[] = self::of(mb_substr($pieces[0], 0, 60), (float) $pieces[1], (float) ($pieces[2] ?? self::USUAL_HEAD_M));
        }
        if (count($windows) > self::MOST) {
            throw ImpossibleValue::of('windows', 'must be '.self::MOST.' at most');
        }

        return $windows;
    }

    public function text(): string
    {
        return "{$this->name}, {$this->bearingDeg}, {$this->headM}";
    }

    /** Above zero while direct sun comes in, in degrees to the nearest edge of doing so. */
    public function depthDeg(SunPosition $sun, Skyline $skyline): float
    {
        return min($skyline->clearanceDeg($sun), self::WIDEST_DEG - abs(Bearing::turn($this->bearingDeg, $sun->azimuthDeg)));
    }

    /** How far from the wall its patch of sun reaches over the floor; null while none comes in. */
    public function patchM(SunPosition $sun): ?float
    {
        $turn = abs(Bearing::turn($this->bearingDeg, $sun->azimuthDeg));

        return $sun->elevationDeg <= 0 || $turn >= self::WIDEST_DEG
            ? null
            : ($this->headM * cos(deg2rad($turn))) / tan(deg2rad($sun->elevationDeg));
    }

    /**
     * When direct sun comes in.
     *
     * @return list<LightHours> Unix seconds
     */
    public function sunBetween(GeoPoint $place, Skyline $skyline, int $from, int $to): array
    {
        return Stretches::where(fn (float $at): float => $this->depthDeg(Sun::at($place, $at), $skyline), $from, $to, 60);
    }
}
