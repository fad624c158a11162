<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Judge\WalkJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

/** Walking is shooting time (common practice, no source). */
final class WalkJudgeTest extends TestCase
{
    /** @param  array<int, GeoPoint>  $points */
    private static function day(Travels $travels, array $points = [], string $next = 'Portraits of the two'): PlannedDay
    {
        $day = LocalDay::of('2027-06-12', 'Europe/Vienna');
        $at = $day->startsAt() + 50_000;

        return new PlannedDay(
            $day,
            [
                new Segment(1, 'Ceremony', 'lead', $at, 40, Priority::Must, new Setting(1, 'Chapel')),
                new Segment(2, $next, 'lead', $at + 3600, 40, Priority::Must, new Setting(2, 'Wall')),
            ],
            $travels,
            $points,
            null,
        );
    }

    /**
     * @param  array<int, list<string>>  $shots
     * @return list<string>
     */
    private static function found(PlannedDay $day, array $shots = []): array
    {
        return array_map(static fn ($v): string => "{$v->code} {$v->figures['minutes']} {$v->remedy?->on['segment']}", WalkJudge::of($day, $shots));
    }

    public function test_a_walk_without_a_shot_is_told(): void
    {
        $this->assertSame(['plan.walk 8 2'], self::found(self::day(new Travels([1 => [2 => 8]], [1 => [2 => 8]]))));
        $this->assertSame(['plan.walk 5 2'], self::found(self::day(new Travels([1 => [2 => 20]], [2 => [1 => 5]]))), 'the last bit on foot');
        $this->assertSame([], self::found(self::day(new Travels([1 => [2 => 20]]))), 'it is driven');
        $this->assertSame([], self::found(self::day(new Travels([1 => [2 => 3]], [1 => [2 => 3]]))), 'round the corner');
        $this->assertSame([], self::found(self::day(new Travels([1 => [2 => 8]], [1 => [2 => 8]]), next: 'Room while it is empty')));
        $this->assertSame(
            [],
            self::found(self::day(new Travels([1 => [2 => 8]], [1 => [2 => 8]])), [2 => ['On the way: walking, from ahead']]),
            'and the remedy takes it away',
        );
    }

    /** 400 m in a straight line are about 7 min on foot by the map; 3 km are driven. */
    public function test_where_nobody_has_said_the_map_tells_a_walk(): void
    {
        $near = [1 => GeoPoint::of(47.2, 9.6), 2 => GeoPoint::of(47.2036, 9.6)];
        $this->assertSame(['plan.walk 7 2'], self::found(self::day(new Travels([]), $near)));
        $this->assertSame([], self::found(self::day(new Travels([]), [1 => $near[1], 2 => GeoPoint::of(47.23, 9.6)])));
    }
}
