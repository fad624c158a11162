<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Judge\LightestMend;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\Swap;
use NorthSatchel\Kit\Judge\SwapTimes;
use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeededAt;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

/** Two things that mend together, and what lies exactly at a limit. */
final class PairsAndEdgesTest extends TestCase
{
    private static function lens(int $id, int $from, int $to, int $grams): Gear
    {
        return new Gear($id, "Lens {$id}", GearKind::Lens, ['focal_min_mm' => $from, 'focal_max_mm' => $to], $grams);
    }

    private static function reach(string $id, float $mm): Need
    {
        return new Need($id, NeedWhat::Reach, 1, Priority::Must, false, "a lens for {$id}", 'x.', [], ['focal_mm' => $mm]);
    }

    public function test_of_two_that_mend_the_lightest_together_are_taken(): void
    {
        $needs = [self::reach('wide', 24.0), self::reach('middle', 50.0), self::reach('long', 200.0)];
        $body = new Gear(9, 'Body', GearKind::Body);
        $shelf = [self::lens(1, 24, 24, 50), self::lens(2, 24, 50, 300), self::lens(3, 200, 200, 310), self::lens(4, 50, 200, 1000)];
        $mend = new LightestMend(new Givers([$body], $needs), [$body], $shelf);
        $isMet = static fn (LoseOne $lose): bool => array_diff(['wide', 'middle', 'long'], $lose->met) === [];
        // 50 + 1000 g would do as well, and comes first by the lightest of the two; 300 + 310 g are less.
        $this->assertSame([2, 3], array_column($mend->of($needs, $isMet), 'id'));
        $this->assertSame([2, 3], array_column($mend->ofMore($needs, $isMet), 'id'), 'the heaviest that can be left away goes first');
        $this->assertSame([], $mend->of([...$needs, self::reach('longest', 400.0)], static fn (LoseOne $lose): bool => false));
    }

    public function test_what_can_go_is_named_up_to_fourteen(): void
    {
        $named = static function (int $count): string {
            $lenses = array_map(static fn (int $id): Gear => self::lens($id, 24, 70, 500), range(1, $count));

            $bodies = [new Gear(98, 'Body A', GearKind::Body), new Gear(99, 'Body B', GearKind::Body)];

            return (string) (new LossReport([...$lenses, ...$bodies], [], [self::reach('wide', 35.0)]))->ofSafe();
        };
        $this->assertStringEndsWith('Lens 12, Body A, Body B.', $named(12));
        $this->assertStringContainsString('Lens 14', $named(15));
        $this->assertStringNotContainsString('Lens 15', $named(15));
    }

    public function test_one_that_ends_when_the_other_begins_does_not_meet_it(): void
    {
        $at = static fn (int $from, int $to): NeededAt => new NeededAt(1, 'lead', $from, $to, null, Priority::Must, 'x');
        $this->assertSame([false, false, true, true], [
            $at(0, 60)->meets($at(60, 120)), $at(60, 120)->meets($at(0, 60)), $at(0, 61)->meets($at(60, 120)), $at(60, 120)->meets($at(0, 61)),
        ]);
    }

    private static function stretch(int $id, int $fromHour, int $frames, Priority $priority = Priority::Must): PlannedStretch
    {
        return new PlannedStretch(
            $id, "Part {$id}", ['lead'], 3600 * $fromHour, 3600 * $fromHour + 3600, '09:00', null, $priority, 8.0,
            [new PlannedShot('x', Priority::Must, $frames)],
        );
    }

    public function test_charges_of_one_hour_and_cards_of_one_frame(): void
    {
        $this->assertCount(2, SwapTimes::ofCells([self::stretch(1, 9, 1), self::stretch(2, 10, 1), self::stretch(3, 11, 1)], 1.0, 1000.0, 1.3, 20.0));
        $this->assertNotSame([], SwapTimes::ofCells([self::stretch(1, 9, 1)], 1.0, 1.0, 1.0, 20.0));
        $this->assertSame([], SwapTimes::of([self::stretch(1, 9, 5)], 0));
        $this->assertSame([4], array_map(static fn (Swap $s): int => $s->within, SwapTimes::of([self::stretch(1, 9, 5)], 1)));
        foreach ([[0.0, 1.0], [1.0, 0.0]] as [$frames, $hours]) {
            try {
                SwapTimes::ofCells([], 1.0, $frames, $hours, 20.0);
                $this->fail('a charge that gives nothing');
            } catch (ImpossibleValue $e) {
                $this->assertSame('must be above 0', $e->must);
            }
        }
    }

    /** Before a stretch that is no must and touches the next, but never before the first of the day. */
    public function test_a_swap_moves_before_a_stretch_that_is_no_must_and_not_twice_to_one(): void
    {
        $before = static fn (PlannedStretch ...$s): array => array_map(
            static fn (Swap $swap): ?string => $swap->before?->title,
            SwapTimes::of(array_values($s), 700),
        );
        $should = Priority::Should;
        $this->assertSame(['Part 2'], $before(self::stretch(1, 9, 600, $should), self::stretch(2, 10, 300)), 'never before the first');
        $this->assertSame(['Part 2'], $before(self::stretch(1, 9, 600), self::stretch(2, 10, 50, $should), self::stretch(3, 11, 300)));
        $this->assertSame(
            ['Part 2', 'Part 4'],
            $before(self::stretch(1, 9, 650), self::stretch(2, 10, 300, $should), self::stretch(3, 11, 300), self::stretch(4, 12, 300)),
        );
    }
}
