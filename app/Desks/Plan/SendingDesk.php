<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\SendingRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\Sending\DaySending;
use NorthSatchel\Plan\Sending\Pauses;
use NorthSatchel\Plan\Sending\SendJudge;
use NorthSatchel\Plan\Sending\SendText;
use NorthSatchel\Plan\Sending\WantedGap;
use NorthSatchel\Plan\Sending\WantedPicture;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** What is sent while the job still goes on. */
final readonly class SendingDesk
{
    public function __construct(private PlanDesk $plan, private CoverDesk $cover) {}

    public function of(Job $job): SendingRecord
    {
        return self::record($job);
    }

    /** Read once for a job as it was opened. */
    private static function record(Job $job): SendingRecord
    {
        /** @var \WeakMap<Job, SendingRecord>|null $kept */
        static $kept = null;
        $kept ??= new \WeakMap();

        return $kept[$job] ??= SendingRecord::query()->firstOrNew(['job_id' => $job->id]);
    }

    /** @return list<WantedPicture> of a job in which something is wanted early and can be read; else none */
    public static function wanted(Job $job): array
    {
        try {
            return BriefDesk::has($job, 'sending') ? SendText::pictures((string) self::record($job)->pictures) : [];
        } catch (ImpossibleValue) {
            return [];
        }
    }

    /** @return list<string> */
    public static function lanes(Job $job): array
    {
        $lanes = $job->segments->flatMap(static fn (Segment $s): array => $s->lanes());

        return array_values($lanes->unique()->sort()->all()) ?: ['lead'];
    }

    /**
     * @throws ImpossibleValue when what is stored cannot be read
     */
    public function sending(Job $job, SendingRecord $record): DaySending
    {
        $gaps = SendText::gaps((string) $record->gaps);

        return new DaySending(
            $gaps === [] ? $this->pauses($job, $record->lane) : $gaps,
            SendText::pictures((string) $record->pictures),
            $record->rate_mb_s,
            $record->overhead_s,
        );
    }

    /**
     * The pauses of the plan's first day for who sends, as long as nobody walks or sets up: to be at the next place or post in time, one
     * leaves before they end.
     *
     * @return list<WantedGap>
     */
    public function pauses(Job $job, string $lane): array
    {
        $shot = $job->segments->filter(
            static fn (Segment $s): bool => $s->day === 0 && ! $s->is_break && in_array($lane, $s->lanes(), true),
        );
        $leave = DayPasses::of($this->plan->day($job))->leaveAt();
        $stops = $this->cover->stops($job);
        $stretches = [];
        foreach ($shot as $segment) {
            $starts = JobDay::of($job)->instantOf(ClockTime::of($segment->start_clock));
            $before = 60 * max($segment->setup_minutes, ($stops[$segment->id][$lane] ?? null)->walkMinutes ?? 0);
            $away = intdiv($starts - min($starts - $before, $leave[$segment->id] ?? $starts), 60);
            try {
                $from = ClockTime::of($segment->start_clock);
                $stretches[] = new WantedGap(
                    $segment->title,
                    ClockTime::ofMinutes(max(0, $from->minutes - $away)),
                    $from->plus($segment->minutes),
                );
            } catch (ImpossibleValue) {
                // It runs past the second midnight: nothing is sent after it.
                continue;
            }
        }

        return Pauses::of($stretches);
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(Job $job, SendingRecord $record): void
    {
        $sending = $this->sending($job, $record);
        if ($sending->gaps !== []) {
            $sending->plan();
        }
        $record->save();
    }

    /** Of a job that wants something early; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        $record = BriefDesk::has($job, 'sending') ? SendingRecord::query()->where('job_id', $job->id)->first() : null;
        try {
            $sending = $record === null ? null : $this->sending($job, $record);
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }

        return $sending === null || $sending->wanted === [] ? new Verdicts() : SendJudge::of($sending);
    }
}
