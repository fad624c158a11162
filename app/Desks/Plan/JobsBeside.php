<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use NorthSatchel\Plan\Stops\Engagement;
use NorthSatchel\Plan\Stops\EngagementJudge;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** The other jobs around a job's days: nobody is at two at once. */
final class JobsBeside
{
    /** The longest job that is looked for among those that began before. */
    private const LONGEST_DAYS = 14;

    /** @var list<array{int, string, Engagement}> job, the day it begins, and one of its days; of all jobs from the day below on */
    private array $all = [];

    private ?string $from = null;

    public function __construct(private readonly DaysDesk $days) {}

    /** What else is on the days of a job, and the nights around them. */
    public function verdicts(Job $job): Verdicts
    {
        $day = static fn (string $date, int $by): string => (new \DateTimeImmutable($date))->modify("{$by} days")->format('Y-m-d');
        [$from, $to] = [$day($job->date, -self::LONGEST_DAYS), $day($job->date, JobDay::count($job))];
        $this->read(min($from, $day(now()->format('Y-m-d'), -self::LONGEST_DAYS)));
        $near = array_filter($this->all, static fn (array $of): bool => $of[0] !== $job->id && $of[1] >= $from && $of[1] <= $to);

        return EngagementJudge::of(self::engagements($job), array_values(array_column($near, 2)), $this->days->knownWay(...));
    }

    /** Once for all jobs of a page. */
    private function read(string $from): void
    {
        if ($this->from !== null && $this->from <= $from) {
            return;
        }
        $this->from = $from;
        $this->all = [];
        foreach (Job::query()->where('date', '>=', $from)->with(['place', 'segments:id,job_id,day'])->get() as $job) {
            foreach (self::engagements($job) as $engagement) {
                $this->all[] = [$job->id, $job->date, $engagement];
            }
        }
    }

    /** @return list<Engagement> a day each */
    private static function engagements(Job $job): array
    {
        return array_map(static function (int $number) use ($job): Engagement {
            $day = JobDay::of($job, $number);
            $at = static fn (string $clock): int => $day->startsAt() + 60 * ClockTime::of($clock)->minutes;

            return new Engagement($job->name, $day, $at($job->covered_from), $at($job->covered_to), $job->place_id);
        }, range(0, JobDay::count($job) - 1));
    }
}
