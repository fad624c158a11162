<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Plan\ElementsDesk;
use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Rooms\FrontSun;
use NorthSatchel\Kit\Rooms\HouseOrder;
use NorthSatchel\Kit\Rooms\RoomShot;
use NorthSatchel\Kit\Rooms\RoomsJudge;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Kit\Rooms\RoomTurn;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** The rooms and fronts of a house, with the lenses that go along and the sun of that day. */
final readonly class RoomsDesk
{
    public function __construct(private ElementsDesk $elements, private CarryDesk $carry) {}

    public function of(Job $job): StudioRecord
    {
        return $this->elements->of($job);
    }

    /**
     * @return list<RoomTurn> in the order in which they are taken
     *
     * @throws ImpossibleValue naming the line
     */
    public function turns(Job $job, StudioRecord $record): array
    {
        $lenses = new CarriedLenses($this->carry->carried($job));
        $reaches = array_map(static fn (Carried $c): int => $lenses->reach($c->gear, $c->lane)[0], $lenses->all());
        $widest = $reaches === [] ? null : (float) min($reaches);
        $point = JobDay::pointOf($job->place);
        $day = JobDay::of($job);
        $shots = $suns = [];
        foreach (RoomText::read((string) $record->rooms) as $room) {
            $shots[] = new RoomShot($room, $widest);
            $suns[] = $point === null || $room->facesDeg === null
                ? null
                : FrontSun::of($point, $room->facesDeg, $day->startsAt(), $day->startsAt() + 86399);
        }

        return HouseOrder::of($shots, $suns, self::begins($job, $record));
    }

    private static function begins(Job $job, StudioRecord $record): int
    {
        return ClockTime::of($record->begins_clock ?? $job->covered_from)->minutes;
    }

    /** @param  list<RoomTurn>  $turns */
    public static function judged(Job $job, array $turns): Verdicts
    {
        return RoomsJudge::of($turns, ClockTime::of($job->covered_to)->minutes);
    }

    /** @throws ImpossibleValue naming the line */
    public function keep(Job $job, string $rooms): void
    {
        RoomText::read($rooms);
        $this->of($job)->fill(['rooms' => $rooms])->save();
    }

    /** Of a job with rooms; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'rooms')) {
            return new Verdicts();
        }
        try {
            return self::judged($job, $this->turns($job, $this->of($job)));
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }
}
