<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

use NorthSatchel\ImpossibleValue;

/** A time as the plan writes it: HH:MM, hours 00 to 47, from 24 on the next day's. */
final readonly class ClockTime
{
    private function __construct(public int $minutes) {}

    /** @throws ImpossibleValue when it is no such time */
    public static function of(string $clock): self
    {
        $parts = [];
        if (preg_match('/^([0-3]\d|4[0-7]):([0-5]\d)$/D', $clock, $parts) !== 1) {
            throw ImpossibleValue::of('clock', 'must be a time as HH:MM, hours 00 to 47');
        }

        return new self((int) $parts[1] * 60 + (int) $parts[2]);
    }

    /** A time as people type it (8, 8:00, 8.30, 0830, 8h30, 8:30 pm) in the form that the plan writes; anything else stays as it was. */
    public static function asTyped(string $typed): string
    {
        $parts = [];
        if (preg_match('/^\s*(\d{1,2})(?:\s*[:.h]\s*(\d\d)?|(\d\d))?\s*([ap])?\.?(?:m\.?)?\s*$/iD', $typed, $parts, PREG_UNMATCHED_AS_NULL) !== 1) {
            return $typed;
        }
        [, $hour, $split, $joined, $half] = $parts;
        $hour = (int) $hour;
        if ($half !== null && ($hour < 1 || $hour > 12)) {
            return $typed;
        }
        $hour = match (strtolower($half ?? '')) {
            'a' => $hour % 12,
            'p' => $hour % 12 + 12,
            default => $hour,
        };

        return sprintf('%02d:%s', $hour, $split ?? $joined ?? '00');
    }

    /** @throws ImpossibleValue before the first or after the last minute of the two days */
    public static function ofMinutes(int $minutes): self
    {
        if ($minutes < 0 || $minutes >= 48 * 60) {
            throw ImpossibleValue::of('clock', 'must lie between 00:00 and 47:59');
        }

        return new self($minutes);
    }

    public function plus(int $minutes): self
    {
        return self::ofMinutes($this->minutes + $minutes);
    }

    public function text(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minutes, 60), $this->minutes % 60);
    }

    /** As a watch shows it: 25:10 reads 01:10. */
    public function onTheFace(): string
    {
        return self::face($this->minutes);
    }

    /** The same of any minutes from midnight on, those beyond the second night too. */
    public static function face(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes % 1440, 60), $minutes % 60);
    }

    /**
     * A stored time of a plan as a clock shows it: 00:10, not 24:10.
     *
     * @throws ImpossibleValue where it is no time
     */
    public static function shown(string $clock): string
    {
        return self::face(self::of($clock)->minutes);
    }
}
