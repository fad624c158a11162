<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\ElementsDesk;
use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Rooms\HouseOrder;
use NorthSatchel\Kit\Rooms\RoomsJudge;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Kit\Rooms\RoomTurn;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The rooms and fronts of a house, with the lenses that go along and the sun of that day. */
final readonly class RoomsDesk
{
    public function __construct(private ElementsDesk $elements, private CarryDesk $carry, private HousesDesk $houses) {}

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
        $house = HousesDesk::house($job, $record, $widest);

        return HouseOrder::of($house->shots, $house->suns, ClockTime::of($job->covered_from)->minutes + $house->after);
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
            $turns = $this->turns($job, $this->of($job));
            $same = new Verdicts(array_filter([$this->sameHours($job, $turns)]));

            return $same->with(self::judged($job, $turns))->with($this->houses->verdicts($job));
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }

    /**
     * @param  list<RoomTurn>  $turns
     *
     * @throws ImpossibleValue for elements that cannot be read
     */
    private function sameHours(Job $job, array $turns): ?Verdict
    {
        if (! BriefDesk::has($job, 'elements')) {
            return null;
        }
        $record = $this->of($job);
        $list = ElementsDesk::list($record);
        $day = ElementsDesk::day($job, $record, $list);

        return $list->elements() === [] ? null : RoomsJudge::sameHours($turns, $day->frame->from, $day->ends);
    }
}
