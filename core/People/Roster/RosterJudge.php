<?php

declare(strict_types=1);

namespace NorthSatchel\People\Roster;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Can a name be wrong (M24)? Two with one number, nobody's line-up. */
final class RosterJudge
{
    private const MOST_NAMED = 3;

    public static function of(Roster $roster): Verdicts
    {
        if ($roster->players === []) {
            return new Verdicts([
                Verdict::mind('roster.none', 'No roster is here yet.', 'Paste the list of the organiser as it is, columns in any order.'),
            ]);
        }
        $found = [...self::twice($roster), ...self::lineUp($roster)];
        $numbered = array_filter($roster->players, static fn (RosterPlayer $p): bool => $p->number !== null);
        $looked = Looked::at(count($numbered), 'number');
        $without = count($roster->players) - count($numbered);
        if ($without > 0) {
            $found[] = Verdict::mind(
                'roster.no-number',
                Plural::of($without, '1 name has no number.', "{$without} names have no number."),
                'They have no code and are typed in full.',
                ['names' => $without],
            );
        }
        $nameless = array_filter($roster->players, static fn (RosterPlayer $p): bool => ! $p->mayBeNamed);
        if ($nameless !== []) {
            $found[] = Verdict::mind(
                'roster.no-consent',
                count($nameless) === 1 ? '1 person is not to be named.' : count($nameless).' people are not to be named.',
                'A caption with such a name waits, and its sidecar says only where and when it was.',
                ['people' => count($nameless)],
            );
        }
        if ($found === [] && $looked !== null) {
            $found[] = Verdict::fine(
                'roster.ready',
                'Every number is one person.',
                "{$looked->words} of ".count($roster->codes).Plural::of(count($roster->codes), ' team', ' teams').', with today\'s line-up.',
                $looked,
            );
        }

        return new Verdicts($found);
    }

    /** @return list<Verdict> */
    private static function twice(Roster $roster): array
    {
        $by = [];
        foreach ($roster->players as $player) {
            if ($player->number !== null) {
                $by["{$player->team} {$player->number}"][] = $player;
            }
        }
        $found = [];
        foreach (array_slice(array_filter($by, static fn (array $of): bool => count($of) > 1), 0, self::MOST_NAMED) as $of) {
            $names = implode(' and ', array_map(static fn (RosterPlayer $p): string => $p->name, $of));
            $found[] = Verdict::fix(
                'roster.twice',
                "{$names} have one number.",
                ($of[0]->team === '' ? '' : "{$of[0]->team}, ")."number {$of[0]->number}: its code is left as it is typed until one of them has ".
                    'another.',
                ['number' => $of[0]->number],
            );
        }

        return $found;
    }

    /** @return list<Verdict> */
    private static function lineUp(Roster $roster): array
    {
        $unknown = [];
        foreach ($roster->players as $player) {
            if ($player->isToday === null) {
                $unknown[$player->team] = true;
            }
        }
        $teams = array_filter(array_map(strval(...), array_keys($unknown)));

        return $unknown === []
            ? []
            : [
                Verdict::mind(
                    'roster.no-line-up',
                    'Who plays today is not known'.($teams === [] ? '' : ' of '.Some::of($teams, self::MOST_NAMED)).'.',
                    'An hour before it begins the numbers are typed in; until then a name in a caption may be of somebody who sits at home.',
                    ['teams' => count($unknown)],
                ),
            ];
    }
}
