<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Job;
use App\Models\PlanChange;
use App\Models\Segment;
use App\Models\ShotLine;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\ClockTime;
use NorthSatchel\Plan\DayRuler;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\WhatIf\DayRehearsal;
use NorthSatchel\Plan\WhatIf\LateDay;

/** What if we run late? The best re-plan, applied on one press and undone on another; and the day rehearsed. */
final class WhatIfDesk
{
    private const RUNS = 3000;

    private const KEPT_S = 86400;

    private const SEED = 20;

    public function __construct(private readonly PlanDesk $plan) {}

    /** Null when no such segment is planned. */
    public function late(Job $job, int $segmentId, int $minutes): ?LateDay
    {
        try {
            return new LateDay($this->plan->day($job), $segmentId, $minutes);
        } catch (ImpossibleValue) {
            return null;
        }
    }

    public function ruler(Job $job, PlannedDay $day): DayRuler
    {
        return DayRuler::of(
            $day,
            PlanDesk::point($job->place),
            $day->day->instantOf(ClockTime::of($job->covered_from)),
            $day->day->instantOf(ClockTime::of($job->covered_to)),
        );
    }

    /**
     * One lane lived through; kept for as long as the plan stays the same.
     *
     * @return array{rows: list<array{segment: \NorthSatchel\Plan\Segment, p50: string, p90: string, late: int, onTime: float, share: float}>, buffer: array{segment: \NorthSatchel\Plan\Segment, minutes: int, before: float, after: float, anchor: \NorthSatchel\Plan\Segment}|null}
     */
    public function rehearsal(Job $job, string $lane): array
    {
        $day = $this->plan->day($job);
        $key = 'rehearsal-'.hash('xxh128', serialize([$job->date, $lane, $day->segments, $day->travels, $day->points]));

        return Cache::remember($key, self::KEPT_S, static function () use ($day, $lane): array {
            $rehearsal = new DayRehearsal($day, $lane, self::RUNS, self::SEED);

            return ['rows' => $rehearsal->rows(), 'buffer' => $rehearsal->bestBuffer()];
        });
    }

    /** The last change that can still be undone. */
    public function lastChange(Job $job): ?PlanChange
    {
        return PlanChange::query()->where('job_id', $job->id)->whereNull('undone_at')->orderBy('id', 'desc')->first();
    }

    /**
     * Makes the re-plan the plan; what is moved hands its shots to where it moves.
     *
     * @throws ValidationException when there is nothing to apply
     */
    public function apply(Job $job, LateDay $late): PlanChange
    {
        if (! $late->replan->isFeasible) {
            throw ValidationException::withMessages(['refused' => 'There is no plan that keeps every must and every anchor; nothing was changed.']);
        }

        return DB::transaction(static function () use ($job, $late): PlanChange {
            $segments = Segment::query()->where('job_id', $job->id)->with('shotLines')->get()->keyBy('id');
            $change = PlanChange::query()->create([
                'job_id' => $job->id,
                'said' => "{$late->lateMinutes} min late",
                'before' => [
                    'segments' => $segments->map(static fn (Segment $s): array => $s->only(['id', 'start_clock', 'minutes']))->values()->all(),
                    'shots' => $segments->flatMap(static fn (Segment $s) => $s->shotLines->map(static fn (ShotLine $l): array => $l->only(['id', 'segment_id', 'position'])))->values()->all(),
                ],
            ]);
            foreach ($late->choices() as $id => $choice) {
                $segment = $segments->get($id);
                if ($segment === null) {
                    continue;
                }
                if ($choice->start !== null && $choice->end !== null) {
                    $segment->update(['start_clock' => ClockTime::ofMinutes($choice->start)->text(), 'minutes' => max(1, $choice->end - $choice->start)]);

                    continue;
                }
                if ($choice->how === How::Moved) {
                    foreach ($segment->shotLines as $line) {
                        $line->update(['segment_id' => LateDay::pocketOf($choice), 'position' => 1000 + $line->position]);
                    }
                }
                $segment->delete();
            }

            return $change;
        });
    }

    public function undo(PlanChange $change): void
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
            $change->update(['undone_at' => now()]);
        });
    }
}
