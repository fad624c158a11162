<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

use NorthSatchel\Time\Priority;

/**
 * A pasted shot list, as it is handed over at the gate. A line a shot: "Rings close, 5 min, 12 frames,
 * 85 mm, must" or only "Rings close"; bullets and numbers in front are dropped, a line that ends with a
 * colon is the heading of those below it. Or a CSV table whose first line names its columns.
 */
final class ShotText
{
    public const MOST_LINES = 200;

    private const LONGEST = 160;

    private const COLUMNS = ['what', 'shot', 'segment', 'priority', 'minutes', 'frames', 'focal_mm', 'mm'];

    /** @return list<ReadShot> */
    public static function read(string $text): array
    {
        $rows = preg_split('/\R/u', trim($text, "\xEF\xBB\xBF \r\n")) ?: [];
        $columns = self::columns($rows[0] ?? '');
        if ($columns !== null) {
            return self::table($columns, array_slice($rows, 1));
        }
        $lines = [];
        $under = null;
        foreach ($rows as $line) {
            $line = trim((string) preg_replace('/^\s*(?:[-*•–]|\d{1,3}[.)])\s+/u', '', $line));
            if (preg_match('/^(.+):$/u', $line, $heading) === 1) {
                $under = mb_substr(trim($heading[1]), 0, self::LONGEST);
            } elseif ($line !== '') {
                $lines[] = self::line(preg_split('/[;,\t]/u', $line) ?: [], $line, $under);
            }
        }

        return $lines;
    }

    /** @return list<string>|null null when the line names no columns */
    private static function columns(string $line): ?array
    {
        $names = array_map(static fn (?string $name): string => mb_strtolower(trim((string) $name)), str_getcsv($line, escape: ''));
        $hasWhat = in_array('what', $names, true) || in_array('shot', $names, true);

        return $hasWhat && count($names) > 1 && count(array_intersect($names, self::COLUMNS)) > 1 ? $names : null;
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>  $rows
     * @return list<ReadShot>
     */
    private static function table(array $columns, array $rows): array
    {
        $lines = [];
        foreach ($rows as $row) {
            $cells = [];
            foreach (str_getcsv($row, escape: '') as $index => $cell) {
                $cells[$columns[$index] ?? ''] = trim((string) $cell);
            }
            $what = $cells['what'] ?? ($cells['shot'] ?? '');
            if ($what === '') {
                continue;
            }
            $pieces = array_filter([
                ($cells['minutes'] ?? '') === '' ? '' : $cells['minutes'].' min',
                ($cells['frames'] ?? '') === '' ? '' : $cells['frames'].' frames',
                ($cells['focal_mm'] ?? ($cells['mm'] ?? '')) === '' ? '' : ($cells['focal_mm'] ?? $cells['mm']).' mm',
                $cells['priority'] ?? '',
            ]);
            $under = $cells['segment'] ?? '';
            $lines[] = self::line($pieces, $what, $under === '' ? null : $under, $what);
        }

        return $lines;
    }

    /** @param  array<string>  $pieces */
    private static function line(array $pieces, string $whole, ?string $under, ?string $what = null): ReadShot
    {
        $priority = Priority::Should->value;
        [$minutes, $frames, $focalMm, $words] = [3, 10, null, []];
        foreach ($pieces as $piece) {
            $piece = trim($piece);
            $found = [];
            if (preg_match('/^(\d{1,3})\s*(?:min|minutes?|m)$/iu', $piece, $found) === 1) {
                $minutes = (int) $found[1];
            } elseif (preg_match('/^(\d{1,4})\s*(?:frames?|pictures?|x)$/iu', $piece, $found) === 1) {
                $frames = (int) $found[1];
            } elseif (preg_match('/^(\d{1,4})\s*mm$/iu', $piece, $found) === 1 && (int) $found[1] >= 4 && (int) $found[1] <= 2000) {
                $focalMm = (int) $found[1];
            } elseif (Priority::tryFrom(mb_strtolower($piece)) !== null) {
                $priority = mb_strtolower($piece);
            } elseif ($piece !== '') {
                $words[] = $piece;
            }
        }
        $what ??= $words === [] ? $whole : implode(', ', $words);

        return new ReadShot(mb_substr($what, 0, self::LONGEST), $priority, $minutes, $frames, $focalMm, $under);
    }
}
