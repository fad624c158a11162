<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** Walking is shooting time: what can be taken on the way between two places is offered (common practice, no source). */
final class WalkJudge
{
    private const LEAST_MINUTES = 4;

    /** Who walks along is photographed there: scenes of people who go from one to the other. */
    private const OF_PEOPLE = '/\b(?:portrait|couple|first look|the two|walk|groups?|congratulat|ceremon)/iu';

    private const ON_THE_WAY = '/\b(?:on the way|walking)\b/iu';

    /**
     * @param  array<int, list<string>>  $shots  what is planned, by segment
     * @return list<Verdict>
     */
    public static function of(PlannedDay $day, array $shots): array
    {
        $verdicts = [];
        foreach ($day->handovers() as $handover) {
            $to = $handover->after;
            $minutes = $handover->from === null || $handover->to === null ? null : $day->walked($handover->from, $handover->to);
            if ($minutes === null || $minutes < self::LEAST_MINUTES || ! self::isOfPeople($handover->before, $to)) {
                continue;
            }
            if (array_filter($shots[$to->id] ?? [], static fn (string $what): bool => preg_match(self::ON_THE_WAY, $what) === 1) === []) {
                $verdicts[$to->id] = Verdict::mind(
                    'plan.walk',
                    "{$minutes} min on foot lie before {$to->title}, and no shot is planned on the way.",
                    'Walking is shooting time where the people walk along: from ahead, from behind, hand in hand; it takes no minute of its own.',
                    ['minutes' => $minutes],
                    new Remedy('shots.walk', 'Plan two on the way', ['segment' => $to->id]),
                );
            }
        }

        return array_values($verdicts);
    }

    /** Whether a shot is taken while one walks, and takes no minute of its segment. */
    public static function isOnTheWay(string $what, int $minutes): bool
    {
        return $minutes === 0 && preg_match(self::ON_THE_WAY, $what) === 1;
    }

    private static function isOfPeople(Segment $before, Segment $after): bool
    {
        return ! $after->isBreak && preg_match(self::OF_PEOPLE, $before->title) === 1 && preg_match(self::OF_PEOPLE, $after->title) === 1;
    }
}
