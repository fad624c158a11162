<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Sky\GeoPoint;

/** Minutes from place to place; a way that is listed once holds in both directions. */
final readonly class Travels
{
    /** Roads are about a third longer than the straight line (common practice, no source). */
    private const DETOUR = 1.3;

    private const DRIVING_KM_H = 50.0;

    private const PARKING_MINUTES = 5;

    private const WALK_UP_TO_KM = 0.6;

    private const WALKING_KM_H = 4.5;

    /**
     * @param  array<int, array<int, int>>  $minutes  by place from and place to
     * @param  array<int, array<int, int>>  $onFoot  of them those that one walks
     */
    public function __construct(private array $minutes, private array $onFoot = []) {}

    /** The minutes of a way that are walked: as somebody said, else all of them where the map makes it a walk; null where nobody knows. */
    public function walked(int $from, int $to, ?GeoPoint $a, ?GeoPoint $b): ?int
    {
        $said = $this->onFoot[$from][$to] ?? $this->onFoot[$to][$from] ?? null;
        if ($said !== null || $this->minutes($from, $to) !== null) {
            return $said;
        }

        return $a === null || $b === null || $a->kmTo($b) * self::DETOUR > self::WALK_UP_TO_KM ? null : self::estimate($a, $b);
    }

    /** Null when nobody has said. */
    public function minutes(int $from, int $to): ?int
    {
        return $from === $to ? 0 : $this->minutes[$from][$to] ?? $this->minutes[$to][$from] ?? null;
    }

    /** A first guess from the straight line: on foot when near, else by road with five minutes to park. */
    public static function estimate(GeoPoint $from, GeoPoint $to): int
    {
        $km = $from->kmTo($to) * self::DETOUR;

        return $km <= self::WALK_UP_TO_KM
            ? max(1, (int) ceil($km / self::WALKING_KM_H * 60))
            : (int) ceil($km / self::DRIVING_KM_H * 60) + self::PARKING_MINUTES;
    }
}
