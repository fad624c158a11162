<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\JobDay;
use App\Desks\Plan\DaysDesk;
use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\StudioRecord;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Rooms\FrontSun;
use NorthSatchel\Kit\Rooms\House;
use NorthSatchel\Kit\Rooms\HousesJudge;
use NorthSatchel\Kit\Rooms\HousesOrder;
use NorthSatchel\Kit\Rooms\HousesRound;
use NorthSatchel\Kit\Rooms\RoomShot;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** The houses of one day, and the order in which most of their fronts have the sun. */
final class HousesDesk
{
    /** Before this nobody opens a house. */
    private const EARLIEST = 6 * 60;

    public function __construct(private readonly DaysDesk $days) {}

    /**
     * @param  float|null  $widestMm  of the lenses that go along
     *
     * @throws ImpossibleValue naming the line
     */
    public static function house(Job $job, StudioRecord $record, ?float $widestMm = null): House
    {
        $point = JobDay::pointOf($job->place);
        $day = JobDay::of($job);
        $shots = $suns = [];
        foreach (RoomText::read((string) $record->rooms) as $room) {
            $shots[] = new RoomShot($room, $widestMm);
            $suns[] = $point === null || $room->facesDeg === null
                ? null
                : FrontSun::of($point, $room->facesDeg, $day->startsAt(), $day->startsAt() + 86399);
        }
        $from = ClockTime::of($job->covered_from)->minutes;

        return new House($shots, $suns, $record->begins_clock === null ? 0 : ClockTime::of($record->begins_clock)->minutes - $from);
    }

    public function verdicts(Job $job): Verdicts
    {
        // Most days have one house at the most: then nothing else is read.
        $records = self::records($job->date);
        if (count($records) < 2) {
            return new Verdicts();
        }
        $jobs = $this->days->jobs($job->date);
        $houses = self::houses($jobs, $records);

        return new Verdicts(array_filter([
            HousesJudge::of($houses, DaysDesk::names($jobs), DaysDesk::starts($jobs), $this->best($jobs, $houses)),
        ]));
    }

    /**
     * Makes that order the plan of the day.
     *
     * @throws ValidationException where none keeps every appointment
     */
    public function apply(Job $job): PlanChange
    {
        $jobs = $this->days->jobs($job->date);
        $best = $this->best($jobs, self::houses($jobs, self::records($job->date)));
        if ($best === null) {
            throw ValidationException::withMessages(['refused' => 'No order of that day keeps every appointment; nothing was changed.']);
        }

        return $this->days->apply('the houses in the order of the sun', $best->starts);
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @param  array<int, House>  $houses
     */
    private function best(Collection $jobs, array $houses): ?HousesRound
    {
        $stops = DaysDesk::stops($jobs);
        $from = min([self::EARLIEST, ...array_values(DaysDesk::starts($jobs))]);

        return count($houses) < 2 ? null : HousesOrder::best($stops, $houses, max($from, self::EARLIEST), $this->days->way(...));
    }

    /** @return list<StudioRecord> with rooms, of the jobs of a day */
    private static function records(string $date): array
    {
        $jobs = Job::query()->where('date', $date)->select('id');

        /** @var list<StudioRecord> */
        return StudioRecord::query()->whereIn('job_id', $jobs)->whereNotNull('rooms')->get()->all();
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @param  list<StudioRecord>  $records
     * @return array<int, House> by job id, those whose rooms can be read
     */
    private static function houses(Collection $jobs, array $records): array
    {
        $houses = [];
        foreach ($records as $record) {
            try {
                $house = self::house($jobs->firstOrFail('id', $record->job_id), $record);
            } catch (ImpossibleValue) {
                continue;
            }
            $houses += $house->fronts() === 0 ? [] : [$record->job_id => $house];
        }

        return $houses;
    }
}
