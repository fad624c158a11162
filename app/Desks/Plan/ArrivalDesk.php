<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\SendingRecord;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Arrival\Arrival;
use NorthSatchel\Plan\Arrival\Task;
use NorthSatchel\Plan\Arrival\TaskText;
use NorthSatchel\Plan\Lights\PreLight;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** When to be at an event. */
final readonly class ArrivalDesk
{
    public function __construct(private SendingDesk $sendings, private SetupLightDesk $lights, private CamerasAlone $cameras) {}

    public function of(Job $job): SendingRecord
    {
        return $this->sendings->of($job);
    }

    /** @throws ImpossibleValue naming the field, and the line of it */
    public static function arrival(Job $job, SendingRecord $record): Arrival
    {
        return new Arrival(
            TaskText::read((string) $record->tasks),
            ClockTime::of(self::begins($job, $record)),
            self::hands($job, $record),
            $record->spare_minutes,
            $job->kind->hasElements(),
        );
    }

    /** @return list<Task> mounting each camera that stands alone */
    public function cameras(Job $job): array
    {
        return $this->cameras->tasks($job);
    }

    /** How many come: as typed with the list, else those of the plan. */
    public static function hands(Job $job, SendingRecord $record): int
    {
        return trim((string) $record->tasks) === ''
            ? max(1, $job->segments->flatMap(static fn (Segment $s): array => $s->lanes())->unique()->count())
            : $record->hands;
    }

    /** When the doors open, or in a studio the first picture is taken: as typed, else as the elements begin, else with the covered hours. */
    public static function begins(Job $job, SendingRecord $record): string
    {
        $studio = $record->doors_clock === null && $job->kind->hasElements()
            ? StudioRecord::query()->where('job_id', $job->id)->value('begins_clock')
            : null;

        return $record->doors_clock ?? $studio ?? ($job->kind->hasElements() ? ElementsDesk::usualBegin($job) : $job->covered_from);
    }

    /** Tasks to begin with in a studio, from the light of the setup that comes first; empty where that is not written. */
    public function fromLights(Job $job): string
    {
        try {
            $studio = $this->lights->of($job);
            $list = ElementsDesk::list($studio);
            $first = $list->byId()[(int) ($list->order()->order[0] ?? 0)]->setup ?? '';
            foreach (SetupLightDesk::lights($studio) as $light) {
                if ($first === '' || mb_strtolower($light->setup) === mb_strtolower($first)) {
                    return PreLight::tasks($light);
                }
            }
        } catch (ImpossibleValue) {
            // Their own page says what cannot be read.
        }

        return '';
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(Job $job, SendingRecord $record): void
    {
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
            return self::arrival($job, $this->of($job))->verdicts(ClockTime::of($job->covered_from)->minutes, $this->cameras($job));
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be.
            return new Verdicts();
        }
    }
}
