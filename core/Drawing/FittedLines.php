<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A text in a box, whole: in as many lines as there is room for, and smaller where it must be. */
final readonly class FittedLines
{
    private const STEP = 0.5;

    /** Below it a text is in one line, as small as it comes. */
    private const SMALLEST = 3.0;

    /** From a line to the next, in sizes of the text. */
    private const LEADING = 1.08;

    /** @var non-empty-list<string> */
    public array $lines;

    public float $size;

    /**
     * @param  float  $width  that there is, in units of the drawing
     * @param  float  $size  of the text where it fits
     * @param  float  $letter  a letter's width, in sizes of the text
     */
    public function __construct(string $text, float $width, float $height, float $size, float $letter = 0.5)
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        for ($tried = $size; $tried >= self::SMALLEST; $tried -= self::STEP) {
            $letters = (int) floor($width / ($letter * $tried) + 1e-9);
            $lines = self::broken($text, $letters);
            if (max(array_map(mb_strlen(...), $lines)) <= $letters && self::heightOf(count($lines), $tried) <= $height + 1e-9) {
                [$this->lines, $this->size] = [$lines, $tried];

                return;
            }
        }
        $this->lines = [$text];
        $this->size = max(0.1, floor(10 * min(self::SMALLEST, $width / ($letter * max(1, mb_strlen($text))), $height)) / 10);
    }

    /** Of the line with that number below the first one, in units of the drawing. */
    public function dy(int $line): float
    {
        return round($line * self::LEADING * $this->size, 1);
    }

    /** Of the baseline of a line, where all of them stand around 0. */
    public function fromMiddle(int $line): float
    {
        return round($this->dy($line) - $this->height() / 2 + 0.8 * $this->size, 1);
    }

    /** From the top of the first line to the bottom of the last. */
    public function height(): float
    {
        return round(self::heightOf(count($this->lines), $this->size), 2);
    }

    private static function heightOf(int $lines, float $size): float
    {
        return $size + ($lines - 1) * self::LEADING * $size;
    }

    /** @return non-empty-list<string> between words alone */
    public static function broken(string $text, int $letters): array
    {
        $words = explode(' ', $text);
        $lines = [array_shift($words)];
        foreach ($words as $word) {
            $last = count($lines) - 1;
            $joined = $lines[$last].' '.$word;
            if (mb_strlen($joined) <= $letters) {
                $lines[$last] = $joined;
            } else {
                $lines[] = $word;
            }
        }

        return $lines;
    }
}
