<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Drawing\FittedLines;

/** A title written on a slip, whole: across below its time, or upright with its time in front; smaller where neither fits. */
final readonly class SlipTitle
{
    /** Of the condensed type, in sizes of it. */
    private const LETTER = 0.43;

    private const LETTER_UPRIGHT = 0.45;

    public const SIZE = 13.0;

    public const SIZE_UPRIGHT = 12.0;

    /** What the time and the edges take of the height. */
    private const HEAD = 23.0;

    private const MARGIN = 9.0;

    /** To both sides of what stands upright. */
    private const EDGES = 4.0;

    /** A slip that is narrower bears no words; they stand in the list below it. */
    private const NARROWEST = 12.0;

    /** For the time above it. */
    private const NARROWEST_ACROSS = 42.0;

    private const FEWEST_LETTERS = 5;

    private const MOST_LINES = 3;

    /** Null: nothing is written on it. */
    public ?FittedLines $text;

    public bool $isUpright;

    public function __construct(string $time, string $title, float $width, float $height)
    {
        if ($width < self::NARROWEST) {
            [$this->text, $this->isUpright] = [null, false];

            return;
        }
        $across = new FittedLines($title, max(1.0, $width - self::MARGIN), max(1.0, $height - self::HEAD), self::SIZE, self::LETTER);
        $upright = new FittedLines(
            "{$time} {$title}",
            max(1.0, $height - self::MARGIN),
            $width - self::EDGES,
            self::SIZE_UPRIGHT,
            self::LETTER_UPRIGHT,
        );
        $this->isUpright = $width < self::NARROWEST_ACROSS || ($across->size < self::SIZE && $upright->size > $across->size);
        $this->text = $this->isUpright ? $upright : $across;
    }

    /** At its usual size, in few lines. */
    public static function fitsAcross(string $title, float $width): bool
    {
        $letters = (int) floor(($width - self::MARGIN) / (self::LETTER * self::SIZE));
        $lines = FittedLines::broken($title, $letters);

        return $letters >= self::FEWEST_LETTERS && max(array_map(mb_strlen(...), $lines)) <= $letters && count($lines) <= self::MOST_LINES;
    }
}
