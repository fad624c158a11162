<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\ShotLine;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Plan\Judge\WalkJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Plan\Shots\SunOrder;
use NorthSatchel\Plan\Viewpoint\HeadlineJudge;
use NorthSatchel\Plan\Viewpoint\ShotView;
use NorthSatchel\Plan\Viewpoint\ViewpointJudge;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What is to be said of a job's shot list; of the lenses for it, kit speaks. */
final class ShotJudgement
{
    /** @param  list<PlannedDay>  $days */
    public function verdicts(Job $job, array $days): Verdicts
    {
        $views = self::views($job);
        $free = array_values($job->freeShots->map(static fn (ShotLine $l): ShotView => self::view($l, ''))->all());
        $brief = implode("\n", [$job->name, $job->client, $job->must_haves, $job->restrictions]);
        $verdicts = [
            self::repeated($job, $views),
            ...MustsWithoutTime::of($job, $days),
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
