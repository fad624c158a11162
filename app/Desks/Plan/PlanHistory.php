<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * What was done to a job, its plan, people and kit, each with the segments, shots and lists as they were before: one list, and a way back
 * to any of it.
 */
final class PlanHistory
{
    private const KEPT = 40;

    private const LEFT_OUT = ['created_at', 'updated_at'];

    /** What is typed as lists, and rows that belong to a job: by the words for a change of them. */
    private const LISTS = [
        'studios' => 'A list was changed', 'sendings' => 'What is sent was changed', 'rosters' => 'The roster was changed',
        'access_windows' => 'The passes were changed', 'formal_groups' => 'The groups were changed', 'packing' => 'The kit was changed',
        'kit_asks' => 'What is asked of the kit was changed', 'people' => 'The people were changed',
    ];

    /** Of these nothing is deleted for good. */
    private const KEPT_WHEN_GONE = ['formal_groups', 'people'];

    private const OF_THE_JOB = ['id', 'covered_from', 'covered_to', 'separations', 'formals_segment_id', 'formals_gathered'];

    /** Segments and shots as they are now, those that were taken away too, and what is typed as lists. */
    public static function now(int $jobId): PlanSnapshot
    {
        $rows = static fn (string $table): array => array_map(
            static fn (\stdClass $row): array => array_diff_key((array) $row, array_flip(self::LEFT_OUT)),
            DB::select("select * from \"{$table}\" where job_id = ? order by id", [$jobId]),
        );
        $job = DB::table('jobs')->where('id', $jobId)->first(self::OF_THE_JOB);

        return new PlanSnapshot(
            $rows('segments'),
            $rows('shot_lines'),
            [(array) $job],
            PlaceHistory::now($jobId),
            array_map($rows, array_combine(array_keys(self::LISTS), array_keys(self::LISTS))),
        );
    }

    public static function keep(int $jobId, string $said, PlanSnapshot $before): PlanChange
    {
        $change = PlanChange::query()->create(['job_id' => $jobId, 'said' => $said, 'before' => $before->rows()]);
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

    /**
     * As it was before a change; what was done since to the same goes with it, and nothing is deleted for good. What was done since to
     * other lists, or to places, stays, and stays on the list of what was done.
     */
    public static function backTo(PlanChange $change): void
    {
        if (! ($change->before['is_whole'] ?? false)) {
            self::timesBack($change);

            return;
        }
        // As it would be stored: 5.0 is kept as 5, and is compared with what was kept.
        $snapshot = self::now($change->job_id);
        $now = (new PlanChange(['before' => $snapshot->rows()]))->before;
        $after = self::next($change)->before ?? $now;
        $lists = self::changed($change, $after['lists'] ?? []);
        DB::transaction(static function () use ($change, $lists, $after, $now): void {
            self::listsBack($change->job_id, $lists);
            PlaceHistory::backTo($change->before['places'] ?? [], $after['places'] ?? []);
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
                DB::table('jobs')->where('id', $row['id'])->update($row);
            }
            self::goneWith($change, $lists, $now);
        });
        // A list that was typed since, or what was put into a place, is not lost: this can be undone as well.
        if ($lists !== [] || ($change->before['places'] ?? []) !== ($after['places'] ?? [])) {
            self::keep($change->job_id, "Back to before “{$change->said}”", $snapshot);
        }
    }

    /**
     * Later changes went with it, but for those that changed other lists or places: of these the plan's part is gone, the rest stands.
     *
     * @param  array<string, list<array<string, mixed>>>  $lists  that went back
     * @param  array<string, mixed>  $now  what stood before any of it went
     */
    private static function goneWith(PlanChange $change, array $lists, array $now): void
    {
        $later = PlanChange::query()->where('job_id', $change->job_id)->where('id', '>', $change->id)->orderBy('id')->get()->values();
        foreach ($later as $index => $one) {
            $after = $later->get($index + 1)->before ?? $now;
            $stands = array_diff_key(self::changed($one, $after['lists'] ?? []), $lists) !== []
                || ($one->before['places'] ?? []) !== ($after['places'] ?? []);
            if ($one->undone_at === null && $stands) {
                $one->update(['before' => [
                    ...$one->before,
                    ...array_intersect_key($change->before, array_flip(['segments', 'shots', 'jobs'])),
                    'lists' => [...$one->before['lists'] ?? [], ...$lists],
                ]]);
            } elseif ($one->undone_at === null) {
                $one->update(['undone_at' => now()]);
            }
        }
        $change->update(['undone_at' => now()]);
    }

    private static function next(PlanChange $change): ?PlanChange
    {
        return PlanChange::query()->where('job_id', $change->job_id)->where('id', '>', $change->id)->orderBy('id')->first();
    }

    /**
     * Those lists that the change changed, as they were before it: what was typed since into another stays.
     *
     * @param  array<string, list<array<string, mixed>>>  $after  the change
     * @return array<string, list<array<string, mixed>>>
     */
    private static function changed(PlanChange $change, array $after): array
    {
        return array_filter(
            $change->before['lists'] ?? [],
            static fn (array $rows, string $table): bool => isset($after[$table]) && $after[$table] !== $rows,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @param  array<string, list<array<string, mixed>>>  $lists */
    private static function listsBack(int $jobId, array $lists): void
    {
        foreach (array_intersect_key($lists, self::LISTS) as $table => $rows) {
            $since = DB::table($table)->where('job_id', $jobId)->whereNotIn('id', array_column($rows, 'id'));
            in_array($table, self::KEPT_WHEN_GONE, true) ? $since->whereNull('deleted_at')->update(['deleted_at' => now()]) : $since->delete();
            foreach ($rows as $row) {
                DB::table($table)->updateOrInsert(['id' => $row['id']], $row);
            }
        }
    }

    /** Words for a change that said nothing itself; null where it is one of segments and shots. */
    public static function words(PlanSnapshot $before, PlanSnapshot $after): ?string
    {
        foreach (self::LISTS as $table => $words) {
            if (($before->lists[$table] ?? []) !== ($after->lists[$table] ?? [])) {
                return $words;
            }
        }

        return $before->places === $after->places ? null : 'What is known of a place was changed';
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
