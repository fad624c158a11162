<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Crew\FloorPlan;
use NorthSatchel\People\Crew\Seat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who sits where, and who has a screen. */
final class FloorPlanTest extends TestCase
{
    private const FLOOR = "Set, 2, 6\nCamera, 2, 4\nOdd, operator, 4, 4, screen\nSigne, client, 6.5 m, 2, a screen";

    /** @return list<string> */
    private static function codes(string $text): array
    {
        return array_map(static fn ($v): string => $v->code, iterator_to_array(FloorPlan::read($text)->verdicts(), false));
    }

    public function test_a_floor_is_read_and_drawn_to_scale(): void
    {
        $plan = FloorPlan::read(self::FLOOR);
        $this->assertEquals(new Seat('Signe, client', 6.5, 2.0, true), $plan->seats[3]);
        $this->assertTrue($plan->seats[0]->isThing() && $plan->seats[2]->isOperator() && ! $plan->seats[3]->isThing());
        [$set, $camera] = $plan->seats;
        $this->assertEqualsWithDelta(2 * $plan->scale, $plan->y($camera) - $plan->y($set), 1e-9, 'farther across is higher up');
        $this->assertEqualsWithDelta(4.5 * $plan->scale, $plan->x($plan->seats[3]) - $plan->x($set), 1e-9);
        foreach ($plan->seats as $seat) {
            $this->assertTrue($plan->x($seat) >= 0 && $plan->x($seat) <= 640 && $plan->y($seat) >= 0 && $plan->y($seat) <= $plan->height);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function bad(): iterable
    {
        yield 'nowhere' => ['Signe, client'];
        yield 'half a place' => ['Signe, 6'];
        yield 'in another town' => ['Signe, 61, 4'];
        yield 'twice' => ["Signe, 6, 4\nsigne, 5, 4"];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage('in line');
        FloorPlan::read($text);
    }

    public function test_everybody_has_a_screen_and_nobody_sits_behind_the_operator(): void
    {
        $this->assertSame(['floor.seen'], self::codes(self::FLOOR));
        $this->assertSame(['floor.no-screen'], self::codes(self::FLOOR."\nRuna, stylist, 8, 6"));
        $this->assertSame(['floor.behind'], self::codes(self::FLOOR."\nLiv, 4.5, 3, screen"));
        $this->assertSame(['floor.seen'], self::codes(self::FLOOR."\nLiv, 5.5, 4, screen"), 'a metre and a half is enough');
        $this->assertSame([], self::codes("Set, 2, 6\nCamera, 2, 4\nTable 2, 3, 3"), 'nobody is there');
        $this->assertSame(['floor.no-screen'], self::codes("Set, 2, 6\nSet designer, 3, 4"), 'a designer is no thing');
        $things = "Sofa, 1, 3\nClient table, 2, 2\nLong bench 2, 5, 5";
        $this->assertSame([], self::codes($things));
        $this->assertSame(['floor.no-screen'], self::codes("{$things}\nBench, model, 3, 3"), 'a model is no bench');
        $this->assertSame([], self::codes(''));
    }

    public function test_of_no_operator_nothing_is_said(): void
    {
        $says = static fn (string $text): string => FloorPlan::read($text)->verdicts()->worst()?->finding ?? '';
        $this->assertSame('Everybody on the floor plan has a screen.', $says("Set, 2, 6\nSigne, client, 6, 2, screen"));
        $this->assertSame('Everybody on the floor plan has a screen, and nobody sits behind the operator.', $says(self::FLOOR));
    }

    public function test_names_stand_whole_and_apart(): void
    {
        $plan = FloorPlan::read("Bo, operator, 4, 4, screen\nRia, stylist, 4.2, 4.1\nKim, assistant of the stylist, 4.1, 3.9\nTo, 0, 0\nNo, 9, 9");
        $boxes = [];
        foreach ($plan->names() as $i => $name) {
            $this->assertSame($plan->seats[$i]->name, $name->label);
            $half = 0.5 * 14 * mb_strlen($name->label) / 2;
            $this->assertTrue($name->x - $half >= 0 && $name->x + $half <= 640 && $name->y >= 14 && $name->y <= $plan->height);
            foreach ($boxes as [$x, $y, $other]) {
                $this->assertTrue(abs($x - $name->x) >= $half + $other || abs($y - $name->y) >= 14, "{$name->label} lies over another");
            }
            $boxes[] = [$name->x, $name->y, $half];
        }
        $this->assertCount(5, $boxes);
    }
}
