<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Who must not meet, and who is in no group. */
final class WhoIsWhere
{
    /** @return list<Verdict> names in the lines of the family of which nobody can tell whom they mean */
    public static function unclear(Family $family): array
    {
        return array_map(
            static fn (Unclear $u): Verdict => Verdict::fix(
                'people.unclear',
                "Who is “{$u->said}”?",
                "{$u->by} is {$u->what} “{$u->said}”: ".
                    ($u->mayBe === []
                        ? 'nobody in the list is called so. Until then nothing follows from it.'
                        : 'that may be '.implode(' or ', $u->mayBe).'. Write the name in full; until then nothing follows from it.'),
                ['may_be' => count($u->mayBe)],
                $u->mayBe === [] ? new Remedy('people.add', "Add {$u->said}", ['name' => $u->said]) : null,
            ),
            $family->unclear,
        );
    }

    /** @return list<Verdict> of whom it is known what they are, and not whose: no group of a side holds them by rule */
    public static function whose(Family $family): array
    {
        $bare = [];
        foreach ($family->people() as $person) {
            $isAsked = $person->relations === [] && ! $person->isOfTheCouple && $person->attendance === Attendance::Comes;
            $word = $isAsked ? FamilyText::bareRelation($person->name, $person->knownBy) : null;
            if ($word !== null) {
                $bare[] = "{$person->name} ({$word})";
            }
        }
        $couple = $family->couple();

        return $bare === [] || $couple === [] ? [] : [
            Verdict::mind(
                'people.whose',
                count($bare) === 1 ? 'Of one nobody knows whose family it is.' : 'Of '.count($bare).' people nobody knows whose family they are.',
                Some::of($bare, 6).': write the name behind it, such as “of '.$couple[0].'”; until then no group of a side holds '.
                    (count($bare) === 1 ? 'that one.' : 'them.'),
                ['people' => count($bare)],
            ),
        ];
    }

    /** @return list<Verdict> of several pairs that are kept apart: how far? It costs groups */
    public static function howFarApart(Family $family): array
    {
        $pairs = $family->apart();

        return count($pairs) < 2
            ? []
            : array_map(
                static fn (array $pair): Verdict => Verdict::mind(
                    'people.apart-how',
                    "{$pair[0]} and {$pair[1]}: never in one frame, or only not side by side?",
                    'Now no group holds both, so that some are taken twice. If they may stand in one frame with others between, the list '.
                        'gets shorter.',
                    [],
                    new Remedy('people.beside', 'Only not side by side', ['one' => $pair[0], 'other' => $pair[1]]),
                ),
                $pairs,
            );
    }

    /** @return list<Verdict> */
    public static function apart(Family $family, StandTime $now): array
    {
        $verdicts = [];
        foreach ($family->apart() as [$one, $other]) {
            $before = null;
            $meetings = [];
            foreach ($now->order as $group) {
                $has = [in_array($one, $group->people, true), in_array($other, $group->people, true)];
                if ($has === [true, true]) {
                    $verdicts[] = Verdict::stop(
                        'people.together',
                        "{$one} and {$other} are both in “{$group->title}”.",
                        'They are never to be in one frame: take one of them out, or split the group.',
                        [],
                        new Remedy('people.part', self::parting($family, $one, $other), ['one' => $one, 'other' => $other]),
                    );
                } elseif (
                    $before !== null &&
                    (($has[0] && in_array($other, $before->people, true)) || ($has[1] && in_array($one, $before->people, true)))
                ) {
                    $meetings[] = "“{$before->title}” and “{$group->title}”";
                }
                $before = $group;
            }
            $count = count($meetings);
            if ($count > 0) {
                $verdicts[] = Verdict::mind(
                    'people.meeting',
                    "{$one} and {$other} meet ".Plural::of($count, 'once', "{$count} times").' between two groups.',
                    "As the one goes out the other comes in, between {$meetings[0]}".
                        ($count > 1 ? ' and so on' : '').
                        ': put a group without both between, or let somebody lead one of them round.',
                    ['meetings' => $count],
                );
            }
        }

        return $verdicts;
    }

