<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\Pack\DayKit;
use NorthSatchel\Kit\Pack\KitStop;
use NorthSatchel\Kit\Pack\LeaveCheck;
use NorthSatchel\Kit\Pack\LightMarks;
use NorthSatchel\Kit\Pack\ListLine;
use NorthSatchel\Kit\Pack\NightList;
use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackedItem;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Kit\Pack\Placement;
use NorthSatchel\Kit\Pack\StopThing;
use NorthSatchel\Kit\Remote\RemoteBody;
use NorthSatchel\Kit\Remote\RemoteJudge;
use NorthSatchel\Kit\Remote\RemotePlan;
use NorthSatchel\Kit\Remote\RemoteRounds;
use NorthSatchel\Kit\Remote\RemoteSheet;
use NorthSatchel\Kit\Rooms\FrontSun;
use NorthSatchel\Kit\Rooms\House;
use NorthSatchel\Kit\Rooms\HouseOrder;
use NorthSatchel\Kit\Rooms\HousesJudge;
use NorthSatchel\Kit\Rooms\HousesOrder;
use NorthSatchel\Kit\Rooms\RoomShot;
use NorthSatchel\Kit\Rooms\RoomsJudge;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Kit\Rooms\SunTime;
use NorthSatchel\Kit\Test\PlainFrame;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Kit\Test\TestResult;
use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Plan\Lights\LightsJudge;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Plan\Stops\Stop;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;
use Tests\Support\MadeUpDay;
use Tests\Support\MadeUpKit;
use Tests\Support\Sayings;

/** What is said of made-up setups of light, houses, cameras that stand alone, bags, tests and lists. */
final class MadeUpWorkTest extends TestCase
{
    private const TIMES = 30;

    private const MORE = 10;

