<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Plan\StudioRecord;
use NorthSatchel\Brief\BriefText;
use NorthSatchel\Brief\NamedHour;
use NorthSatchel\Brief\Restriction;
use NorthSatchel\Brief\RestrictionKind;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\JobKind;
use NorthSatchel\Plan\Judge\BriefedJudge;
use NorthSatchel\Plan\Judge\MustHaveJudge;
use NorthSatchel\Plan\Judge\RestrictionJudge;
use NorthSatchel\Plan\Judge\Scene;
use NorthSatchel\Plan\Judge\SceneShot;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The plan of a job held against its brief. */
final class BriefedPlan
{
    public static function verdicts(Job $job): Verdicts
    {
        $scenes = self::scenes($job);

        return new Verdicts([
            ...MustHaveJudge::planned(
                $scenes === [] ? [] : BriefText::mustHaves($job->must_haves),
                $scenes,
                [...array_values($job->freeShots->map(static fn (ShotLine $l): string => $l->what)->all()), ...self::listed($job)],
            ),
            ...self::namedHours($job, $scenes),
            ...RestrictionJudge::restrictions(BriefText::restrictions($job->restrictions), $scenes),
        ]);
    }

    /**
     * What of it changes where a segment is moved.
     *
     * @param  list<Scene>|null  $scenes
     * @return list<Verdict>
     */
    public static function namedHours(Job $job, ?array $scenes = null): array
    {
        [$from, $to] = [ClockTime::of($job->covered_from)->minutes, ClockTime::of($job->covered_to)->minutes];
        $lines = array_values(array_filter(
            BriefText::mustHaves($job->must_haves),
            static fn (string $line): bool => NamedHour::in($line, $from, $to) !== null,
        ));

        return $lines === [] ? [] : MustHaveJudge::atTheirHours($lines, $scenes ?? self::scenes($job), $from, $to);
    }

    /** @return list<string> what a studio job lists elsewhere than in shots: its pictures and elements, looks, rooms, a line each */
    private static function listed(Job $job): array
    {
        $isAsked = $job->kind === JobKind::Commercial && trim((string) $job->must_haves) !== '';
        $record = $isAsked ? StudioRecord::query()->where('job_id', $job->id)->first() : null;
        $text = implode("\n", array_filter([$record?->elements, $record?->looks, $record?->rooms]));

        return array_values(array_filter(array_map(trim(...), explode("\n", $text))));
    }

    public static function forbidsFlash(Job $job, Segment $segment): bool
    {
        $restrictions = self::ofKind($job, RestrictionKind::NoFlash);

        return $restrictions !== [] && RestrictionJudge::forbidsFlash($restrictions, self::scene($segment, $job->kind));
    }

    /** @return list<Restriction> of the brief */
    private static function ofKind(Job $job, RestrictionKind $kind): array
    {
        return array_values(array_filter(
            BriefText::restrictions($job->restrictions),
            static fn (Restriction $r): bool => $r->kind === $kind,
        ));
    }

    /** In mm on full format; null where one may go near, or nobody knows how far away one is. */
    public static function reachFromTheBack(Job $job, Segment $segment): ?int
    {
        $restrictions = self::ofKind($job, RestrictionKind::FromTheBack);
        if ($restrictions === []) {
            return null;
        }
        $scene = self::scene($segment, $job->kind);

        // All scenes are looked at for those few only of which it is said.
        return RestrictionJudge::keepsBack($restrictions, $scene)
            ? RestrictionJudge::reachFromTheBack($restrictions, $scene, self::scenes($job))
            : null;
    }

    /** @return list<Verdict> of a day, whose hours are those of the first by the clock */
    public static function hours(Job $job, PlannedDay $day): array
    {
        try {
            return BriefedJudge::hours(
                $day,
                $day->day->instantOf(ClockTime::of($job->covered_from)),
                $day->day->instantOf(ClockTime::of($job->covered_to)),
            );
        } catch (ImpossibleValue) {
            // The clock skips that hour on that day; the brief says so.
            return [];
        }
    }

    /** @return list<Scene> */
    private static function scenes(Job $job): array
    {
        return array_values($job->segments->map(static fn (Segment $s): Scene => self::scene($s, $job->kind))->all());
    }

    private static function scene(Segment $segment, JobKind $kind): Scene
    {
        $spot = $segment->spot_id === null ? null : $segment->place?->spots->firstWhere('id', $segment->spot_id);

        return new Scene(
            $segment->id,
            $segment->title,
            $segment->place?->name,
            $spot?->name,
            array_values(
                $segment->shotLines
                    ->map(static fn (ShotLine $l): SceneShot => new SceneShot($l->what, Priority::from($l->priority), $l->light, $l->focal_mm))
                    ->all(),
            ),
            $segment->people ?? [],
            $spot?->room_m,
            SegmentReader::scene($segment, $kind),
            $from = ClockTime::of($segment->start_clock)->minutes,
            $from + $segment->minutes,
        );
    }
}
