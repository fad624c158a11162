<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/**
 * What is wanted early, as it is typed, a line each: "Line-up ×3, by 19:05, from 18:50, 6 MB, worth 5"; and the gaps: "Half time, 18:25
 * to 18:35".
 */
final class SendText
{
    private const MOST_LINES = 100;

    private const MOST_PICTURES = 200;

    private const MOST_MB = 2000.0;

    private const GAP = '/^(.+?)(?:[,;]\s*|:\s+|\t|\s+(?=from\s+\d|\d{1,2}[:.]\d\d))(?:from\s+)?(\S+(?:\s[ap]m)?)\s*'.
        '(?:to|until|–|-|[,;])\s*(\S+(?:\s[ap]m)?)$/iu';

    /**
     * @return list<WantedPicture>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function pictures(string $text): array
    {
        $pictures = [];
        foreach (TypedLines::of($text, 'pictures', self::MOST_LINES, true) as $line) {
            [$what, $count] = self::counted($line->parts[0]);
            $due = $ready = $mb = null;
            $worth = 1;
            foreach ($line->rest() as $part) {
                $is = static fn (string $pattern): ?string => TypedLine::said($part, $pattern);
                if (($said = $is('/^(?:by|before|due(?: (?:at|by))?)\s+(.+)$/iu')) !== null) {
                    $due = $line->clock($said);
                } elseif (($said = $is('/^(?:from|after|ready(?: (?:at|from))?)\s+(.+)$/iu')) !== null) {
                    $ready = $line->clock($said);
                } elseif (($said = $is('/^(\d+(?:\.\d+)?)\s*mb(?: each)?$/i')) !== null) {
                    $mb = (float) $said;
                } elseif (($said = $is('/^(?:worth|value)\s+(\d{1,3})$/i')) !== null) {
                    $worth = (int) $said;
                } elseif (($said = $is('/^(\w+)\s+(?:pictures?|photos?|frames?)$/iu') ?? $is('/^[×x]\s*(\d+)$/u')) !== null
                    && ($many = TypedLine::count($said)) !== null) {
                    $count = max(1, $many);
                } else {
                    $line->refuse("“{$part}” is not understood: by 19:05, from 18:50, 6 MB, worth 5");
                }
            }
            if ($what === '' || $due === null || ($mb !== null && ($mb <= 0 || $mb > self::MOST_MB))) {
                $line->refuse(match (true) {
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
        foreach (TypedLines::of($text, 'gaps', self::MOST_LINES) as $line) {
            $found = [];
            if (preg_match(self::GAP, $line->text, $found) !== 1) {
                $line->refuse("“{$line->text}” is no gap: Half time, 18:25 to 18:35");
            }
            $gap = new WantedGap(trim($found[1]), $line->clock($found[2]), $line->clock($found[3]));
            if ($gap->to->minutes <= $gap->from->minutes) {
                $line->refuse("“{$gap->name}” ends before it begins; after midnight it is 24:10 and so on");
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
}
