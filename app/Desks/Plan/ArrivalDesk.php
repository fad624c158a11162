<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Models\Brief\Job;
use App\Models\Plan\SendingRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Arrival\Arrival;
use NorthSatchel\Plan\Arrival\TaskText;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** When to be at an event. */
final readonly class ArrivalDesk
{
    public function __construct(private SendingDesk $sendings) {}

    public function of(Job $job): SendingRecord
    {
        return $this->sendings->of($job);
    }

    /** @throws ImpossibleValue naming the field, and the line of it */
    public static function arrival(Job $job, SendingRecord $record): Arrival
    {
        return new Arrival(
            TaskText::read((string) $record->tasks),
            ClockTime::of($record->doors_clock ?? $job->covered_from),
            $record->hands,
            $record->spare_minutes,
        );
    }

    /**
     * @param  array{tasks: string, doors_clock: string, hands: int, spare_minutes: int}  $fields
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(Job $job, array $fields): void
    {
        $record = $this->of($job)->fill($fields);
        self::arrival($job, $record);
        $record->save();
    }

    /** Of a job with tasks; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'tasks')) {
            return new Verdicts();
        }
        try {
            return self::arrival($job, $this->of($job))->verdicts(ClockTime::of($job->covered_from)->minutes);
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be.
            return new Verdicts();
        }
    }
}
