<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/**
 * A pasted shot list, as it is handed over at the gate. A line a shot: "Rings close, 5 min, 12 frames,
 * 85 mm, must" or only "Rings close"; bullets and numbers in front are dropped, a line that ends with a
 * colon is the heading of those below it. Or a CSV table whose first line names its columns.
 */
final class ShotText
{
    public const MOST_LINES = 1000;

    private const LONGEST = 160;

    private const BULLET = '/^\s*(?:[-*•–·▪‣☐☑☒□✓✔]|\d{1,3}[.)]|\[[ x]?\])\s+/u';

    /** A comma between two digits is that of a number. */
    private const BETWEEN = '/[;\t]|,(?!\d)|(?<!\d),/u';

    /** What stands between asterisks. */
    private const STRESS = '/(?<![*\p{L}])\*{1,2}([^*\s](?:[^*]*[^*\s])?)\*{1,2}(?![*\p{L}])/u';

    /** Parts of a day that are no pictures (common practice, no source). */
    private const PARTS = '/^(?:(?:the )?(?:ceremony|church|(?:drinks |evening )?reception|cocktail hour|getting ready|prep(?:aration)?s?|speeches|'.
        'toasts|(?:family |group |couple(?:[’\']?s)? |bridal )?(?:formals|portraits?|session|photos)|family groups|dinner|wedding breakfast|'.
        'party|evening|arrivals?))$/iu';

    private const MOST_WORDS_OF_A_HEADING = 6;

    /** Words of a light, as the plan has it; "no flash" asks for none. */
    private const LIGHTS = [
        'flash' => '/(?<!no )(?<!without )\b(?:flash(?:es)?|strobes?|lit from behind)\b/iu',
        'against' => '/\b(?:silhouettes?|back[- ]?lit|against the (?:light|sun)|into the sun|rim light)\b/iu',
        'shade' => '/\bopen shade\b/iu',
        'side' => '/\bside ?light\b/iu',
    ];

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
        foreach ($rows as $index => $line) {
            $heading = self::heading($line, trim($rows[$index - 1] ?? ''), $rows[$index + 1] ?? '');
            $line = trim((string) preg_replace([self::BULLET, self::STRESS], ['', '$1'], $line));
            if ($heading !== null) {
                $under = mb_substr($heading, 0, self::LONGEST);
            } elseif ($line !== '') {
                $lines[] = self::line(preg_split(self::BETWEEN, $line) ?: [], $line, $under);
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
        $read = new ShotPieces();
        foreach ($pieces as $piece) {
            $read->take(trim($piece));
        }
        $what ??= $read->words() ?? $whole;
        $what = mb_substr($what, 0, self::LONGEST);

        return new ReadShot(
            $what,
            $read->priority,
            $read->minutes,
            $read->frames,
            $read->focalMm,
            $under,
            $read->distance,
            self::light($what),
            $read->empty,
            $read->height,
            $read->side,
        );
    }

    /** The light that its words ask for; null where they name none. */
    private static function light(string $what): ?string
    {
        foreach (self::LIGHTS as $light => $words) {
            if (preg_match($words, $what) === 1) {
                return $light;
            }
        }

        return null;
    }

    /**
     * The words of a line that heads those below it: it ends with a colon, is marked as one, is all in capitals, or stands alone
     * above a list with bullets.
     */
    private static function heading(string $line, string $before, string $after): ?string
    {
        $isBullet = static fn (string $l): bool => preg_match(self::BULLET, $l) === 1;
        $plain = trim($line);
        if (preg_match('/^#{1,6}\s*(.+?)\s*#*$/u', $plain, $found) === 1 || preg_match('/^\*\*(.+?)\*\*:?$/u', $plain, $found) === 1) {
            return trim($found[1], ' :');
        }
        if (preg_match('/^(.+?)\s*:$/u', trim((string) preg_replace(self::BULLET, '', $line)), $found) === 1) {
            return $found[1];
        }
        $isShort = $plain !== '' && preg_match('/[,;\t]/u', $plain) !== 1 && count(explode(' ', $plain)) <= self::MOST_WORDS_OF_A_HEADING;
        $words = trim((string) preg_replace('/\s*[~(–-].*$/u', '', $plain));
        $isCapitals = preg_match('/\p{Lu}{3}/u', $words) === 1 && preg_match('/\p{Ll}/u', $words) !== 1;
        $isPart = preg_match(self::PARTS, $words) === 1 && trim($after) !== '' && preg_match(self::PARTS, trim($after)) !== 1;
        $isAboveAList = ! $isBullet($line) && $isBullet($after) && ($before === '' || $isBullet($before));

        return $isShort && ! $isBullet($line) && ($isCapitals || $isAboveAList || $isPart) ? $plain : null;
    }
}
