<?php

declare(strict_types=1);

namespace NorthSatchel\People\Roster;

use NorthSatchel\ImpossibleValue;

/**
 * A roster as the organiser's list is: pasted from a table or a mail, columns in any order, with or without their names above. A line
 * without a number that ends with a colon names the team of those below it.
 */
final class RosterText
{
    private const MOST_LINES = 400;

    private const LONGEST_NAME = 80;

    private const COLUMNS = [
        'number' => ['number', 'no', 'no.', 'nr', 'nr.', '#', 'shirt', 'bib', 'start number', 'start no'],
        'first' => ['first name', 'first', 'given name', 'forename'],
        'last' => ['last name', 'last', 'surname', 'family name'],
        'name' => ['name', 'player', 'athlete', 'full name', 'rider', 'rower'],
        'position' => ['position', 'pos', 'pos.', 'role', 'seat'],
        'team' => ['team', 'club', 'side', 'crew', 'school'],
    ];

    private const POSITIONS = [
        'goalkeeper', 'keeper', 'goalie', 'gk', 'g', 'defender', 'back', 'df', 'd', 'midfielder', 'mf', 'm', 'centre', 'center', 'c', 'forward',
        'fw', 'f', 'striker', 'wing', 'winger', 'guard', 'setter', 'libero', 'bow', 'stroke', 'cox', 'captain', 'coach', 'reserve', 'referee',
    ];

    /**
     * @return list<RosterPlayer>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $rows = [];
        $team = '';
        $lines = preg_split('/\R/u', $text) ?: [];
        if (count($lines) > self::MOST_LINES) {
            throw ImpossibleValue::of('players', 'must be '.self::MOST_LINES.' lines at most');
        }
        $mark = self::mark($text);
        $columns = null;
        foreach ($lines as $at => $line) {
            $found = [];
            if (trim($line) === '') {
                continue;
            }
            if (preg_match('/^\s*([^\d\t;]{1,60}):\s*$/u', $line, $found) === 1) {
                $team = trim($found[1]);

                continue;
            }
            $cells = self::cells($line, $mark);
            $named = self::named($cells);
            if ($named !== null) {
                $columns = $named;

                continue;
            }
            $rows[$at + 1] = [$team, $cells];
        }
        // What is a name alone tells nothing of the columns of the others.
        $told = array_filter(array_column($rows, 1), static fn (array $cells): bool => count($cells) > 1);
        $columns ??= self::guessed(array_values($told) ?: array_column($rows, 1));
        $players = [];
        foreach ($rows as $number => [$team, $cells]) {
            $players[] = self::player($number, $team, $cells, $columns);
        }

        return $players;
    }

    /** @return non-empty-string */
    private static function mark(string $text): string
    {
        return str_contains($text, "\t") ? "\t" : (str_contains($text, ';') ? ';' : ',');
    }

    /**
     * @param  non-empty-string  $mark
     * @return list<string>
     */
    private static function cells(string $line, string $mark): array
    {
        $found = [];
        if (! str_contains($line, $mark) && preg_match('/^\s*#?(\d{1,4})[.)]?\s+(\S.*)$/u', $line, $found) === 1) {
            return [$found[1], trim($found[2])];
        }
        $cells = array_map(static fn (string $cell): string => trim($cell, " \u{A0}\""), explode($mark, $line));

        // "7 Anna Berg, goalkeeper": the number stands before the name.
        return preg_match('/^#?(\d{1,4})[.)]?\s+(\D.*)$/u', $cells[0], $found) === 1
            ? [$found[1], trim($found[2]), ...array_slice($cells, 1)]
            : $cells;
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, int>|null places of the columns by what they hold; null where these are no names of columns
     */
    private static function named(array $cells): ?array
    {
        $columns = [];
        foreach ($cells as $place => $cell) {
            foreach (self::COLUMNS as $what => $names) {
                if (in_array(mb_strtolower($cell), $names, true)) {
                    $columns[$what] ??= $place;
                }
            }
        }

        return isset($columns['name']) || isset($columns['last']) ? $columns : null;
    }

    /**
     * What each column holds, by what is in most of its cells.
     *
     * @param  list<list<string>>  $rows
     * @return array<string, int>
     */
    private static function guessed(array $rows): array
    {
        $width = $rows === [] ? 0 : max(array_map(count(...), $rows));
        $columns = [];
        $longest = [];
        for ($place = 0; $place < $width; $place++) {
            $cells = array_map(static fn (array $row): string => $row[$place] ?? '', $rows);
            $cells = array_values(array_filter($cells, static fn (string $c): bool => $c !== ''));
            $share = static fn (callable $is): float => $cells === [] ? 0.0 : count(array_filter($cells, $is)) / count($cells);
            if ($share(static fn (string $c): bool => self::number($c) !== null) > 0.5) {
                $columns['number'] ??= $place;
            } elseif ($share(static fn (string $c): bool => in_array(mb_strtolower($c), self::POSITIONS, true)) > 0.5) {
                $columns['position'] ??= $place;
            } elseif ($cells !== []) {
                // Names differ from line to line, teams come again.
                $longest[$place] = count(array_unique($cells)) / count($cells) + $share(static fn (string $c): bool => str_contains($c, ' '));
            }
        }
        arsort($longest);
        foreach (array_keys($longest) as $rank => $place) {
            $columns[$rank === 0 ? 'name' : 'team'] ??= $place;
        }

        return $columns;
    }

    private static function number(string $cell): ?int
    {
        return preg_match('/^#?(\d{1,4})\.?$/', $cell, $found) === 1 ? (int) $found[1] : null;
    }

    /**
     * @param  list<string>  $cells
     * @param  array<string, int>  $columns
     *
     * @throws ImpossibleValue
     */
    private static function player(int $line, string $team, array $cells, array $columns): RosterPlayer
    {
        // A line with a name alone, among others with numbers.
        if (count($cells) === 1 && self::number($cells[0]) === null && ! isset($columns['first'])) {
            $columns = ['name' => 0];
        }
        $of = static fn (string $what): string => isset($columns[$what]) ? $cells[$columns[$what]] ?? '' : '';
        $name = trim($of('name') !== '' ? $of('name') : $of('first').' '.$of('last'));
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME || self::number($name) !== null) {
            throw ImpossibleValue::of('players', "must be read line by line: in line {$line} there is no name");
        }
        $number = $of('number');
        if ($number !== '' && self::number($number) === null) {
            throw ImpossibleValue::of('players', "must be read line by line: in line {$line}, “{$number}” is no number of a shirt");
        }

        return new RosterPlayer($of('team') !== '' ? $of('team') : $team, self::number($number), $name, $of('position'));
    }
}
