<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;

/** The hour that a line names: "sparkler exit at 23:00", "cake by 9 pm", "19.30 toast of the godmother". */
final class NamedHour
{
    private const HOUR = '(?:[01]?\d|2\d)';

    private const HALF = '\s?[ap]\.?m\b\.?';

    private const MARKED = '/\b(?:at|by|from|around|about|ca\.?)\s+('.self::HOUR.'\s?[:.h]\s?[0-5]\d(?:'.self::HALF.')?|\d{1,2}'.self::HALF.')/iu';

    private const BARE = '/(?<![\d:.,\/])('.self::HOUR.':[0-5]\d(?:'.self::HALF.')?|\d{1,2}\s?[ap]m\b)(?!:?\d)/iu';

    private const FIRST = '/^('.self::HOUR.'[.h][0-5]\d)\s+\p{L}/u';

    private const DAY = 1440;

    /**
     * @param  int  $from  minutes since midnight at which the covered hours begin
     * @param  int  $to  at which they end, beyond 1440 after midnight: an hour before the first is then the next day's
     * @return int|null minutes since midnight of the job's day; null where no hour is named
     */
    public static function in(string $line, int $from, int $to): ?int
    {
        foreach ([self::MARKED, self::BARE, self::FIRST] as $pattern) {
            if (preg_match($pattern, $line, $found) === 1) {
                try {
                    $minutes = ClockTime::of(ClockTime::asTyped($found[1]))->minutes;
                } catch (ImpossibleValue) {
                    continue;
                }

                return $minutes < $from && $minutes + self::DAY - $to < $from - $minutes ? $minutes + self::DAY : $minutes;
            }
        }

        return null;
    }
}
