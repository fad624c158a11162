<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;

/** Random rests of a day, repeatable from a seed. */
final class ReplanInstances
{
    public const PLACES = ['church', 'park', 'hotel'];

    public const POCKETS = ['reception' => 25, 'walk' => 12];

    /** @return array{now: int, segments: list<Rest>, travel: list<Way>} */
    public static function of(int $seed, int $count): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $chance = static fn (int $percent): bool => $random->getInt(1, 100) <= $percent;
        $segments = [];
        $at = 600;
        for ($i = 0; $i < $count; $i++) {
            $minutes = $random->getInt(5, 30);
            $short = $chance(50) ? $random->getInt(2, $minutes - 1) : null;
            $value = $random->getInt(0, 60);
            $isMust = $chance(25);
            $fixed = $isMust && $chance(40) ? $at + $random->getInt(5, 25) : null;
            $pockets = [];
            foreach (array_keys(self::POCKETS) as $pocket) {
                if ($chance(35)) {
                    $pockets[] = $pocket;
                }
            }
            $segments[] = new Rest(
                id: "s{$i}",
                minutes: $minutes,
                value: $value,
                shortMinutes: $short,
                shortValue: $short === null ? null : $random->getInt(0, $value),
                isMust: $isMust,
                fixedStart: $fixed,
                earliest: $fixed === null && $chance(25) ? $at + $random->getInt(-10, 20) : null,
                latestEnd: $chance(35) ? $at + $minutes + $random->getInt(5, 40) : null,
                place: self::PLACES[$random->getInt(0, 2)],
                mayMoveTo: $pockets,
            );
            $at += (int) ($minutes * 0.7);
        }

        return ['now' => 600 + $random->getInt(0, 15), 'segments' => $segments, 'travel' => [
            new Way(from: 'church', to: 'park', minutes: $random->getInt(3, 15)),
            new Way(from: 'park', to: 'hotel', minutes: $random->getInt(3, 15)),
            new Way(from: 'hotel', to: 'park', minutes: $random->getInt(3, 15)),
            new Way(from: 'church', to: 'hotel', minutes: $random->getInt(3, 15)),
        ]];
    }

    /** @param  array{travel: list<Way>}  $instance */
    public static function ways(array $instance): Ways
    {
        return new Ways($instance['travel']);
    }
}
