<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\TypedLine;

/** What the columns of a plan say that another program wrote. */
final class PlanColumns
{
    /** Names that other tables have for a column. */
    public const ALSO = [
        'begin' => 'start', 'begins' => 'start', 'from' => 'start', 'time' => 'start', 'start time' => 'start',
        'to' => 'end', 'until' => 'end', 'ends' => 'end', 'end time' => 'end',
        'min' => 'minutes', 'duration' => 'minutes', 'length' => 'minutes', 'duration (min)' => 'minutes',
        'what' => 'segment', 'title' => 'segment', 'event' => 'segment', 'activity' => 'segment', 'subject' => 'segment',
        'where' => 'place', 'location' => 'place', 'who' => 'photographer', 'lane' => 'photographer',
    ];

    private const LANES = ['' => 'lead', 'first' => 'lead', '1' => 'lead', '1st' => 'lead', '2' => 'second', '2nd' => 'second'];

    /** How long it takes: said, or told by when it ends; 0 where neither can be read. */
    public static function minutes(string $said, string $start, string $end): int
    {
        if ($said !== '') {
            return ctype_digit($said) ? (int) $said : TypedLine::minutes($said) ?? 0;
        }
        try {
            $minutes = ClockTime::of(ClockTime::asTyped($end))->minutes - ClockTime::of($start)->minutes;
        } catch (ImpossibleValue) {
            return 0;
        }

        return $minutes < 0 ? $minutes + 1440 : $minutes;
    }

    /** Whose it is, the lead's where nothing is said; null where it is nobody who is known. */
    public static function lane(string $said): ?string
    {
        $word = (string) preg_replace('/ ?photographer$/u', '', mb_strtolower(trim($said)));

        return Lane::tryFrom(self::LANES[$word] ?? $word)?->value;
    }
}
