<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is nobody forgotten, does nobody stand about, do estranged people stay apart, and does it fit its time? */
final class FormalsJudge
{
    /** Person-minutes that are worth another order. */
    private const WORTH_MINUTES = 10.0;

    /**
     * @param  StandTime  $now  the groups in their order
     * @param  StandTime|null  $best  in the order with the least waiting
     * @param  FormalsSegment|null  $segment  of the plan, in which they are
     *     called
     * @param  FormalsSegment|null  $likely  where none is chosen, the one whose title speaks of groups
     */
    public static function of(
        Family $family,
        StandTime $now,
        ?StandTime $best,
        ?FormalsSegment $segment,
        LocalDay $day,
        ?FormalsSegment $likely = null,
    ): Verdicts {
        if ($family->people() === []) {
            return new Verdicts([
                Verdict::mind(
                    'people.nobody',
                    'Nobody is named yet.',
                    'Enter the family once, a line a person; the list of groups follows from it.',
                ),
            ]);
        }
        if ($family->couple() === []) {
            return new Verdicts([
                Verdict::fix(
                    'people.no-couple',
                    'Who are the two?',
                    'Write bride, groom or couple after their names: the groups are laid out around them.',
                ),
            ]);
        }
        $looked = Looked::at(count($now->order), 'group');
        if ($looked === null) {
            return new Verdicts([
                Verdict::fix(
                    'people.no-groups',
                    'There is no list of groups yet.',
                    count($family->guests()).' people can be called, and a family like this one has groups by rule.',
                    [],
                    new Remedy('people.rules', 'Make the list by rule'),
                ),
            ]);
        }

        return new Verdicts([
            ...WhoIsWhere::unclear($family),
            ...WhoIsWhere::howFarApart($family),
            ...WhoIsWhere::apart($family, $now),
            ...WhoIsWhere::strangers($family, $now),
            ...WhoComes::absent($family, $now),
            ...WhoIsWhere::forgotten($family, $now),
            ...WhoIsWhere::everybody($family, $now),
            ...self::fit($now, $segment, $day, $looked, $likely),
            ...Leaving::verdicts($family, $now, $segment, $day),
            ...self::precedence($family, $now),
            ...self::order($now, $best, $looked),
            ...self::told($family),
            self::blinks($now),
        ]);
    }

