<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Remedy;
use NorthSatchel\Sky\OpenHours;
use NorthSatchel\Verdict;

/** Does a shot whose words name an hour of the sun (sunset, blue hour, night) stand in a segment that has it (M15)? */
final class ShotHourJudge
{
    private const LEAST_S = 180;

    /** Words, and between which heights of the sun; sides: -1 before noon, 1 after, 0 either (common practice, no source). */
    private const HOURS = [
        ['/\b(?:sunrise|dawn|daybreak|first light)\b/iu', 'the sunrise', -4.0, 6.0, -1, false],
        ['/\b(?:sunset|setting sun|sun (?:goes|going) down|last light)\b/iu', 'the sunset', -4.0, 6.0, 1, false],
        ['/\bgolden (?:hour|light)\b/iu', 'the golden light', -4.0, 6.0, 0, false],
        ['/\b(?:blue hour|dusk|twilight)\b/iu', 'the dusk', -8.0, -0.833, 1, false],
        ['/\b(?:stars|starry|milky way|fireworks?)\b/iu', 'the dark', null, -6.0, 1, false],
        ['/\b(?:night|by night|moonlit)\b/iu', 'the dark', null, -6.0, 1, true],
        ['/\b(?:lanterns?|sparklers?)\b/iu', 'the dusk', null, -0.833, 1, true],
    ];

    /**
     * @param  list<LitLine>  $lines  of the segment
     * @return list<Verdict>
     */
    public static function of(PlannedDay $day, Segment $segment, array $lines): array
    {
        $verdicts = [];
        foreach ($day->sun === null ? [] : $lines as $line) {
            foreach (self::HOURS as [$words, $name, $low, $high, $side, $isOnlyOutdoors]) {
                if (preg_match($words, $line->what) === 1) {
                    $verdicts[] = $isOnlyOutdoors && ! $segment->setting->isOutdoor
                        ? null
                        : self::judged($day, $segment, $line, $name, self::windows($day, $low, $high, $side));
                    break;
                }
            }
        }

        return array_values(array_filter($verdicts));
    }

    /** Whether its words want an hour of the light. */
    public static function wantsAnHour(string $what): bool
    {
        return array_filter(self::HOURS, static fn (array $hour): bool => preg_match($hour[0], $what) === 1) !== [];
    }

    /** Whether it is taken in that light itself, and not in a room at that hour. */
    public static function isOutdoors(string $what): bool
    {
        return self::wantsAnHour($what) && preg_match('/\b(?:interiors?|indoors?|inside|rooms?|hall|windows?|lobby|bar|kitchen)\b/iu', $what) !== 1;
    }

    /** @return list<OpenHours> in which the light is there that its words want; none where they want none, or it never is */
    public static function hours(PlannedDay $day, string $what): array
    {
        foreach (self::HOURS as [$words, , $low, $high, $side]) {
            if (preg_match($words, $what) === 1) {
                return self::windows($day, $low, $high, $side);
            }
        }

        return [];
    }

    /**
     * @param  list<OpenHours>  $windows
     */
    private static function judged(PlannedDay $day, Segment $segment, LitLine $line, string $name, array $windows): ?Verdict
    {
        if ($windows === []) {
            return Verdict::fix(
                'plan.shot-hour',
                "“{$line->what}” never gets {$name}.",
                'The sun does not pass through those heights at that place on that date.',
                ['segment' => $segment->id],
            );
        }
        $fits = static fn (Segment $s): bool => array_filter($windows, static fn (OpenHours $w): bool => self::isIn($s, $w)) !== [];
        if ($fits($segment)) {
            return null;
        }
        $others = array_values(
            array_filter(
                $day->segments,
                static fn (Segment $s): bool => $s->setting->isOutdoor && ! $s->isBreak && $s->lane === $segment->lane && $fits($s),
            ),
        );
        $last = $windows[count($windows) - 1];
        $when = ($last->from === null ? '' : 'from '.$day->day->face($last->from)).($last->to === null ? '' : ' to '.$day->day->face($last->to));

        return Verdict::fix(
            'plan.shot-hour',
            "“{$line->what}” is planned at {$day->day->face($segment->startsAt)}, without {$name}.",
            ucfirst($name).' is there '.trim($when).
                ($others === [] ? ': no segment outdoors of the same photographer lies there yet. Plan one, or a walk out of what is on then.' : '.'),
            ['segment' => $segment->id],
            $others === []
                ? null
                : new Remedy('shot.put', "Put it into {$others[0]->title}", ['shot' => $line->id, 'segment' => $others[0]->id]),
        );
    }

    private static function isIn(Segment $segment, OpenHours $hours): bool
    {
        return min($segment->endsAt(), $hours->to ?? PHP_INT_MAX) - max($segment->startsAt, $hours->from ?? 0)
            >= min(self::LEAST_S, 60 * $segment->minutes);
    }

    /** @return list<OpenHours> */
    private static function windows(PlannedDay $day, ?float $low, float $high, int $side): array
    {
        if ($day->sun === null) {
            return [];
        }
        $windows = [];
        if ($side <= 0 && $low !== null && ($from = $day->sun->morning($low)) !== null) {
            $windows[] = new OpenHours($from, $day->sun->morning($high));
        }
        if ($side >= 0 && ($from = $day->sun->evening($high)) !== null) {
            $windows[] = new OpenHours($from, $low === null ? null : $day->sun->evening($low));
        }

        return $windows;
    }
}
