<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** A title written on a slip: across where every word fits, else upright with its time in front. */
final readonly class SlipTitle
{
    /** Of the condensed type at the size of a slip. */
    private const LETTER_WIDTH = 5.6;

    private const LETTER_UPRIGHT = 5.4;

    private const LINE_HEIGHT = 14.0;

    /** What the time and the edges take of the height. */
    private const HEAD = 30.0;

    private const MARGIN = 9.0;

    private const NARROWEST_UPRIGHT = 12.0;

    private const MOST_LINES = 3;

    public function __construct(private string $time, private string $title, private float $width, private float $height) {}

    public static function fitsAcross(string $title, float $width): bool
    {
        $letters = (int) floor(($width - self::MARGIN) / self::LETTER_WIDTH);

        return $letters >= 5 &&
            max(array_map(mb_strlen(...), explode(' ', $title))) <= $letters &&
            count(self::lines($title, $letters)) <= self::MOST_LINES;
    }

    /** @return list<string> lines below the time; empty where it stands upright */
    public function across(): array
    {
        if (! self::fitsAcross($this->title, $this->width)) {
            return [];
        }
        $room = max(0, (int) floor(($this->height - self::HEAD) / self::LINE_HEIGHT) + 1);

        return array_slice(self::lines($this->title, (int) floor(($this->width - self::MARGIN) / self::LETTER_WIDTH)), 0, $room);
    }

    /** @return list<string> lines from bottom to top, the first with the time; empty where it lies across, or nothing fits */
    public function upright(): array
    {
        if ($this->width < self::NARROWEST_UPRIGHT || self::fitsAcross($this->title, $this->width)) {
            return [];
        }
        $letters = (int) floor(($this->height - self::MARGIN) / self::LETTER_UPRIGHT);
        $room = max(1, (int) floor($this->width / self::LINE_HEIGHT));
        $text = $room > 1 ? "{$this->time} {$this->title}" : $this->title;
        $lines = self::lines($text, $letters);
        $shown = array_slice($lines, 0, $room);
        $last = count($shown) - 1;
        if (count($lines) > $room && mb_strlen($shown[$last]) < $letters) {
            $shown[$last] .= '…';
        }

        return array_map(
            static fn (string $line): string => mb_strlen($line) > $letters ? mb_substr($line, 0, max(1, $letters - 1)).'…' : $line,
            $shown,
        );
    }

    /** @return non-empty-list<string> broken between words alone */
    public static function lines(string $text, int $letters): array
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
