<?php

declare(strict_types=1);

namespace NorthSatchel;

/** Lists as people type or paste them: a line each, empty ones left out, dots and dashes before a line too; tabs between what a table gave. */
final class TypedLines
{
    private const TAB = 4;

    /**
     * @param  bool  $hasNumbers  parted by semicolons where a line has one, for its numbers may have commas of their own
     * @return list<TypedLine>
     *
     * @throws ImpossibleValue when there are too many
     */
    public static function of(string $text, string $field, int $most, bool $hasNumbers = false): array
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
            $parts = array_values(array_filter(array_map(trim(...), explode($between, $apart)), static fn (string $p): bool => $p !== ''));
            $depth = mb_strlen(str_replace("\t", str_repeat(' ', self::TAB), $found[1] ?? ''));
            $lines[] = new TypedLine($field, $at + 1, $depth, $words, $parts === [] ? [$words] : $parts);
        }

        return $lines;
    }
}
