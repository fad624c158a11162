<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What was done to the plan of a job, each with the segments and shots as they were before: one list, and a way back to any of it. */
final class PlanHistory
{
    private const KEPT = 40;

    private const LEFT_OUT = ['created_at', 'updated_at'];

    /** What is typed as lists, one row a job. */
    private const LISTS = ['studios', 'sendings', 'rosters'];

    /**
     * Segments and shots as they are now, those that were taken away too, and what is typed as lists.
     *
     * @return array{is_whole: bool, segments: list<array<string, mixed>>, shots: list<array<string, mixed>>, jobs: list<array<string, mixed>>,
     *     lists: array<string, list<array<string, mixed>>>}
     */
    public static function now(int $jobId): array
    {
        $rows = static fn (string $table): array => DB::table($table)
            ->where('job_id', $jobId)
            ->orderBy('id')
            ->get()
            ->map(static fn (\stdClass $row): array => array_diff_key((array) $row, array_flip(self::LEFT_OUT)))
            ->all();
        $job = Job::query()->findOrFail($jobId);

        return [
            'is_whole' => true,
            'segments' => array_values($rows('segments')),
            'shots' => array_values($rows('shot_lines')),
            'jobs' => [$job->only(['id', 'covered_from', 'covered_to'])],
            'lists' => array_map(static fn (string $table): array => array_values($rows($table)), array_combine(self::LISTS, self::LISTS)),
        ];
    }

    /**
     * @param  array{is_whole: bool, segments: list<array<string, mixed>>, shots: list<array<string, mixed>>,
     *     jobs: list<array<string, mixed>>, lists: array<string, list<array<string, mixed>>>}  $before
     */
    public static function keep(int $jobId, string $said, array $before): PlanChange
    {
        $change = PlanChange::query()->create(['job_id' => $jobId, 'said' => $said, 'before' => $before]);
        $old = PlanChange::query()->where('job_id', $jobId)->orderByDesc('id')->skip(self::KEPT)->take(1)->value('id');
        PlanChange::query()->where('job_id', $jobId)->where('id', '<=', (int) $old)->delete();

        return $change;
    }

    /** @return Collection<int, PlanChange> the last first, without what was undone */
    public static function list(int $jobId): Collection
    {
        return PlanChange::query()
            ->where('job_id', $jobId)
            ->whereNull('undone_at')
            ->orderByDesc('id')
            ->get(['id', 'job_id', 'said', 'created_at']);
    }

    /** As it was before a change; what was done since goes with it, and nothing is deleted for good. */
    public static function backTo(PlanChange $change): void
    {
        if (! ($change->before['is_whole'] ?? false)) {
            self::timesBack($change);

            return;
        }
        $now = self::now($change->job_id);
        $lists = self::listsOf($change, $now['lists']);
        DB::transaction(static function () use ($change, $lists): void {
            self::listsBack($change->job_id, $lists);
            foreach (['segments' => Segment::class, 'shots' => ShotLine::class] as $what => $model) {
                $rows = array_column($change->before[$what], null, 'id');
                foreach ($model::withTrashed()->where('job_id', $change->job_id)->get() as $row) {
                    $was = $rows[$row->id] ?? null;
                    if ($was === null) {
                        $row->trashed() ?: $row->delete();
                    } else {
                        DB::table($row->getTable())->where('id', $row->id)->update($was + ['deleted_at' => null, 'updated_at' => now()]);
                    }
                }
            }
            foreach ($change->before['jobs'] ?? [] as $row) {
                Job::query()->whereKey($row['id'])->update($row);
            }
            PlanChange::query()
                ->where('job_id', $change->job_id)
                ->where('id', '>=', $change->id)
                ->whereNull('undone_at')
                ->update(['undone_at' => now()]);
        });
        // A list that was typed since is not lost: this can be undone as well.
        if ($lists !== []) {
            self::keep($change->job_id, "Back to before “{$change->said}”", $now);
        }
    }

    /**
     * The lists as they were before a change that changed one; none where it changed the plan alone: what was typed since stays.
     *
     * @param  array<string, list<array<string, mixed>>>  $now
     * @return array<string, list<array<string, mixed>>>
     */
    private static function listsOf(PlanChange $change, array $now): array
    {
        $before = $change->before['lists'] ?? [];
        $next = PlanChange::query()->where('job_id', $change->job_id)->where('id', '>', $change->id)->orderBy('id')->first();

        return $before === ($next->before['lists'] ?? $now) ? [] : $before;
    }

    /** @param  array<string, list<array<string, mixed>>>  $lists */
    private static function listsBack(int $jobId, array $lists): void
    {
        foreach ($lists as $table => $rows) {
            if (! in_array($table, self::LISTS, true)) {
                continue;
            }
            DB::table($table)->where('job_id', $jobId)->whereNotIn('id', array_column($rows, 'id'))->delete();
            foreach ($rows as $row) {
                DB::table($table)->updateOrInsert(['id' => $row['id']], $row);
            }
        }
    }

    /** Of several jobs in one change only the times were kept. */
    private static function timesBack(PlanChange $change): void
    {
        DB::transaction(static function () use ($change): void {
            foreach ($change->before['segments'] as $row) {
                $segment = Segment::withTrashed()->find($row['id']);
                $segment?->restore();
                $segment?->update(['start_clock' => $row['start_clock'], 'minutes' => $row['minutes']]);
            }
            foreach ($change->before['shots'] as $row) {
                ShotLine::query()->whereKey($row['id'])->update(['segment_id' => $row['segment_id'], 'position' => $row['position']]);
            }
            foreach ($change->before['jobs'] ?? [] as $row) {
                Job::query()->whereKey($row['id'])->update($row);
            }
            $change->update(['undone_at' => now()]);
        });
    }
}
