<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * The critical chain of a lane: the run of segments with the least slack, up to the anchor or the hour that
 * limits it (the critical path method: J. E. Kelley and M. R. Walker, 1959).
 */
final class ChainJudge
{
    /** A chain with more to spare than this is not worth a word. */
    private const ROOMY_MINUTES = 45;

    public static function of(PlannedDay $day): Verdicts
    {
        $passes = DayPasses::of($day);
        $verdicts = [];
        foreach ($day->lanes() as $lane => $segments) {
            $verdicts[] = self::lane($lane, $segments, $passes);
        }

        return new Verdicts(array_filter($verdicts));
    }

    /** @param  list<Segment>  $segments */
    private static function lane(string $lane, array $segments, DayPasses $passes): ?Verdict
    {
        $least = null;
        foreach ($segments as $segment) {
            $slack = $segment->isAnchor ? null : $passes->slack($segment->id);
            $least = $slack === null ? $least : min($least ?? $slack, $slack);
        }
        if ($least === null || $least > self::ROOMY_MINUTES) {
            return null;
        }
        $chain = [];
        foreach ($segments as $segment) {
            $isOn = ! $segment->isAnchor && $passes->slack($segment->id) === $least;
            if ($isOn || $chain !== []) {
                $chain[] = $segment;
            }
            if ($chain !== [] && ! $isOn) {
                break;
            }
        }
        $names = implode(' → ', array_map(static fn (Segment $s): string => $s->title, $chain));
        $minutes = array_sum(array_map(static fn (Segment $s): int => $s->isAnchor ? 0 : $s->minutes, $chain));

        return Verdict::mind(
            'plan.critical-chain',
            ucfirst(Lane::person($lane)).
                ($least < 0 ? ' is already '.Span::hours(-$least).' late in one chain.'
                    : ' has one chain with only '.Span::hours($least).' to spare.'),
            "{$names}: ".Span::hours($minutes).' of work one after the other. A minute lost there is a minute late at the end of it; '.
                'lose it elsewhere.',
            ['slack_minutes' => $least],
        );
    }
}
