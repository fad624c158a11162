<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;
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
        'importance' => 'priority', 'prio' => 'priority',
    ];

    /** What is read, or follows from what is; the last four are those of our own tables. */
    public const KNOWN = [
        'start', 'end', 'minutes', 'segment', 'place', 'photographer', 'priority', 'date', 'shot', 'shot at', 'leave at', 'stands at',
    ];

    private const PRIORITIES = ['' => 'should', 'high' => 'must', 'yes' => 'must', 'x' => 'must', 'medium' => 'should', 'low' => 'nice'];

    private const BOTH = ['lead', 'second'];

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

    /** @return list<string>|null whose it is, the lead's where nothing is said; null where it is somebody who is not known */
    public static function lanes(string $said): ?array
    {
        $said = (string) preg_replace('/ ?photographers?$/u', '', mb_strtolower(trim($said)));
        if (in_array($said, ['both', 'both of us', 'all', 'everybody', 'team'], true)) {
            return self::BOTH;
        }
        $lanes = array_map(
            static fn (string $word): ?string => Lane::tryFrom(self::LANES[trim($word)] ?? trim($word))?->value,
            preg_split('~\s*[,;/&+]\s*|\s+(?:and|with)\s+~u', $said) ?: [],
        );

        return in_array(null, $lanes, true) ? null : array_values(array_unique($lanes));
    }

    /** Null where it is none that is known. */
    public static function priority(string $said): ?string
    {
        $word = mb_strtolower(trim($said));

        return Priority::tryFrom(self::PRIORITIES[$word] ?? $word)?->value;
    }
}
