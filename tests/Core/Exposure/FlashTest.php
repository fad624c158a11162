<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use NorthSatchel\Exposure\Dial;
use NorthSatchel\Exposure\Evenness;
use NorthSatchel\Exposure\ExposureValue;
use NorthSatchel\Exposure\Flash;
use NorthSatchel\Exposure\FlashGun;
use NorthSatchel\Exposure\FlashPlan;
use NorthSatchel\Exposure\FlashPower;
use NorthSatchel\Exposure\FlashWay;
use NorthSatchel\ImpossibleValue;
use PHPUnit\Framework\TestCase;

/** Guide numbers, sync and the inverse square. */
final class FlashTest extends TestCase
{
    /** ISO 1230: guide number = f-number × distance at ISO 100; half the power ÷ √2; four times the ISO × 2. */
    public function test_guide_numbers(): void
    {
        $stop = static fn (float $iso, float $power, float $distance, float $lost = 0.0): float => Flash::of(
            44,
            $iso,
            $power,
            $distance,
            1 / 125,
            1 / 250,
            $lost,
        )->fNumber;
        $this->assertEqualsWithDelta(11.0, $stop(100, 1, 4), 1e-9);
        $this->assertEqualsWithDelta(11 / M_SQRT2, $stop(100, 0.5, 4), 1e-9);
        $this->assertEqualsWithDelta(22.0, $stop(400, 1, 4), 1e-9);
        $this->assertEqualsWithDelta(5.5, $stop(100, 1, 8), 1e-9, 'twice as far is two stops less');
        $this->assertEqualsWithDelta(5.5, $stop(100, 1, 4, 2.0), 1e-9, 'a modifier of two stops');
        $this->assertSame(0.125, FlashPower::Eighth->share());
        $this->assertSame(FlashPower::Quarter, FlashPower::atLeast(0.2));
        $this->assertNull(FlashPower::atLeast(1.1));
    }

    /** Common practice, no source: in high-speed sync two stops are lost, and one more each time the shutter is halved. */
    public function test_high_speed_sync_begins_below_the_sync_speed(): void
    {
        $at = static fn (float $shutter): Flash => Flash::of(40, 100, 1, 4, $shutter, 1 / 250);
        $this->assertFalse($at(1 / 250)->isHighSpeedSync);
        $this->assertFalse(Flash::of(40, 100, 1, 4, 0.004, 1 / 250)->isHighSpeedSync, 'the same shutter, written in another way');
        $this->assertTrue($at(1 / 320)->isHighSpeedSync);
        $this->assertEqualsWithDelta(10 / 2 / M_SQRT2, $at(1 / 500)->fNumber, 1e-9);
        $this->assertEqualsWithDelta(10 / 2 / 2, $at(1 / 1000)->fNumber, 1e-9);
    }

    /**
     * Common practice, no source: f/11, 1/400 s, ISO 50 is about two stops under a sunny sky; at 1/250 s the same
     * darkness wants about f/14; f/2.8 wants about 1/6400 s, so high-speed sync.
     */
    public function test_flash_against_the_sun(): void
    {
        $dark = ExposureValue::of(11, 1 / 400, 50)->ev100;
        $this->assertEqualsWithDelta(16.56, $dark, 0.005);
        $this->assertEqualsWithDelta(1.9, $dark - log(16 ** 2 * 100, 2) + log(1, 2), 0.03, 'against sunny 16, f/16 and 1/100 s at ISO 100');
        $gun = new FlashGun('a head', 60, 1.4, 350);
        $plan = new FlashPlan($gun, 15.0, $dark - 15.0, 11.0, 50, 1 / 250, 2.0);
        $this->assertTrue($plan->breaksSync);
        $ways = array_column($plan->ways, null, 'name');
        $this->assertEqualsWithDelta(13.9, $ways['a smaller stop']->fNumber, 0.05);
        $this->assertSame(['a smaller stop', 'a grey filter of one stop', 'high-speed sync'], array_keys($ways), 'there is no lower ISO');
        $wide = new FlashPlan($gun, 15.0, 1.6, 2.8, 50, 1 / 250, 2.0);
        $this->assertEqualsWithDelta(6300, 1 / $wide->shutterS, 50);
        $this->assertTrue(array_column($wide->ways, null, 'name')['high-speed sync']->isHighSpeedSync);
        $this->assertFalse((new FlashPlan($gun, 15.0, $dark - 15.0, 11.0, 50, 1 / 400, 2.0))->breaksSync, 'a body that syncs at 1/400 s');
    }

