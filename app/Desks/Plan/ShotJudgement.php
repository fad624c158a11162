<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\ShotLine;
use Illuminate\Support\Facades\DB;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\FreeGap;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Plan\Judge\WalkJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Plan\Shots\ShotPlacer;
use NorthSatchel\Plan\Shots\SunOrder;
use NorthSatchel\Plan\Viewpoint\HeadlineJudge;
use NorthSatchel\Plan\Viewpoint\ShotView;
use NorthSatchel\Plan\Viewpoint\ViewpointJudge;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What is to be said of a job's shot list; of the lenses for it, kit speaks. */
final class ShotJudgement
{
    private const COMES_LAST = '/\b(?:last|final|end|ending|closing|close|farewell|goodbye|send-?off|leaving)\b/iu';

    private const LEAST_MINUTES = 5;

    /** @param  list<PlannedDay>  $days */
    public function verdicts(Job $job, array $days): Verdicts
    {
        $views = self::views($job);
        $free = array_values($job->freeShots->map(static fn (ShotLine $l): ShotView => self::view($l, ''))->all());
        $brief = implode("\n", [$job->name, $job->client, $job->must_haves, $job->restrictions]);
        $verdicts = [
            self::repeated($job, $views),
            ...self::free($job, $days),
            HeadlineJudge::of($brief, [...$views, ...$free]),
            ...self::order($job, $days),
        ];

        return (new Verdicts(array_filter($verdicts)))->with(ViewpointJudge::of($views));
    }

    public static function view(ShotLine $line, string $scene): ShotView
    {
        return new ShotView($scene, $line->distance, $line->height, $line->side, $line->empty_percent);
    }

    /** @return list<ShotView> */
    private static function views(Job $job): array
    {
        $views = [];
        foreach ($job->segments as $segment) {
            foreach ($segment->shotLines as $line) {
                $views[] = self::view($line, $segment->title);
            }
        }

        return $views;
    }

    /**
     * The last job at this main place, before this one.
     *
     * @param  list<ShotView>  $views
     */
    private static function repeated(Job $job, array $views): ?Verdict
    {
        if (array_filter($views, static fn (ShotView $v): bool => $v->side !== null) === []) {
            return null;
        }
        $rows = DB::select(
            'SELECT jobs.name, distance, height, side, segments.title FROM shot_lines
            JOIN segments ON segments.id = shot_lines.segment_id JOIN jobs ON jobs.id = segments.job_id
            WHERE shot_lines.deleted_at IS NULL AND segments.deleted_at IS NULL
            AND jobs.id = (SELECT id FROM jobs WHERE place_id = ? AND date < ? AND id <> ? ORDER BY date DESC LIMIT 1)',
            [$job->place_id, $job->date, $job->id],
        );

        return $rows === []
            ? null
            : ViewpointJudge::repeated(
                $views,
                array_map(static fn (object $r): ShotView => new ShotView($r->title, $r->distance, $r->height, $r->side), $rows),
                $rows[0]->name,
            );
    }

    /**
     * Musts that no segment holds: those that name an hour one by one, the others together.
     *
     * @param  list<PlannedDay>  $days
     * @return list<Verdict>
     */
    private static function free(Job $job, array $days): array
    {
        $verdicts = $others = [];
        $canPlace = false;
        $segments = ShotDesk::places($job);
        foreach ($job->freeShots->where('priority', Priority::Must->value) as $line) {
            $at = ShotDesk::hourOf($job, $line->what);
            $there = ShotPlacer::place($line->what, null, $segments, $at);
            if ($at === null) {
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
        $isLast = array_filter($musts, static fn (ShotLine $l): bool => preg_match(self::COMES_LAST, $l->what) !== 1) === [];
        foreach ($minutes < 1 ? [] : ($isLast ? array_reverse($days) : $days) as $day) {
            $gap = FreeGap::widest($day, Lane::Lead->value, max(self::LEAST_MINUTES, $minutes), $isLast);
            if ($gap !== null) {
                return self::segment(
                    "Plan {$gap->minutes} min for ".Plural::of($count, 'it', 'them')." at {$day->day->face($gap->startsAt)}",
                    $day,
                    $day->day->clockOf($gap->startsAt),
                    $gap->minutes,
                );
            }
        }

        return null;
    }

    /**
     * @param  list<PlannedDay>  $days
     * @return list<Verdict|null>
     */
    private static function order(Job $job, array $days): array
    {
        $verdicts = [];
        $stored = $job->segments->keyBy('id');
        foreach ($days as $day) {
            $shots = $stored->map(static fn ($s): array => array_values($s->shotLines->map(static fn (ShotLine $l): string => $l->what)->all()));
            $verdicts = [...$verdicts, ...WalkJudge::of($day, $shots->all())];
            foreach ($day->sun === null ? [] : $day->segments as $segment) {
                $lines =
                    $stored
                        ->get($segment->id)
                        ?->shotLines->map(static fn (ShotLine $l): LitLine => new LitLine($l->id, $l->light, $l->what))
                        ->values()
                        ->all() ?? [];
                $verdicts = [...$verdicts, SunOrder::judge($segment, $day->sun, $lines), ...ShotHourJudge::of($day, $segment, $lines)];
            }
        }

        return $verdicts;
    }
}
