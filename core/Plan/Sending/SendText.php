<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;

/**
 * What is wanted early, as it is typed, a line each: "Line-up ×3, by 19:05, from 18:50, 6 MB, worth 5"; and the gaps: "Half time, 18:25
 * to 18:35".
 */
final class SendText
{
    private const MOST_LINES = 100;

    private const MOST_PICTURES = 200;

    private const MOST_MB = 2000.0;

    /**
     * @return list<WantedPicture>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function pictures(string $text): array
    {
        $pictures = [];
        foreach (self::lines('pictures', $text) as $number => $line) {
            $parts = self::parts($line);
            [$what, $count] = self::counted(array_shift($parts) ?? '');
            $due = $ready = $mb = null;
            $worth = 1;
            foreach ($parts as $part) {
                $is = static fn (string $pattern): ?string => preg_match($pattern, $part, $found) === 1 ? $found[1] : null;
                if (($said = $is('/^(?:by|due)\s+(.+)$/iu')) !== null) {
                    $due = self::clock('pictures', $number, $said);
                } elseif (($said = $is('/^(?:from|ready)\s+(.+)$/iu')) !== null) {
                    $ready = self::clock('pictures', $number, $said);
                } elseif (($said = $is('/^(\d+(?:[.,]\d+)?)\s*mb$/i')) !== null) {
                    $mb = (float) str_replace(',', '.', $said);
                } elseif (($said = $is('/^worth\s+(\d{1,3})$/i')) !== null) {
                    $worth = (int) $said;
                } else {
                    self::refuse('pictures', $number, "“{$part}” is not understood: by 19:05, from 18:50, 6 MB, worth 5");
                }
            }
            if ($what === '' || $due === null || ($mb !== null && ($mb <= 0 || $mb > self::MOST_MB))) {
                self::refuse('pictures', $number, match (true) {
                    $what === '' => 'it does not say what is wanted',
                    $due === null => "it does not say by when “{$what}” is wanted: by 19:05",
                    default => 'a picture has more than 0 and at most '.self::MOST_MB.' MB',
                });
            }
            $pictures[] = new WantedPicture($what, $due, $ready, $count, $mb, $worth);
        }
        if (array_sum(array_map(static fn (WantedPicture $p): int => $p->count, $pictures)) > self::MOST_PICTURES) {
            throw ImpossibleValue::of('pictures', 'must be '.self::MOST_PICTURES.' pictures at most');
        }

        return $pictures;
    }

    /**
     * @return list<WantedGap>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function gaps(string $text): array
    {
        $gaps = [];
        foreach (self::lines('gaps', $text) as $number => $line) {
            $found = [];
            if (preg_match('/^(.+?)[,;]\s*(?:from\s+)?(\S+)\s*(?:to|until|–|-|[,;])\s*(\S+)$/iu', $line, $found) !== 1) {
                self::refuse('gaps', $number, "“{$line}” is no gap: Half time, 18:25 to 18:35");
            }
            $gap = new WantedGap(trim($found[1]), self::clock('gaps', $number, $found[2]), self::clock('gaps', $number, $found[3]));
            if ($gap->to->minutes <= $gap->from->minutes) {
                self::refuse('gaps', $number, "“{$gap->name}” ends before it begins; after midnight it is 24:10 and so on");
            }
            $gaps[] = $gap;
        }

        return $gaps;
    }

    /** @return array{string, int} what, and how many of it */
    private static function counted(string $said): array
    {
        $found = [];
        $isCounted = preg_match('/^(.*?)\s*[×x]\s*(\d{1,3})$/iu', $said, $found) === 1
            || preg_match('/^(?<n>\d{1,3})\s+(.+)$/u', $said, $found) === 1;
        if (! $isCounted) {
            return [$said, 1];
        }

        return isset($found['n']) ? [$found[2], max(1, (int) $found['n'])] : [$found[1], max(1, (int) $found[2])];
    }

    /** @return list<string> parted by commas, by semicolons where a number has a comma of its own */
    private static function parts(string $line): array
    {
        $parts = array_map(trim(...), explode(str_contains($line, ';') ? ';' : ',', $line));

        return array_values(array_filter($parts, static fn (string $part): bool => $part !== ''));
    }

    /**
     * @return array<int, string> by the number of the line
     *
     * @throws ImpossibleValue
     */
    private static function lines(string $field, string $text): array
    {
        $lines = array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: []), static fn (string $line): bool => $line !== '');
        if (count($lines) > self::MOST_LINES) {
            throw ImpossibleValue::of($field, 'must be '.self::MOST_LINES.' lines at most');
        }

        return array_combine(array_map(static fn (int $at): int => $at + 1, array_keys($lines)), $lines);
    }

    /** @throws ImpossibleValue */
    private static function clock(string $field, int $number, string $said): ClockTime
    {
        try {
            return ClockTime::of(ClockTime::asTyped(trim($said)));
        } catch (ImpossibleValue) {
            self::refuse($field, $number, "“{$said}” is no time of a clock");
        }
    }

    /** @throws ImpossibleValue */
    private static function refuse(string $field, int $line, string $why): never
    {
        throw ImpossibleValue::of($field, "must be read line by line: in line {$line}, {$why}");
    }
}
