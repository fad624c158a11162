<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Do two who must not see each other cross paths before the moment that is meant for it? */
final class SightJudge
{
    /** People linger about so long at a place (common practice, no source). */
    private const MARGIN_MINUTES = 10;

    /** @param  list<Separation>  $separations */
    public static function of(PlannedDay $day, array $separations): Verdicts
    {
        $verdicts = [];
        foreach ($separations as $separation) {
            $verdicts = [...$verdicts, ...self::separation($day, $separation)];
        }

        return new Verdicts($verdicts);
    }

    /** @return list<Verdict> */
    private static function separation(PlannedDay $day, Separation $s): array
    {
        $until = null;
        foreach ($day->segments as $segment) {
            $until = $segment->id === $s->untilSegmentId ? $segment : $until;
        }
        // The meeting is planned for another day: until then the whole of this one counts.
        $early = array_filter(
            $day->segments,
            static fn (Segment $one): bool => $until === null || ($one->startsAt < $until->startsAt && $one->id !== $until->id),
        );
        $verdicts = [];
        $limit = $until === null ? 'that day' : "before {$until->title} at {$day->day->face($until->startsAt)}";
        foreach ($early as $a) {
            foreach ($early as $b) {
                if (self::needs($a, $s->first) && self::needs($b, $s->second)) {
                    $verdicts[] = self::meeting($day, $s, $a, $b, $until, $limit);
                }
            }
        }
        $verdicts = array_values(array_filter($verdicts));
        if ($until !== null && ! (self::needs($until, $s->first) && self::needs($until, $s->second))) {
            $verdicts[] = Verdict::mind(
                'plan.sight-end',
                "{$until->title} is where {$s->first} and {$s->second} first see each other, and does not name both.",
                'Write both among the people it needs, so that the day can be checked for them.',
            );
        }

        return $verdicts;
    }

    private static function meeting(PlannedDay $day, Separation $s, Segment $a, Segment $b, ?Segment $until, string $limit): ?Verdict
    {
        if ($a->id === $b->id) {
            return Verdict::stop(
                'plan.sight',
                "{$s->first} and {$s->second} are both in {$a->title}.",
                "They must not see each other {$limit}.",
            );
        }
        if ($a->setting->placeId === null || $a->setting->placeId !== $b->setting->placeId) {
            return null;
        }
        [$earlier, $later] = $a->startsAt <= $b->startsAt ? [$a, $b] : [$b, $a];
        $gap = intdiv($later->startsAt - $earlier->endsAt(), 60);
        if ($gap >= self::MARGIN_MINUTES) {
            return null;
        }
        // Two spots of one place are two rooms as long as they are named.
        $isApart = $a->wants->spotId !== null && $b->wants->spotId !== null && $a->wants->spotId !== $b->wants->spotId;
        $wait = self::MARGIN_MINUTES - $gap;
        $canWait = ! $later->isAnchor && ($until === null || $later->endsAt() + 60 * $wait <= $until->startsAt);
        $finding = "{$s->first} and {$s->second} may see each other at {$a->setting->placeName}.";
        $because =
            ($gap < 0
                ? "{$earlier->title} is there until {$day->day->face($earlier->endsAt())}, and {$later->title} from {$day->day->face(
                    $later->startsAt,
                )}"
                : "{$earlier->title} ends at {$day->day->face($earlier->endsAt())}, and {$later->title} starts there at {$day->day->face(
                    $later->startsAt,
                )}").
            "; they must not meet {$limit}.".
            ($isApart ? ' The spots differ: keep the doors shut, and let one leave first.' : '');
        $remedy = $canWait
            ? new Remedy('segment.later', "Start {$later->title} ".Span::later($wait), ['segment' => $later->id, 'minutes' => $wait])
            : null;

        return $isApart
            ? Verdict::mind('plan.sight-near', $finding, $because, ['gap_minutes' => $gap])
            : Verdict::stop('plan.sight', $finding, $because, ['gap_minutes' => $gap], $remedy);
    }

    private static function needs(Segment $segment, string $person): bool
    {
        return in_array(mb_strtolower($person), array_map(mb_strtolower(...), $segment->wants->people), true);
    }
}
