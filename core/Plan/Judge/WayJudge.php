<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\Handover;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/** Ways that nobody has said: each pair of places is asked for once, where it is tightest. */
final class WayJudge
{
    /** @return list<Verdict> */
    public static function of(PlannedDay $day): array
    {
        /** @var array<string, non-empty-array<string, Handover>> $pairs */
        $pairs = [];
        foreach ($day->handovers() as $h) {
            $ends = [$h->from?->placeId, $h->to?->placeId];
            if ($h->travelMinutes === null && $h->gapMinutes() >= 0) {
                sort($ends);
                $pairs[implode(' ', $ends)]["{$h->before->id} {$h->after->id}"] = $h;
            }
        }

        return array_values(array_map(static fn (array $pair): Verdict => self::asked($day, array_values($pair)), $pairs));
    }

    /** @param  non-empty-list<Handover>  $pair */
    private static function asked(PlannedDay $day, array $pair): Verdict
    {
        $first = $pair[0];
        usort($pair, static fn (Handover $a, Handover $b): int => $a->gapMinutes() <=> $b->gapMinutes());
        [$from, $to] = [(int) $first->from?->placeId, (int) $first->to?->placeId];
        $ends = [$day->points[$from] ?? null, $day->points[$to] ?? null];
        $estimate = $ends[0] !== null && $ends[1] !== null ? Travels::estimate($ends[0], $ends[1]) : null;
        $more = count($pair) - 1;
        $names = [self::name($day, $from), self::name($day, $to)];
        $unmapped = array_values(array_filter([$ends[0] === null ? $names[0] : '', $ends[1] === null ? $names[1] : '']));

        return Verdict::fix(
            'plan.no-travel',
            "How long is the way from {$names[0]} to {$names[1]}?",
            "Nobody has said, and it lies between {$pair[0]->before->title} and {$pair[0]->after->title}, ".
                Span::hours($pair[0]->gapMinutes()).
                ' apart'.
                ($more > 0 ? Plural::of($more, ', and once more', ", and {$more} times more") : '').
                ($estimate !== null
                    ? '; about '.Span::hours($estimate).' are likely by the map.'
                    : '. Type it under Ways below, or put '.implode(' and ', $unmapped).' on the map under Scout.'),
            ['gap_minutes' => $pair[0]->gapMinutes(), 'estimate_minutes' => $estimate],
            $estimate === null
                ? null
                : new Remedy('travel.set', "Plan {$estimate} min of travel", ['from' => $from, 'to' => $to, 'minutes' => $estimate]),
        );
    }

    private static function name(PlannedDay $day, int $place): string
    {
        foreach ($day->segments as $segment) {
            if ($segment->setting->placeId === $place) {
                return (string) $segment->setting->placeName;
            }
        }

        return 'there';
    }
}
