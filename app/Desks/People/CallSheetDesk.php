<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\ArrivalDesk;
use App\Desks\Plan\ElementsDesk;
use App\Models\Brief\Job;
use App\Models\Plan\SendingRecord;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Crew\CallSheetJudge;
use NorthSatchel\People\Crew\CrewMember;
use NorthSatchel\People\Crew\CrewText;
use NorthSatchel\People\Crew\FloorPlan;
use NorthSatchel\Plan\Looks\Look;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Setups\PersonHours;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\TypedLine;
use NorthSatchel\Verdicts;

/** Who is called for a studio day. */
final readonly class CallSheetDesk
{
    public function __construct(private ElementsDesk $elements) {}

    public function of(Job $job): StudioRecord
    {
        return $this->elements->of($job);
    }

    /**
     * @return list<CrewMember>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function members(StudioRecord $record): array
    {
        return CrewText::read((string) $record->crew);
    }

    /** @throws ImpossibleValue naming the line */
    public static function floor(StudioRecord $record): FloorPlan
    {
        return FloorPlan::read((string) $record->floor);
    }

    /** @return list<string> who wears a look */
    private static function wearing(StudioRecord $record): array
    {
        try {
            $models = array_map(static fn (Look $l): array => TypedLine::names((string) $l->model), LooksText::read((string) $record->looks));
        } catch (ImpossibleValue) {
            // Their own page says what cannot be read.
            return [];
        }

        return array_values(array_unique(array_merge(...$models)));
    }

    /** @return list<PersonHours> who builds what must stand for the first picture */
    private static function building(Job $job): array
    {
        $record = BriefDesk::has($job, 'tasks') ? SendingRecord::query()->where('job_id', $job->id)->first() : null;
        try {
            $done = $record === null ? [] : ArrivalDesk::arrival($job, $record)->done;
        } catch (ImpossibleValue) {
            return [];
        }

        $hours = [];
        foreach ($done as $one) {
            foreach ($one->task->names() as $name) {
                $hours[] = new PersonHours($name, $one->from->minutes, $one->to->minutes);
            }
        }

        return $hours;
    }

    /** @return list<PersonHours> whom the tasks before, the elements and the first day's segments name, from when to when */
    public function needed(Job $job, StudioRecord $record): array
    {
        try {
            $list = ElementsDesk::list($record);
            $all = ElementsDesk::day($job, $record, $list)->people();
        } catch (ImpossibleValue) {
            $all = [];
        }
        foreach ($job->segments->where('day', 0) as $segment) {
            $from = ClockTime::of($segment->start_clock)->minutes;
            foreach ($segment->people ?? [] as $name) {
                $all[] = new PersonHours((string) $name, $from, $from + $segment->minutes);
            }
        }
        array_push($all, ...self::building($job));
        $needed = [];
        foreach ($all as $one) {
            $had = $needed[mb_strtolower($one->name)] ?? $one;
            $needed[mb_strtolower($one->name)] = new PersonHours($had->name, min($had->from, $one->from), max($had->to, $one->to));
        }

        return array_values($needed);
    }

    /** @throws ImpossibleValue naming the line */
    public function judge(Job $job, StudioRecord $record): CallSheetJudge
    {
        return new CallSheetJudge(self::members($record), $this->needed($job, $record), (string) $record->hospital, self::wearing($record));
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the line
     */
    public function keep(StudioRecord $record): void
    {
        self::members($record);
        self::floor($record);
        $record->save();
    }

    /** Of a job with a call sheet; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'crew')) {
            return new Verdicts();
        }
        try {
            return $this->judge($job, $this->of($job))->verdicts()->with(self::floor($this->of($job))->verdicts());
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }
}