    public function test_every_way_to_mend_it_gives_the_same_darkness_and_the_same_light(): void
    {
        $gun = new FlashGun('a head', 80, 1.2, 300);
        $plan = new FlashPlan($gun, 14.0, 2.0, 5.6, 400, 1 / 200, 1.5, 1.0, 50);
        foreach ($plan->ways as $way) {
            $filter = str_starts_with($way->name, 'a grey filter') ? (float) preg_replace('/\D/', '', $way->name) : 0.0;
            $this->assertEqualsWithDelta(
                16.0,
                ExposureValue::of($way->fNumber, $way->shutterS, $way->iso)->ev100 + $filter,
                1e-6,
                $way->name,
            );
            $light = Flash::of(80, $way->iso, $way->share, 1.5, $way->shutterS, 1 / 200, 1.0 + $filter)->fNumber;
            $this->assertEqualsWithDelta($way->fNumber, $light, 1e-6, $way->name);
        }
        $ways = array_column($plan->ways, null, 'name');
        $this->assertEqualsWithDelta(50, $ways['the lowest ISO and a smaller stop']->iso, 1e-9);
        $this->assertGreaterThan(
            $ways['the lowest ISO and a smaller stop']->share,
            $ways['high-speed sync']->share,
            'high-speed sync costs power',
        );
        $old = new FlashPlan(new FlashGun('old', 40, hasHighSpeed: false), 15, 2, 8, 50, 1 / 200, 2);
        $this->assertNotContains('high-speed sync', array_column($old->ways, 'name'));
    }

    /** What is advised stands on a dial: f/6.4, ISO 77, a filter of 0.4 stops and 1/261 s do not. */
    public function test_ways_are_told_as_the_dials_have_them(): void
    {
        $plan = new FlashPlan(new FlashGun('small', 50), 12.0, 1.0, 5.6, 100, 1 / 200, 2.5, 1.0);
        $ways = array_column($plan->ways, null, 'name');
        $this->assertSame(['a smaller stop', 'a lower ISO', 'a grey filter of one stop', 'high-speed sync'], array_keys($ways));
        $this->assertStringStartsWith('f/6.3, 1/200 s, ISO 100: ', $ways['a smaller stop']->says());
        $this->assertStringStartsWith('f/5.6, 1/200 s, ISO 80: ', $ways['a lower ISO']->says());
        $this->assertStringStartsWith('f/5.6, 1/125 s, ISO 100: ', $ways['a grey filter of one stop']->says());
        $this->assertStringStartsWith('f/5.6, 1/250 s, ISO 100: ', $ways['high-speed sync']->says());
        $this->assertSame([1.0, 5.6, 32.0, 64.0], array_map(Dial::stop(...), [1.02, 5.5, 31.0, 64.04]));
        $this->assertSame(4.0, Dial::shutter(4.0), 'a long exposure is as long as it is');
    }

    public function test_power_recycle_and_reach(): void
    {
        $way = (new FlashPlan(new FlashGun('small', 36, 2.4, 180), 5.0, 1.0, 4.0, 400, 1 / 200, 3.0))->ways[0];
        // 4 × 3 m ÷ 72 m is a sixth: a thirty-sixth of the power, so the step above is 1/32.
        $this->assertSame(FlashPower::ThirtySecond, $way->power);
        $this->assertEqualsWithDelta(2.4 / 32, $way->recycleS, 0.006);
        $this->assertSame(180 * 32, $way->popsACharge);
        $this->assertSame(18.0, $way->farthestM);
        $far = (new FlashPlan(new FlashGun('small', 36), 5.0, 1.0, 8.0, 100, 1 / 60, 9.0))->ways[0];
        $this->assertNull($far->power);
        $this->assertStringContainsString('4 such lights together', $far->says());
        $this->assertSame('1/250 s', FlashWay::shutter(0.004));
        $this->assertSame('1.5 s', FlashWay::shutter(1.5));
        $this->expectException(ImpossibleValue::class);
        new FlashPlan(new FlashGun('small', 36), 5.0, 1.0, 0.0, 100, 1 / 60, 9.0);
    }

    /** Inverse square law: 2 m and 4 m are two stops apart. */
    public function test_rows_are_lit_evenly_from_far_enough(): void
    {
        $this->assertEqualsWithDelta(2.0, Evenness::of(2, 4)->stops, 1e-9);
        $even = Evenness::of(2, 3.2);
        $this->assertTrue($even->isSeen());
        $from = $even->evenFromM;
        $this->assertEqualsWithDelta(
            1 / 3,
            Evenness::of($from, $from + 1.2)->stops,
            1e-9,
            'from there the back row is a third of a stop darker',
        );
        $this->expectException(ImpossibleValue::class);
        Evenness::of(3, 2);
    }
}
