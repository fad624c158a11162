<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/**
 * A pasted shot list: a line a shot, as it is handed over at the gate. "Rings close, 5 min, 12 frames,
 * 85 mm, must" or only "Rings close"; bullets and numbers in front are dropped.
 */
final class ShotText
{
    public const MOST_LINES = 200;

    private const LONGEST = 160;

    /** @return list<array{what: string, priority: string, minutes: int, frames: int, focal_mm: int|null}> */
    public static function read(string $text): array
    {
        $lines = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            $line = trim((string) preg_replace('/^\s*(?:[-*•–]|\d{1,3}[.)])\s+/u', '', $line));
            if ($line !== '') {
                $lines[] = self::line($line);
            }
        }

        return $lines;
    }

    /** @return array{what: string, priority: string, minutes: int, frames: int, focal_mm: int|null} */
    private static function line(string $line): array
    {
        $shot = ['what' => '', 'priority' => Priority::Should->value, 'minutes' => 3, 'frames' => 10, 'focal_mm' => null];
        $words = [];
        foreach (preg_split('/[;,\t]/u', $line) ?: [] as $piece) {
            $piece = trim($piece);
            $found = [];
            if (preg_match('/^(\d{1,3})\s*(?:min|minutes?|m)$/iu', $piece, $found) === 1) {
                $shot['minutes'] = (int) $found[1];
            } elseif (preg_match('/^(\d{1,4})\s*(?:frames?|pictures?|x)$/iu', $piece, $found) === 1) {
                $shot['frames'] = (int) $found[1];
            } elseif (preg_match('/^(\d{1,4})\s*mm$/iu', $piece, $found) === 1 && (int) $found[1] >= 4 && (int) $found[1] <= 2000) {
                $shot['focal_mm'] = (int) $found[1];
            } elseif (Priority::tryFrom(mb_strtolower($piece)) !== null) {
                $shot['priority'] = mb_strtolower($piece);
            } elseif ($piece !== '') {
                $words[] = $piece;
            }
        }
        $shot['what'] = mb_substr($words === [] ? $line : implode(', ', $words), 0, self::LONGEST);

        return $shot;
    }
}
