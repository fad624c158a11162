<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Remedy;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** When does somebody leave, and is there an order in which they are free by then? */
final class Leaving
{
    private const A_DAY_S = 86400;

    /** Who leaves at a clock time so long before the groups leaves on the next day. */
    private const HALF_A_DAY_S = 43200;

    /** Unix seconds; null for who stays. A time of the small hours is that of the night after. */
    public static function at(Relative $person, FormalsSegment $segment, LocalDay $day): ?int
    {
        if ($person->leavesAt === null) {
            return null;
        }
        try {
            $at = $day->instantOf(ClockTime::of($person->leavesAt));
        } catch (ImpossibleValue) {
            return null;
        }

        return $at < $segment->startsAt - self::HALF_A_DAY_S ? $at + self::A_DAY_S : $at;
    }

    /**
     * The names of those who leave before the groups are all taken: theirs come first.
     *
     * @param  float  $minutes  of all groups
     * @return list<string>
     */
    public static function early(Family $family, FormalsSegment $segment, LocalDay $day, float $minutes): array
    {
        $over = $segment->startsAt + (int) ceil(60 * $minutes);
        $early = array_filter($family->guests(), static fn (Relative $r): bool => ($at = self::at($r, $segment, $day)) !== null && $at < $over);

        return array_values(array_map(static fn (Relative $r): string => $r->name, $early));
    }

    /** The groups with that person first; null where they are not free in time even then. */
    public static function order(Relative $person, Family $family, StandTime $now, FormalsSegment $segment, LocalDay $day): ?StandTime
    {
        $leaves = self::at($person, $segment, $day);
        $order = CallOrders::by(School::AsListed, $now->order, $family->hurrying([$person->name]), $now->isGathered);
        $stand = new StandTime($order, $family, $now->isGathered);
        $free = $stand->people[$person->name]['free'] ?? null;

        return $leaves === null || $free === null || $segment->startsAt + (int) ceil($free * 60) > $leaves ? null : $stand;
    }

    /**
     * @return list<Verdict>
     */
    public static function verdicts(Family $family, StandTime $now, ?FormalsSegment $segment, LocalDay $day): array
    {
        if ($segment === null) {
            return [];
        }
        $verdicts = [];
        foreach ($family->guests() as $person) {
            $free = $now->people[$person->name]['free'] ?? null;
            $leaves = self::at($person, $segment, $day);
            if ($leaves === null || $free === null) {
                continue;
            }
            $freeAt = $segment->startsAt + (int) ceil($free * 60);
            if ($freeAt > $leaves) {
                $inTime = self::order($person, $family, $now, $segment, $day) !== null;
                $verdicts[] = Verdict::fix(
                    'people.leaves',
                    "{$person->name} leaves at {$person->leavesAt}, and is needed until {$day->face($freeAt)}.",
                    $inTime
                        ? 'Called before the others they are free in time.'
                        : 'Not even called first they are free in time: take their groups before the ceremony.',
                    ['minutes' => (int) ceil(($freeAt - $leaves) / 60)],
                    $inTime ? new Remedy('people.order', 'Call them first', ['school' => School::AsListed->value]) : null,
                );
            }
        }

        return $verdicts;
    }
}