    private static function parting(Family $family, string $one, string $other): string
    {
        $gone = array_values(array_diff([$one, $other], $family->couple()));

        return count($gone) === 1 ? "Without {$gone[0]}" : 'Two groups, one without each';
    }

    /** @return list<Verdict> names that stand in groups, and not, or no more, in the list */
    public static function strangers(Family $family, StandTime $now): array
    {
        $names = array_values(array_filter(
            array_map(strval(...), array_keys($now->people)),
            static fn (string $name): bool => $family->person($name) === null,
        ));
        $in = array_values(array_filter(
            $now->order,
            static fn (FamilyGroup $g): bool => array_intersect($g->people, $names) !== [],
        ));

        return $names === [] ? [] : [
            Verdict::fix(
                'people.strangers',
                count($names) === 1 ? "{$names[0]} is in a group, and not in the list." : count($names).' names are in groups, and not in the list.',
                (count($names) === 1 ? '' : Some::of($names, 6).'. ').'In '.
                    Some::of(array_map(static fn (FamilyGroup $g): string => "“{$g->title}”", $in), 3).
                    ': they would be called, waited for and missed. Take them out of it, or put them on the list again.',
                ['people' => count($names)],
                new Remedy('people.strike', count($names) === 1 ? 'Take the name out of the groups' : 'Take the names out of the groups'),
            ),
        ];
    }

    /**
     * A group of that name holds everybody, or it is said who is not in it.
     *
     * @return list<Verdict>
     */
    public static function everybody(Family $family, StandTime $now): array
    {
        $all = array_map(static fn (Relative $r): string => $r->name, $family->guests());
        foreach ($now->order as $group) {
            $missing = array_values(array_diff($all, $group->people));
            if (mb_strtolower(trim($group->title)) !== 'everybody' || $missing === []) {
                continue;
            }
            $apart = array_values(array_filter($family->apart(), static fn (array $pair): bool => array_diff($pair, $all) === []));

            return [
                Verdict::mind(
                    'people.not-everybody',
                    '“'.$group->title.'” is not everybody: '.Some::of($missing, 4).Plural::of(count($missing), ' is', ' are').' not in it.',
                    'It holds '.count($group->people).', and '.count($all).' are on the list. '.
                        ($apart === []
                            ? 'Put them in, or give it another name.'
                            : "{$apart[0][0]} and {$apart[0][1]} are never in one frame: one without each, or another name for this one."),
                    ['people' => count($missing)],
                    $apart === [] ? new Remedy('people.everybody', Plural::of(count($missing), 'Put the one in', 'Put them in')) : null,
                ),
            ];
        }

        return [];
    }

    /** @return list<Verdict> */
    public static function forgotten(Family $family, StandTime $now): array
    {
        $none = array_values(
            array_filter(
                array_map(static fn (Relative $r): string => $r->name, $family->guests()),
                static fn (string $name): bool => ! isset($now->people[$name]),
            ),
        );
        $looked = Looked::at(count($family->guests()), 'person', 'people');
        if ($looked === null) {
            return [];
        }
        if ($none === []) {
            return [
                Verdict::fine(
                    'people.all-in',
                    'Everybody is in a group.',
                    "{$looked->words}, ".count($now->order).Plural::of(count($now->order), ' group.', ' groups.').WhoComes::atWork($family, $now),
                    $looked,
                ),
            ];
        }

        return [
            Verdict::fix(
                'people.forgotten',
                count($none) === 1 ? "{$none[0]} is in no group." : count($none).' people are in no group.',
                Some::of($none, 6).': once the family has gone, it is too late.',
                ['people' => count($none)],
                array_diff($none, ...array_map(static fn (FamilyGroup $g): array => $g->people, GroupRules::of($family))) === []
                    ? new Remedy('people.rules', 'Add the groups by rule')
                    : null,
            ),
        ];
    }
}
