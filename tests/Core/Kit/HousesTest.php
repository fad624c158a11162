<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Rooms\House;
use NorthSatchel\Kit\Rooms\HousesJudge;
use NorthSatchel\Kit\Rooms\HousesOrder;
use NorthSatchel\Kit\Rooms\HousesRound;
use NorthSatchel\Kit\Rooms\Room;
use NorthSatchel\Kit\Rooms\RoomShot;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Kit\Rooms\SunTime;
use NorthSatchel\Plan\Stops\Stop;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Which of several houses first. */
final class HousesTest extends TestCase
{
    /** One front of ten minutes that has the sun from then to then. */
    private static function house(int $from, int $to, int $after = 0): House
    {
        $shots = array_map(static fn (Room $r): RoomShot => new RoomShot($r, null), RoomText::read('Front, faces E, 10 min'));

        return new House($shots, [new SunTime($from, $to)], $after);
    }

    public function test_the_house_in_the_morning_sun_comes_first(): void
    {
        $houses = [1 => self::house(840, 960), 2 => self::house(480, 560)];
        $stops = [new Stop(1, 60, 10, 480, 900), new Stop(2, 60, 20, 480, 900)];
        $way = static fn (int $a, int $b): int => 30;
        // As early as can be: the second at 8:00, then 30 min of way, and the first at 9:30, where its front is in shade until 14:00.
        $best = HousesOrder::best($stops, $houses, 480, $way);
        $this->assertEquals(new HousesRound([2 => 480, 1 => 570], 1, 630), $best);
        // Where the first may not be before two in the afternoon, both have the sun.
        $best = HousesOrder::best([new Stop(1, 60, 10, 840, 900), $stops[1]], $houses, 480, $way);
        $this->assertEquals(new HousesRound([2 => 480, 1 => 840], 2, 900), $best);
        $this->assertNull(HousesOrder::best([new Stop(1, 60, 10, 480, 500), new Stop(2, 60, 20, 480, 500)], $houses, 480, $way));
        $same = HousesOrder::best([new Stop(1, 60, 10, 480, 900), new Stop(2, 60, 10, 480, 900)], $houses, 480, $way);
        $this->assertSame(600, $same?->endsAt, 'at one place there is no way between');
        $eight = array_map(static fn (int $i): Stop => new Stop($i, 5, 1), range(1, 8));
        $this->assertNull(HousesOrder::best($eight, [], 480, $way), 'too many to try');
        $this->assertNotNull(HousesOrder::best(array_slice($eight, 1), [], 480, $way));
        $this->assertSame([1, 0], [self::house(510, 600, 30)->inSun(480), self::house(510, 600, 29)->inSun(480)], 'some minutes after the start');
    }

    public function test_what_is_said_of_it(): void
    {
        $houses = [1 => self::house(840, 960), 2 => self::house(480, 600)];
        $names = [1 => 'Barn', 2 => 'Mill', 3 => 'Shop'];
        $said = HousesJudge::of($houses, $names, [1 => 480, 2 => 600], new HousesRound([2 => 480, 1 => 840], 2, 900));
        $this->assertSame('In another order of the day 2 fronts more have the sun.', $said?->finding);
        $this->assertStringStartsWith(
            'Mill at 08:00, then Barn at 14:00: the sun is on 2 of 2 fronts while they are taken, and on 0 as planned.',
            $said->because,
        );
        $one = HousesJudge::of($houses, $names, [1 => 840, 2 => 600], new HousesRound([2 => 480, 1 => 840], 2, 900));
        $this->assertSame(['In another order of the day one front more has the sun.', 1], [$one?->finding, $one?->figures['more']]);
        $this->assertNull(HousesJudge::of($houses, $names, [1 => 840, 2 => 480], new HousesRound([2 => 480, 1 => 840], 2, 900)), 'as good already');
        $this->assertNull(HousesJudge::of($houses, $names, [1 => 480, 2 => 600], null), 'no order keeps the appointments');
        $this->assertNull(HousesJudge::of([1 => $houses[1]], $names, [1 => 480], new HousesRound([1 => 840], 1, 900)), 'one house alone');
    }

    /** Beside another reading of the rules: all orders written out one after the other. */
    public function test_the_most_fronts_of_all_orders(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($run = 0; $run < 60; $run++) {
            $houses = $stops = [];
            for ($id = 1; $id <= 4; $id++) {
                $from = $random->getInt(400, 900);
                $houses[$id] = self::house($from, $from + $random->getInt(10, 200));
                $stops[] = new Stop($id, $random->getInt(20, 90), $random->getInt(1, 3), $random->getInt(400, 500), $random->getInt(600, 1000));
            }
            $way = static fn (int $a, int $b): int => 10 * abs($a - $b);
            $most = -1;
            foreach (self::orders($stops) as $order) {
                $at = 420;
                $sun = 0;
                $last = null;
                foreach ($order as $stop) {
                    $at = max($stop->opens ?? 0, $at + ($last === null ? 0 : $way((int) $last->place, (int) $stop->place)));
                    if ($at > $stop->closes) {
                        continue 2;
                    }
                    $sun += $houses[$stop->id]->inSun($at);
                    $at += $stop->minutes;
                    $last = $stop;
                }
                $most = max($most, $sun);
            }
            $this->assertSame($most, HousesOrder::best($stops, $houses, 420, $way)->inSun ?? -1);
        }
    }

    /**
     * @param  list<Stop>  $stops
     * @return list<list<Stop>>
     */
    private static function orders(array $stops): array
    {
        if ($stops === []) {
            return [[]];
        }
        $all = [];
        foreach ($stops as $i => $stop) {
            $rest = $stops;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                $all[] = [$stop, ...$order];
            }
        }

        return $all;
    }
}
