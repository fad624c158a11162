<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A name in a drawing, whole: smaller, or in two lines, where it is wider than there is room. */
final readonly class FittedText
{
    /** A letter's width, in sizes of the text; wider than most. */
    private const LETTER = 0.55;

    /** Of two lines none is larger than so much of the usual size: both stand where one would. */
    private const TWO_LINES = 0.72;

    /** @var list<string> one or two */
    public array $lines;

    public float $size;

    /**
     * @param  float  $width  that there is, in units of the drawing
     * @param  float  $size  of the text where it fits
     * @param  bool  $mayPart  into two lines
     */
    public function __construct(string $text, float $width, float $size, bool $mayPart = true)
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        $one = min($size, self::fits($text, $width));
        $halves = $mayPart && $one < $size ? self::halves($text) : null;
        $two = $halves === null ? 0.0 : min(self::TWO_LINES * $size, ...array_map(
            static fn (string $line): float => self::fits($line, $width),
            $halves,
        ));
        [$this->lines, $this->size] = $halves !== null && $two > $one ? [$halves, round($two, 1)] : [[$text], round($one, 1)];
    }

    /** How far above or below the baseline of a single line each stands. */
    public function dy(int $line): float
    {
        return count($this->lines) === 1 ? 0.0 : round(($line - 0.55) * 1.05 * $this->size, 1);
    }

    private static function fits(string $text, float $width): float
    {
        return $width / (self::LETTER * max(1, mb_strlen($text)));
    }

    /** @return array{string, string}|null parted at the space that is nearest to the middle; null where there is none */
    private static function halves(string $text): ?array
    {
        $best = null;
        $words = explode(' ', $text);
        for ($i = 1; $i < count($words); $i++) {
            $parted = [implode(' ', array_slice($words, 0, $i)), implode(' ', array_slice($words, $i))];
            $longest = max(mb_strlen($parted[0]), mb_strlen($parted[1]));
            $best = $best === null || $longest < max(mb_strlen($best[0]), mb_strlen($best[1])) ? $parted : $best;
        }

        return $best;
    }
}