    /**
     * @return list<Verdict>
     */
    private static function fit(StandTime $now, ?FormalsSegment $segment, LocalDay $day, Looked $looked, ?FormalsSegment $likely): array
    {
        $minutes = (int) ceil($now->totalMinutes);
        if ($segment === null) {
            return [
                Verdict::mind(
                    'people.no-segment',
                    "The groups take {$minutes} min, and no segment of the plan is theirs.",
                    'Name one below, and its minutes are held against these.',
                    ['minutes' => $minutes],
                    $likely === null ? null : new Remedy('people.during', "Call them during {$likely->title}", ['formals_segment_id' => $likely->id]),
                ),
            ];
        }
        $over = $minutes - $segment->minutes;
        if ($over > 0) {
            return [
                Verdict::fix(
                    'people.too-long',
                    "The groups take {$minutes} min, “{$segment->title}” has {$segment->minutes}.",
                    count($now->order)." groups with placing, frames and change-overs: {$over} min too many.",
                    ['over_minutes' => $over],
                    new Remedy('segment.shorten', "Give it {$minutes} min", ['segment' => $segment->id, 'minutes' => $minutes]),
                ),
            ];
        }

        return [
            Verdict::fine(
                'people.fits',
                "The groups fit into “{$segment->title}”.",
                "{$minutes} of {$segment->minutes} min, from {$day->face($segment->startsAt)} to {$day->face(
                    $segment->startsAt + 60 * $minutes,
                )}.",
                $looked,
                ['minutes' => $minutes],
            ),
        ];
    }

    /** @return list<Verdict> */
    private static function precedence(Family $family, StandTime $now): array
    {
        $verdicts = [];
        $titles = array_map(static fn (FamilyGroup $g): string => $g->title, $now->order);
        $isAnyOther = false;
        foreach ($now->order as $index => $group) {
            if ($group->after !== null && array_search($group->after, $titles, true) > $index) {
                $verdicts[] = Verdict::fix(
                    'people.precedence',
                    "“{$group->title}” is to come after “{$group->after}”, and comes before it.",
                    'It stands at number '.
                        ($index + 1).
                        ', the other at '.
                        (1 + (int) array_search($group->after, $titles, true)).
                        '.',
                    [],
                    new Remedy('people.order', 'Put it after', ['school' => School::AsListed->value]),
                );
            }
            $isHurried = Precedence::isHurried($group, $family);
            $isForCeremony = array_filter($group->people, static fn (string $n): bool => $family->person($n)->isForCeremonyOnly ?? false) !== [];
            if ($isForCeremony && $isAnyOther && $group->after === null) {
                $who = implode(
                    ', ',
                    array_filter($group->people, static fn (string $name): bool => $family->person($name)->isForCeremonyOnly ?? false),
                );
                $verdicts[] = Verdict::fix(
                    'people.ceremony-only',
                    "{$who}: there for the ceremony only, and called as number ".($index + 1).'.',
                    "“{$group->title}” starts ".round($now->groups[$index]->from).' min after the first; by then they may have gone.',
                    ['minutes' => $now->groups[$index]->from],
                    new Remedy('people.order', 'Call them first', ['school' => School::AsListed->value]),
                );
            }
            $isAnyOther = $isAnyOther || ! $isHurried;
        }

        return $verdicts;
    }

    /** @return list<Verdict> */
    private static function order(StandTime $now, ?StandTime $best, Looked $looked): array
    {
        if ($best === null || count($now->order) < 2) {
            return [];
        }
        $saved = round($now->waiting - $best->waiting, 1);
        if ($saved < self::WORTH_MINUTES) {
            return [
                Verdict::fine(
                    'people.order',
                    'No other order spares much waiting.',
                    "In this one people wait {$now->waiting} person-minutes, the old and the very young counted more".
                        ($saved > 0 ? "; in the best of those that were computed {$best->waiting}, {$saved} less: not worth another list." : '.'),
                    $looked,
                    ['waiting' => $now->waiting],
                ),
            ];
        }

        return [
            Verdict::mind(
                'people.order',
                "Another order spares {$saved} person-minutes of waiting.",
                "Now {$now->waiting}, then {$best->waiting}; and {$now->totalMinutes} min in all against {$best->totalMinutes}.",
                ['saved' => $saved],
                new Remedy('people.order', 'Take that order', ['school' => School::LeastWaiting->value]),
            ),
        ];
    }

    /** @return list<Verdict> */
    private static function told(Family $family): array
    {
        $not = array_filter($family->guests(), static fn (Relative $r): bool => ! $r->isTold && ! $r->isOfTheCouple);

        return $not === []
            ? []
            : [
                Verdict::mind(
                    'people.not-told',
                    Plural::of(count($not), reset($not)->name.' is', count($not).' people are').' not marked as told where to be and when.',
                    'A relative who is missing when called costs two minutes and everybody’s patience. Write told after a name once '.
                        'it is done.',
                    ['people' => count($not)],
                ),
            ];
    }

    private static function blinks(StandTime $now): Verdict
    {
        $biggest = null;
        foreach ($now->groups as $row) {
            $biggest = $biggest === null || count($row->group->people) > count($biggest->group->people) ? $row : $biggest;
        }
        $people = $biggest === null ? 0 : count($biggest->group->people);
        $frames = $biggest->frames ?? 0;
        $title = $biggest === null ? '' : $biggest->group->title;
        $chance = round(100 * FramesNeeded::of(max(1, $people), true, 0.5, 1 / 200)->chancePerFrame);

        return Verdict::mind(
            'people.blinks',
            "Take {$frames} frames of “{$title}”.",
            "With {$people} people nobody blinks in {$chance} of 100 frames (ten blinks a minute of a quarter of a second ".
                "each); {$frames} frames hold one with all eyes open in 95 of 100 cases.",
            ['frames' => $frames],
        );
    }
}
