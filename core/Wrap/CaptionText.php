<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLines;

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
        $read = $known = [];
        foreach (TypedLines::of($text, 'captions', self::MOST_LINES) as $line) {
            $found = [];
            if (preg_match('/^(\d{1,2}[:.]\d\d)(?:[:.](\d\d))?(\s?[ap]\.?m\.?)?\s*[:,;–-]?\s+(\S.*)$/iu', $line->text, $found) === 1) {
                $read[] = new CaptionLine($found[4], null, 60 * $line->clock($found[1].$found[3])->minutes + min(59, (int) $found[2]));
            } elseif (preg_match('/^(?=\w*\d{4})([A-Z0-9_]{4,12})(?:\.\w{3,4})?\s*[:,;–-]?\s+(\S.*)$/u', $line->text, $found) === 1) {
                $read[] = new CaptionLine($found[2], $found[1], null);
            } else {
                $line->refuse('there is neither a time nor the name of a frame at its beginning: 18:42 k7 scores');
            }
            $last = $read[count($read) - 1];
            $key = $last->frame ?? "the second {$last->seconds}";
            if (isset($known[$key])) {
                $line->refuse("{$found[1]} has a line already, line {$known[$key]}");
            }
            $known[$key] = $line->number;
            if (mb_strlen($line->text) > self::LONGEST) {
                $line->refuse('there are more than '.self::LONGEST.' letters');
            }
        }

        return $read;
    }
}
