<?php

declare(strict_types=1);

namespace NorthSatchel;

/** Lists as people type or paste them: a line each, empty ones left out, dots and dashes before a line too; tabs between what a table gave. */
final class TypedLines
{
    private const TAB = 4;

    /** "Hang it 25 min", where nothing else parts the line. */
    private const LENGTH_AT_END = '/^(.*\p{L}[^:]*?)\s*(?:[-–—:]\s*|\s)((?:\d{1,3}\s*min(?:ute)?s?|\d{1,2}(?:[.,]\d)?\s*h(?:ours?)?)\.?)$/iu';

    /**
     * @param  bool  $hasNumbers  parted by semicolons where a line has one
     * @param  bool  $isDense  numbers follow each other: a comma between two of them parts them
     * @return list<TypedLine>
     *
     * @throws ImpossibleValue when there are too many
     */
    public static function of(string $text, string $field, int $most, bool $hasNumbers = false, bool $isDense = false): array
    {
        $lines = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $at => $line) {
            preg_match('/^([\s\x{a0}]*)(?:[-*•–]\s+)?(.*)$/su', $line, $found);
            $words = trim($found[2] ?? '');
            if ($words === '') {
                continue;
            }
            if (count($lines) === $most) {
                throw ImpossibleValue::of($field, "must be {$most} lines at most");
            }
            $between = match (true) {
                str_contains($words, "\t") => "\t",
                $hasNumbers && str_contains($words, ';') => ';',
                default => ',',
            };
            // "20 min: nice"
            $apart = (string) preg_replace('/:\s*(must|should|nice)$/iu', "{$between} $1", $words);
            $parts = self::parts($apart, $between, $isDense);
            if (count($parts) === 1 && preg_match(self::LENGTH_AT_END, $parts[0], $ends) === 1) {
                $parts = [$ends[1], $ends[2]];
            }
            $depth = mb_strlen(str_replace("\t", str_repeat(' ', self::TAB), $found[1] ?? ''));
            $lines[] = new TypedLine($field, $at + 1, $depth, $words, $parts === [] ? [$words] : $parts);
        }

        return $lines;
    }

    /**
     * What stands between the commas; within a number a comma is its point.
     *
     * @return list<string>
     */
    private static function parts(string $line, string $between, bool $isDense): array
    {
        $isComma = $between === ',' && ! $isDense;
        $parts = $isComma ? preg_split('/(?<!\d),|,(?!\d)/u', $line) ?: [] : explode($between === '' ? ',' : $between, $line);
        $parts = array_values(array_filter(array_map(trim(...), $parts), static fn (string $p): bool => $p !== ''));
        $numbers = static fn (string $part): string => (string) preg_replace('/(?<=\d),(?=\d)/', '.', $part);

        return [...array_slice($parts, 0, 1), ...array_map($numbers, array_slice($parts, 1))];
    }
}
