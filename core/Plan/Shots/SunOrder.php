<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Verdict;

/**
 * Scenes follow the falling sun: front and side light first, then against the light; before noon, while it
 * climbs, the other way round (common practice, no source).
 */
final class SunOrder
{
    public const LIGHTS = ['front', 'side', 'against', 'shade', 'flash'];

    private const FALLING = ['front' => 0, 'side' => 1, 'against' => 2];

    /**
     * The lines with a direction of light sorted among themselves; the others stay where they are.
     *
     * @param  list<LitLine>  $lines  in the order in which they are shot
     * @return list<int> their ids in the better order
     */
    public static function sorted(array $lines, bool $isFalling): array
    {
        $directed = array_values(array_filter($lines, static fn (LitLine $l): bool => isset(self::FALLING[$l->light ?? ''])));
        $sign = $isFalling ? 1 : -1;
        // usort is stable: what is alike keeps its order.
        usort(
            $directed,
            static fn (LitLine $a, LitLine $b): int => $sign * (self::FALLING[$a->light ?? 'front'] <=> self::FALLING[$b->light ?? 'front']),
        );
        $ids = [];
        foreach ($lines as $line) {
            $ids[] = isset(self::FALLING[$line->light ?? '']) ? array_shift($directed)->id ?? $line->id : $line->id;
        }

        return $ids;
    }

    /** @param  list<LitLine>  $lines */
    public static function judge(Segment $segment, SunDay $sun, array $lines): ?Verdict
    {
        if (! $segment->setting->isOutdoor) {
            return null;
        }
        $isFalling = $segment->startsAt >= $sun->solarNoon;
        $sorted = self::sorted($lines, $isFalling);
        $now = array_column($lines, 'id');
        if ($sorted === $now) {
            return null;
        }
        $names = array_column($lines, 'what', 'id');
        $first = null;
        foreach ($sorted as $index => $id) {
            $first ??= $id === $now[$index] ? null : $names[$id];
        }

        return Verdict::mind(
            'plan.sun-order',
            "The scenes of {$segment->title} go against the ".($isFalling ? 'falling' : 'climbing').' sun.',
            $isFalling
                ? "Front and side light come first, and what is shot against the light last, when the sun is lowest: begin with {$first}."
                : "While the sun climbs, what is shot against the light comes first, while it is low: begin with {$first}.",
            [],
            new Remedy('shots.sun-order', 'Put them in the order of the sun', ['segment' => $segment->id]),
        );
    }
}