    public function test_what_is_said_of_made_up_lights(): void
    {
        $say = new Sayings('lights', whole: 2 * self::TIMES);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("Light {$i}");
            $elements = ElementList::read("Final\n  Table\n    Pack\n  Tank\n    Splash", '', 10);
            $first = self::written($say);
            $lights = LightsText::read("Table\n{$first}Tank\n".($say->often(30) ? $first : self::written($say)).($say->often(20) ? "Old\n" : ''));
            $again = $say->often(50) ? LightsText::read("Table\n".($say->often(30) ? $first : self::written($say))) : [];
            $say->verdicts((new LightsJudge($lights, $elements, $again))->verdicts());
        }
        $say->keep();
    }

    private static function written(Sayings $say): string
    {
        $text = $say->often(60) ? '  Subject, '.$say->one(['1', '1.1', '1.6'])." m high\n" : '';
        foreach (['Key' => 95, 'Fill' => 60, 'Rim' => 40, 'Background' => 40, 'Black card' => 30, 'Camera' => 80] as $name => $often) {
            if (! $say->often($often)) {
                continue;
            }
            $parts = [
                $say->one(['1', '1.6', '2', '2.4', '3.2']).' m away',
                $say->one(['10° left', '45° left', '46° left', '60° right', '150° right', '0°']),
            ];
            $parts[] = $say->often(70) ? $say->one(['0.5', '1', '1.9', '2.3']).' m high' : '';
            $isLight = in_array($name, ['Key', 'Fill', 'Rim'], true);
            $parts[] = $isLight && $say->often(75) ? $say->one(['1/4', '1/8', '1/16', 'full']).' power' : '';
            $parts[] = $isLight && $say->often(60) ? $say->one(['200', '400']).' Ws' : '';
            $parts[] = $isLight && $say->often(70) ? $say->one(['softbox 60 cm', 'softbox 90 cm', 'dish 40 cm', 'strip', 'frame 120 cm']) : '';
            $parts[] = $isLight && $say->often(20) ? 'loses 1 stop' : '';
            $parts[] = $isLight && $say->often(20) ? 'boom' : '';
            $parts[] = $isLight && $say->often(10) ? 'seen' : '';
            $parts[] = $name === 'Camera' && $say->often(70) ? $say->one(['35', '50', '100']).' mm' : '';
            $text .= "  {$name}, ".implode(', ', array_filter($parts))."\n";
        }

        return $text;
    }

    public function test_what_is_said_of_made_up_houses(): void
    {
        $say = new Sayings('houses', whole: self::TIMES);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("House {$i}");
            $day = LocalDay::of($say->one(['2030-03-20', '2030-06-21', '2030-12-12']), 'Europe/Stockholm');
            $lines = [];
            for ($room = $say->whole(1, 4); $room > 0; $room--) {
                $lines[] = $say->often(45)
                    ? "Front {$room}, faces ".$say->rather(['N', 'E', 'SE', 'S', 'W', '250°'], ['NE', 'NW', 'SW']).', '.$say->one(['10', '20']).' min'
                    : implode(', ', array_filter([
                        "Room {$room}",
                        $say->often(75) ? $say->one(['2 × 2.5 m', '4 × 5 m', '4.2 × 3.1 m', '9 × 6 m']) : '',
                        $say->one(['', '×2', '×3']),
                        $say->often(60) ? $say->one(['window EV 13', 'window EV 10']).', room EV 7' : '',
                        $say->often(30) ? 'lamps' : '',
                    ]));
            }
            $widest = $say->one([null, 14.0, 20.0, 24.0, 35.0]);
            $shots = array_map(static fn ($room): RoomShot => new RoomShot($room, $widest), RoomText::read(implode("\n", $lines)));
            $suns = array_map(static fn (RoomShot $s): ?SunTime => $s->room->facesDeg === null ? null : FrontSun::of(
                MadeUpDay::place(),
                $s->room->facesDeg,
                $day->startsAt(),
                $day->endsAt(),
            ), $shots);
            $from = 60 * $say->whole(7, 14);
            $turns = HouseOrder::of($shots, $suns, $from);
            foreach ($turns as $turn) {
                $say->add("{$turn->hours()} {$turn->shot->room->name}: {$turn->shot->says()}; {$turn->sunSays()} ".
                    json_encode($turn->shot->bracket, JSON_THROW_ON_ERROR));
            }
            $end = ($turns === [] ? $from : $turns[count($turns) - 1]->to) + $say->one([-10, -1, 0, 60]);
            $say->verdicts(RoomsJudge::of($turns, $end));
            $houses = $stops = $planned = $names = [];
            for ($id = 1, $of = $say->whole(2, 4); $id <= $of; $id++) {
                $houses[$id] = new House($shots, array_map(
                    static fn (?SunTime $sun): ?SunTime => $sun === null ? null : new SunTime($sun->from + 60 * ($id - 2), $sun->to + 60 * ($id - 2)),
                    $suns,
                ), $say->one([0, 10]));
                $planned[$id] = $from + 90 * $id;
                $stops[] = new Stop($id, 60, $id, $say->one([null, $planned[$id] - 60]), $say->one([null, $planned[$id] + 200]));
                $names[$id] = "House {$id}";
            }
            $best = HousesOrder::best($stops, $houses, $from, static fn (int $a, int $b): int => 10 * abs($a - $b));
            $say->add(json_encode($best, JSON_THROW_ON_ERROR));
            $say->verdicts([HousesJudge::of($houses, $names, $planned, $best)]);
        }
        $say->keep();
    }

    public function test_what_is_said_of_made_up_lone_cameras(): void
    {
        $say = new Sayings('alone', whole: 2 * self::TIMES);
        $day = LocalDay::of('2030-09-14', 'Europe/Stockholm');
        $at = static fn (int $minute): int => $day->startsAt() + 60 * $minute;
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("Camera {$i}");
            $stretches = [];
            $minute = 60 * 8;
            for ($k = 1, $of = $say->whole(0, 6); $k <= $of; $k++) {
                $minute += $say->rather([0, 10, 31, 32, 37, 38, 60], [1, 20, 30, 40, 41]);
                $long = $say->one([30, 60, 120]);
                $stretches[] = new PlannedStretch(
                    $k, "Heat {$k}", $say->one([['lead'], ['lead', 'second'], ['second']]), $at($minute), $at($minute + $long),
                    sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60), 1, Priority::Must, null, [],
                );
                $minute += $long;
            }
            $fires = $say->one([600, 720, 840, 1200]);
            $until = $fires + $say->one([10, 60, 120]);
            $mounted = $fires - $say->rather([30, 60, 240], [0, 1, 31, 90]);
            $walk = (float) $say->rather([0, 6, 15], [1, 2, 10]);
            $rounds = new RemoteRounds($stretches, 'lead', $at($mounted), $at($fires), $at($until), $walk, 20.0, 10.0, $day);
            $sun = static fn (int $minute): SunPosition => Sun::at(MadeUpDay::place(), $at($minute));
            $plan = new RemotePlan(
                $sun($mounted),
                $sun($fires),
                (float) $say->one([0, 90, 180, 225, 270]),
                $rounds->hoursAlone(),
                $say->rather([0, 100, 400, 1200, 3000], [1, 2, 600]),
                new RemoteBody(50.0, $say->one([0.0, 10.0]), $say->one([300.0, 600.0]), $say->one([2.0, 8.0, 40.0]), $say->one([32.0, 64.0])),
                (float) $say->one([-10, 0, 10, 20]),
                $say->one([4.0, 5.6, 8.0]),
                $say->whole(1, 2),
                $say->often(80) ? $rounds : null,
                $say->often(80) ? [$sun($fires), $sun($until)] : [],
                $say->one([null, null, 9.0, 5.0]),
            );
            $say->verdicts((new RemoteJudge($plan))->verdicts());
            $say->verdicts($rounds->verdicts());
            $say->add($plan->exposures()->says());
            $blur = MotionBlur::of((float) $say->one([5, 20, 60]), 10.0, 200.0, 1 / 30, 4.0);
            $sheet = new RemoteSheet($plan, $rounds, 90.0, $say->one([1 / 4000, 1 / 1000, 1 / 250]), $blur, 30.0);
            foreach ($sheet->steps() as $step) {
                $say->add("{$step->clock} {$step->what}");
            }
            $say->add(implode(' ', $sheet->open()));
        }
        $say->keep();
    }

    /** Dust on a sensor, on walls that are lit unevenly. */
    public function test_what_is_said_of_plain_frames(): void
    {
        $say = new Sayings('plain', whole: self::TIMES);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            [$width, $height] = $say->one([[24, 20], [40, 30]]);
            [$fall, $rows] = [$say->one([0.0, 0.002, 0.02]), []];
            for ($y = 0; $y < $height; $y++) {
                for ($x = 0; $x < $width; $x++) {
                    $rows[$y][$x] = max(0.0, 0.6 - $fall * $x);
                }
            }
            for ($k = $say->whole(0, 3); $k > 0; $k--) {
                [$atX, $atY] = [$say->whole(0, $width - 1), $say->whole(0, $height - 1)];
                [$size, $share] = [$say->one([0, 1, 3]), $say->rather([0.95, 0.9, 0.7], [0.96, 0.94, 0.5])];
                for ($y = max(0, $atY - $size); $y <= min($height - 1, $atY + $size); $y++) {
                    for ($x = max(0, $atX - $size); $x <= min($width - 1, $atX + $size); $x++) {
                        $rows[$y][$x] *= $share;
                    }
                }
            }
            $frame = PlainFrame::of($rows);
            $say->head("Frame {$i}, uneven by ".round($frame->unevenness, 4));
            foreach ($frame->spots as $spot) {
                $say->add(json_encode(array_map(static fn (float|int $of): float => round($of, 4), $spot), JSON_THROW_ON_ERROR));
            }
            $say->verdicts($frame->verdicts('Body A'));
        }
        $say->keep();
    }

    public function test_what_is_said_of_made_up_bags(): void
    {
        $say = new Sayings('bags', whole: self::TIMES);
        $made = new MadeUpKit($say);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("Bag {$i}");
            $items = [];
            for ($k = 1, $of = $say->whole(0, 15); $k <= $of; $k++) {
                $small = $say->often(50);
                $items[] = new PackedItem($k, "Thing {$k}", $small ? 'card' : 'lens', $small ? 100 : 1000, $small, $say->often(60));
            }
            $in = array_slice($items, 0, $say->whole(0, count($items)));
            $bag = new PackedBag(1, 'Case', $say->one(['case', 'hip', 'pouch']), $say->one([1, 4, 6]), $say->one([null, 2000, 5000, 9000]), $in);
            $grams = ['lead' => $say->one([0, 11_999, 12_000, 12_001, 20_000]), 'second' => $say->one([0, 12_000, 13_000])];
            $say->verdicts(PackJudge::of([$bag], array_slice($items, count($in)), $grams));
            $gear = $made->shelf();
            $tests = [];
            foreach ($gear as $one) {
                if ($say->often(50)) {
                    $tests[$one->id] = new TestResult($say->one(['2030-06-01', '2030-06-10', '2030-06-11', '2030-07-09']), $say->often(70));
                }
            }
            $due = TestDays::of($gear, $tests, '2030-07-10', $say->one(['2030-06-20', '2030-07-04', '2030-07-07', '2030-07-09']));
            foreach ($due as $one) {
                $say->add("{$one->gear->label}: {$one->state->value} by {$one->latestOn}. {$one->mend()}");
            }
            $say->verdicts(TestDays::verdicts($due));
            $this->sayLists($say);
        }
        $say->keep();
    }

    private function sayLists(Sayings $say): void
    {
        $lists = NightList::of(
            $say->one([[], ['OV-16' => 4, 'AA' => 1]]),
            $say->one([[], ['Body A'], ['Body A', 'Body B']]),
            new CardsSeen($say->whole(0, 3), $say->whole(0, 2), $say->one([[], ['Card 1'], ['Card 1', 'Card 2']])),
            $say->one([[], ['mode' => true, 'types' => true, 'clock' => true], ['mode' => false, 'clock' => true]]),
            $say->one([[], ['Tele'], ['Tele', 'Flash']]),
            $say->whole(0, 3),
            $say->one([[], ['Pass']]),
            (float) $say->one([4, 9, 14]),
            (float) $say->one([0, 20, 25, 30]),
        );
        foreach ([...$lists->night, ...$lists->door] as $line) {
            $say->add(self::line($line));
        }
        $placements = [];
        for ($k = 0, $of = $say->whole(0, 5); $k < $of; $k++) {
            $id = $say->whole(1, 3);
            $marks = ['heightCm' => 200.0, 'angleDeg' => 45.0];
            $placements[] = new Placement($id, "Stand {$id}", $say->one(['Barn', 'Quay']), '10:00', $say->often(40), $marks);
        }
        $along = array_slice([1 => 'Stand 1', 2 => 'Stand 2', 3 => 'Stand 3'], 0, $say->whole(0, 3), true);
        $home = array_fill_keys(array_slice([1, 2, 3], 0, $say->whole(0, 3)), true);
        $say->verdicts(LeaveCheck::of($placements, $say->one([[], ['Barn' => '17:00']]), $along, $home));
        $now = ['heightCm' => $say->one([198.0, 202.0, 203.0]), 'angleDeg' => $say->one([42.0, 45.0, 49.0])];
        $say->verdicts([LightMarks::compare('Key', ['heightCm' => 200.0, 'angleDeg' => 45.0], $say->one([$now, [], ['heightCm' => 200.0]]))]);
        $stops = [];
        for ($job = 1, $of = $say->whole(2, 3); $job <= $of; $job++) {
            $from = 60 * $say->whole(8, 14);
            $things = [
                1 => new StopThing('Body A', 'body'),
                2 => new StopThing('Card 1', 'card'),
                3 => new StopThing('Tele', 'lens'),
                4 => new StopThing('Cell 1', 'cell'),
            ];
            $taken = array_filter($things, static fn (): bool => $say->often(60));
            $stops[] = new KitStop($job, "Job {$job}", $from, $from + $say->one([60, 120]), $taken);
        }
        $way = $say->one([0, 1, 20]);
        $kit = new DayKit($stops, static fn (int $a, int $b): int => $way);
        $say->verdicts($kit->verdicts($say->one([null, 1])));
    }

    private static function line(ListLine $line): string
    {
        return "{$line->code}: {$line->what} {$line->why} ".match ($line->proved) {
            null => '',
            true => 'proved',
            false => 'not proved',
        };
    }
}
