<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Who of the list is not to be called, or stands in no picture by rule. */
final class WhoComes
{
    /** @return list<Verdict> who has died or does not come: in a group, or a word for whoever calls */
    public static function absent(Family $family, StandTime $now): array
    {
        $names = $family->named(Attendance::Absent);
        $called = array_values(array_filter($names, static fn (string $name): bool => isset($now->people[$name])));
        $in = array_filter($now->order, static fn (FamilyGroup $g): bool => array_intersect($g->people, $called) !== []);
        if ($called !== []) {
            return [
                Verdict::fix(
                    'people.absent-called',
                    Some::of($called, 4).Plural::of(count($called), ' is', ' are').' called, and will not be there.',
                    'The list says that they have died or do not come; they stand in '.
                        Some::of(array_map(static fn (FamilyGroup $g): string => "“{$g->title}”", array_values($in)), 3).'.',
                    ['people' => count($called)],
                    new Remedy('people.strike', Plural::of(count($called), 'Take the name out of the groups', 'Take the names out of the groups')),
                ),
            ];
        }

        return $names === [] ? [] : [
            Verdict::mind(
                'people.absent',
                'Nobody calls for '.Some::of($names, 4).'.',
                'The list says that they have died or do not come: no group by rule holds them, and nobody waits for them. Tell whoever calls '.
                    'the groups, so that nobody asks for them aloud.',
                ['people' => count($names)],
            ),
        ];
    }

    /** Who is there for the work and in no picture. */
    public static function atWork(Family $family, StandTime $now): string
    {
        $names = array_values(array_filter(
            $family->named(Attendance::Works),
            static fn (string $name): bool => ! isset($now->people[$name]),
        ));

        return $names === [] ? '' : ' '.Some::of($names, 4).Plural::of(count($names), ' is', ' are').
            ' there for the work, and in none: put them in where they are wanted.';
    }
}
