<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\ShotLine;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\FreeGap;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Shots\ShotPlacer;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;

/** Musts of the list that no segment holds, and the time that could be theirs. */
final class MustsWithoutTime
{
    private const LEAST_MINUTES = 5;

    /**
     * Musts that no segment holds: those that name an hour one by one, the others together.
     *
     * @param  list<PlannedDay>  $days
     * @return list<Verdict>
     */
    public static function of(Job $job, array $days): array
    {
        $verdicts = $others = [];
        $canPlace = false;
        $segments = ShotDesk::places($job);
        foreach ($job->freeShots->where('priority', Priority::Must->value) as $line) {
            $at = ShotDesk::hourOf($job, $line->what);
            $there = ShotPlacer::place($line->what, null, $segments, $at);
            if ($at === null && $there === null && ShotHourJudge::wantsAnHour($line->what)) {
                $verdicts[] = self::noTime([$line], self::timeInLight($days, $line));
            } elseif ($at === null) {
                $others[] = $line;
                $canPlace = $canPlace || $there !== null;
            } else {
                $verdicts[] = self::noTime(
                    [$line],
                    $there === null
                        ? self::timeAt($days, $line, $at)
                        : new Remedy('shot.put', "Put it into {$segments[$there]->title}", ['shot' => $line->id, 'segment' => $there]),
                );
            }
        }
        if ($others !== []) {
            $minutes = (int) array_sum(array_map(static fn (ShotLine $l): int => $l->minutes, $others));
            $verdicts[] = self::noTime(
                $others,
                $canPlace ? new Remedy('shots.place', 'Put them where their words belong') : self::timeFor($days, $minutes, $others),
            );
        }

        return $verdicts;
    }

    /** @param  non-empty-list<ShotLine>  $musts */
    private static function noTime(array $musts, ?Remedy $remedy): Verdict
    {
        $count = count($musts);
        $it = Plural::of($count, 'it', 'them');

        return Verdict::fix(
            'plan.must-without-time',
            ($count === 1 ? "“{$musts[0]->what}” has" : "{$count} musts have").' no time in the day.',
            ($count === 1 ? 'It is a must' : Some::of(array_map(static fn (ShotLine $l): string => $l->what, $musts), 3)).
                ": no segment holds {$it}, so no minute is kept. Drag ".Plural::of($count, 'it', 'each').' into a segment, or plan one for it.',
            ['shots' => $count],
            $remedy,
        );
    }

    /**
     * At the hour that it names, where the lead has nothing then.
     *
     * @param  list<PlannedDay>  $days
     */
    private static function timeAt(array $days, ShotLine $line, int $at): ?Remedy
    {
        $minutes = max(self::LEAST_MINUTES, $line->minutes);
        try {
            $clock = ClockTime::ofMinutes($at);
            $from = $days === [] ? 0 : $days[0]->day->instantOf($clock);
        } catch (ImpossibleValue) {
            return null; // an hour that the clock skips, or after the second night
        }
        $isTaken = array_filter(
            $days[0]->segments ?? [],
            static fn (Segment $s): bool => $s->lane === Lane::Lead->value && $s->startsAt < $from + 60 * $minutes && $from < $s->endsAt(),
        ) !== [];

        return $days === [] || $isTaken
            ? null
            : self::segment("Plan {$minutes} min for it at {$clock->onTheFace()}", $days[0], $clock, $minutes, ['shot' => $line->id]);
    }

    /**
     * In the light that its words want, as soon as the lead is free.
     *
     * @param  list<PlannedDay>  $days
     */
    private static function timeInLight(array $days, ShotLine $line): ?Remedy
    {
        $minutes = max(self::LEAST_MINUTES, $line->minutes);
        foreach ($days as $day) {
            foreach (ShotHourJudge::hours($day, $line->what) as $hours) {
                $gap = FreeGap::within($day, Lane::Lead->value, $minutes, $hours);
                if ($gap !== null) {
                    $clock = $day->day->clockOf($gap->startsAt);

                    return self::segment("Plan {$minutes} min for it at {$clock->onTheFace()}", $day, $clock, $minutes, ['shot' => $line->id]);
                }
            }
        }

        return null;
    }

    /** @param  array<string, int>  $on */
    private static function segment(string $label, PlannedDay $day, ClockTime $clock, int $minutes, array $on = []): Remedy
    {
        return new Remedy('shots.segment', $label, [
            'lane' => Lane::Lead->value,
            'start_clock' => $clock->text(),
            'minutes' => $minutes,
            'date' => $day->day->date,
            ...$on,
        ]);
    }

    /**
     * Where no words say in which segment they belong: time of their own, where the lead has some; what comes last, as late as can be.
     *
     * @param  list<PlannedDay>  $days
     * @param  non-empty-list<ShotLine>  $musts
     */
    private static function timeFor(array $days, int $minutes, array $musts): ?Remedy
    {
        $count = count($musts);
        $isLast = array_filter($musts, static fn (ShotLine $l): bool => ! ShotPlacer::comesLast($l->what)) === [];
        foreach ($minutes < 1 ? [] : ($isLast ? array_reverse($days) : $days) as $day) {
            $gap = FreeGap::widest($day, Lane::Lead->value, max(self::LEAST_MINUTES, $minutes), $isLast);
            if ($gap !== null) {
                return self::segment(
                    "Plan {$gap->minutes} min for ".Plural::of($count, 'it', 'them')." at {$day->day->face($gap->startsAt)}",
                    $day,
                    $day->day->clockOf($gap->startsAt),
                    $gap->minutes,
                    $count === 1 ? ['shot' => $musts[0]->id] : [],
                );
            }
        }

        return null;
    }
}
