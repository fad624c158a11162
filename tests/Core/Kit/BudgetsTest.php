<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\SaveMode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** GB = 10^9 bytes, MB = 10^6 bytes (IEC 80000-13). */
final class BudgetsTest extends TestCase
{
    /** @return array<string, array{int, float, float, SaveMode, array{float, float}, float, int, int|null, float}> */
    public static function cards(): array
    {
        return [
            // frames, raw, jpeg, mode, slots, reserve => frames a set, sets, GB
            'a long wedding day fits one pair of 128 GB (common practice, no source)' => [
                2000,
                50,
                0,
                SaveMode::Mirror,
                [128.0, 128.0],
                0.0,
                2560,
                1,
                100.0,
            ],
            'in mirror the smaller card counts' => [900, 40, 10, SaveMode::Mirror, [64.0, 32.0], 0.0, 640, 2, 45.0],
            'in overflow both count, each in whole frames' => [900, 40, 10, SaveMode::Overflow, [64.0, 32.0], 0.0, 1920, 1, 45.0],
            'overflow does not join two leftovers to a frame' => [1, 600, 0, SaveMode::Overflow, [1.0, 1.0], 0.0, 2, 1, 0.6],
            'in split the smaller count of the two' => [1000, 50, 8, SaveMode::Split, [64.0, 4.0], 0.0, 500, 2, 58.0],
            'split without jpeg asks nothing of the second slot' => [100, 50, 0, SaveMode::Split, [64.0, 0.0], 0.0, 1280, 1, 5.0],
            'split without raw asks nothing of the first slot' => [100, 0, 8, SaveMode::Split, [0.0, 64.0], 0.0, 8000, 1, 0.8],
            'a reserve is kept free' => [100, 50, 0, SaveMode::Mirror, [128.0, 128.0], 0.1, 2304, 1, 5.0],
            'a set is filled to the last frame' => [2560, 50, 0, SaveMode::Mirror, [128.0, 128.0], 0.0, 2560, 1, 128.0],
            'one more asks for another set' => [2561, 50, 0, SaveMode::Mirror, [128.0, 128.0], 0.0, 2560, 2, 128.05],
            'no frames, no cards' => [0, 50, 0, SaveMode::Mirror, [128.0, 128.0], 0.0, 2560, 0, 0.0],
            'a slot of nothing never suffices' => [5, 50, 0, SaveMode::Mirror, [128.0, 0.0], 0.0, 0, null, 0.25],
        ];
    }

    /** @param  array{float, float}  $slots */
    #[DataProvider('cards')]
    public function test_cards(
        int $frames,
        float $raw,
        float $jpeg,
        SaveMode $mode,
        array $slots,
        float $reserve,
        int $perSet,
        ?int $sets,
        float $gb,
    ): void {
        $budget = CardBudget::of($frames, $raw, $jpeg, $mode, $slots, $reserve);
        $this->assertSame($perSet, $budget->framesPerSet);
        $this->assertSame($sets, $budget->cardSets);
        $this->assertEqualsWithDelta($gb, $budget->gbTotal, 1e-9);
    }

    public function test_recording_nothing_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        CardBudget::of(10, 0, 0, SaveMode::Mirror, [64.0, 64.0]);
    }

    /** @return array<string, array{float, float}> */
    public static function cold(): array
    {
        return [
            'warm' => [35, 1.0],
            'room' => [20, 1.0],
            'half way' => [10, 0.9],
            'freezing' => [0, 0.8],
            'cold' => [-10, 0.65],
            'very cold' => [-20, 0.5],
            'colder' => [-40, 0.5],
        ];
    }

    /** Linear through 20 °C 1.0, 0 °C 0.8, −20 °C 0.5 (common practice, no source). */
    #[DataProvider('cold')]
    public function test_cold_takes_capacity(float $temperature, float $left): void
    {
        $this->assertEqualsWithDelta($left, BatteryBudget::derate($temperature), 1e-12);
    }

    /** @return array<string, array{int, float, float, float, float, float, int}> */
    public static function charges(): array
    {
        return [
            // frames, a charge, hours, hours a charge, temperature, reserve => charges; worked out by hand
            'two and a bit make three' => [1300, 600, 0, 10, 20, 0, 3],
            'standby counts as well' => [600, 600, 10, 10, 20, 0, 2],
            'the cold makes more of it' => [1200, 600, 0, 10, -20, 0, 4],
            'a reserve makes more of it' => [900, 900, 0, 10, 20, 0.5, 2],
            'an exact number is not rounded up' => [900, 300, 0, 1, 20, 0, 3],
            'nothing takes nothing' => [0, 300, 0, 1, 20, 0, 0],
        ];
    }

    #[DataProvider('charges')]
    public function test_charges(
        int $frames,
        float $perCharge,
        float $hours,
        float $hoursPerCharge,
        float $temperature,
        float $reserve,
        int $charges,
    ): void {
        $this->assertSame($charges, BatteryBudget::of($frames, $perCharge, $hours, $hoursPerCharge, $temperature, $reserve)->charges);
    }

    public function test_a_charge_that_takes_no_frames_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        BatteryBudget::of(10, 0, 1, 1, 20);
    }
}
