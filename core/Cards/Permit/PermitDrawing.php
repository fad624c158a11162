<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Some;

/**
 * The card in the middle, a line from it to each medium; where every file lies there by content it is whole, else it is broken
 * and the files that are missing stand beside it by name.
 */
final readonly class PermitDrawing
{
    public const WIDTH = 480;

    private const ROW = 92;

    private const CARD_HALF = 48;

    private const ARM = 42;

    private const NAMED = 3;

    /** @param  list<PermitLine>  $lines */
    private function __construct(public array $lines, public int $height, public string $inWords) {}

    /**
     * @param  array<string, mixed>  $paper  as PermitPaper writes it
     */
    public static function of(array $paper): self
    {
        [$bags, $files] = [self::rows($paper['bags'] ?? null), self::rows($paper['files'] ?? null)];
        $counted = array_values(array_filter($files, static fn (array $f): bool => ($f['given_up'] ?? false) !== true));
        $media = [];
        foreach ($bags as $index => $bag) {
            $media[self::text($bag['medium'] ?? null)][] = $index;
        }
        ksort($media, SORT_STRING);
        $rows = max(1, intdiv(count($media) + 1, 2));
        $height = $rows * self::ROW + 40;
        $middle = self::WIDTH / 2;
        $lines = [];
        foreach (array_values($media) as $number => $of) {
            $missing = array_values(
                array_filter(
                    $counted,
                    static fn (array $f): bool => ! is_array($f['on'] ?? null) ||
                        array_filter($f['on'], static fn (mixed $on): bool => in_array($on, $of, true)) === [],
                ),
            );
            $side = $number % 2 === 0 ? -1 : 1;
            $lines[] = new PermitLine(
                place: implode(', ', array_unique(array_map(static fn (int $i): string => self::text($bags[$i]['place'] ?? null), $of))),
                medium: self::text($bags[$of[0]]['medium'] ?? null),
                files: count($counted) - count($missing),
                of: count($counted),
                missing: array_map(static fn (array $f): string => basename(self::text($f['name'] ?? null)), $missing),
                readAt: self::text($bags[$of[0]]['read_at'] ?? null) ?: null,
                x1: $middle + $side * self::CARD_HALF,
                y1: $height / 2,
                x2: $middle + $side * (self::CARD_HALF + self::ARM),
                y2: 20 + self::ROW * (intdiv($number, 2) + 0.5),
                anchor: $side < 0 ? 'end' : 'start',
            );
        }
        $words = array_map(
            static fn (PermitLine $l): string => $l->isWhole()
                ? "all {$l->of} files lie on {$l->place}"
                : "{$l->files} of {$l->of} files lie on {$l->place}, not ".Some::of($l->missing, self::NAMED),
            $lines,
        );

        return new self(
            $lines,
            (int) $height,
            $words === [] ? 'Nothing of the card lies anywhere else.' : ucfirst(implode('; ', $words)).'.',
        );
    }

    /** @return list<array<array-key, mixed>> */
    private static function rows(mixed $rows): array
    {
        return array_values(array_filter(is_array($rows) ? $rows : [], is_array(...)));
    }

    private static function text(mixed $text): string
    {
        return is_string($text) ? $text : '';
    }
}
