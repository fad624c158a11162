<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;

/** Captions as they are typed, a line each: "18:42 k7 scores", "NSA_0123: the cup". */
final class CaptionText
{
    private const MOST_LINES = 2000;

    private const LONGEST = 1000;

    /**
     * @return list<CaptionLine>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $lines = preg_split('/\R/u', $text) ?: [];
        if (count($lines) > self::MOST_LINES) {
            throw ImpossibleValue::of('captions', 'must be '.self::MOST_LINES.' lines at most');
        }
        $read = [];
        foreach ($lines as $at => $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $found = [];
            if (preg_match('/^(\d{1,2}[:.]\d\d)(?:[:.](\d\d))?\s*[:,;–-]?\s+(\S.*)$/u', $line, $found) === 1) {
                $read[] = new CaptionLine($found[3], null, self::seconds($at + 1, $found[1], (int) $found[2]));
            } elseif (preg_match('/^(?=\w*\d{4})([A-Z0-9_]{4,12})(?:\.\w{3,4})?\s*[:,;–-]?\s+(\S.*)$/u', $line, $found) === 1) {
                $read[] = new CaptionLine($found[2], $found[1], null);
            } else {
                throw ImpossibleValue::of('captions', 'must be read line by line: line '.($at + 1).
                    ' begins with neither a time nor the name of a frame: 18:42 k7 scores');
            }
            if (mb_strlen($line) > self::LONGEST) {
                throw ImpossibleValue::of('captions', 'must be read line by line: line '.($at + 1).' is longer than '.self::LONGEST.' letters');
            }
        }

        return $read;
    }

    /** @throws ImpossibleValue */
    private static function seconds(int $line, string $clock, int $seconds): int
    {
        try {
            return 60 * ClockTime::of(ClockTime::asTyped($clock))->minutes + min(59, $seconds);
        } catch (ImpossibleValue) {
            throw ImpossibleValue::of('captions', "must be read line by line: in line {$line}, “{$clock}” is no time of a clock");
        }
    }
}
