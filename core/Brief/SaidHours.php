<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;

/** From when and until when something holds, as a sentence says it: "after 16:00", "before 9 am", "between 10:00 and 11:30". */
final readonly class SaidHours
{
    private const HOUR = '(\d{1,2}[:.h]\d\d(?:\s?[ap]m)?|\d{1,2}\s?[ap]m)(?!\d)';

    /** What is earlier is of the night after the day (common practice, no source). */
    private const NIGHT = 240;

    private function __construct(public ?int $from, public ?int $to) {}

    /** Null where the sentence names no hours. */
    public static function in(string $sentence): ?self
    {
        $between = preg_match('/\bbetween '.self::HOUR.' and '.self::HOUR.'/iu', $sentence, $both) === 1;
        $from = $between ? $both[1] : self::found('after|from|since|as of', $sentence);
        $to = $between ? $both[2] : self::found('before|until|till|up to|by', $sentence);
        [$from, $to] = [self::minute($from), self::minute($to)];

        return $from === null && $to === null ? null : new self($from, $to);
    }

    /** Whether something that runs then, in minutes since midnight, meets them; what nobody knows the hour of does. */
    public function meet(?int $from, ?int $to): bool
    {
        return ($this->from === null || $to === null || $to > $this->from) && ($this->to === null || $from === null || $from < $this->to);
    }

    private static function found(string $words, string $sentence): ?string
    {
        return preg_match('/\b(?:'.$words.') '.self::HOUR.'/iu', $sentence, $found) === 1 ? $found[1] : null;
    }

    private static function minute(?string $typed): ?int
    {
        try {
            $minutes = $typed === null ? null : ClockTime::of(ClockTime::asTyped($typed))->minutes;

            return $minutes === null || $minutes >= self::NIGHT ? $minutes : $minutes + 1440;
        } catch (ImpossibleValue) {
            return null;
        }
    }
}
