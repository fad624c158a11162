<?php

declare(strict_types=1);

namespace Tests\Core\Taps;

use NorthSatchel\Taps\TapTime;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** When something was tapped, by a clock that may be off: received at 1,000,000,000 s. */
final class TapTimeTest extends TestCase
{
    private const RECEIVED = 1_000_000_000.0;

    /** Made and sent so many seconds before (−) or after the receipt, by the device; the tap's own time, before it. */
    #[TestWith([-60.0, null, -60.0])]
    #[TestWith([-60.0, 0.0, -60.0])]
    #[TestWith([-60.0, 2.0, -60.0])] // so little is the way through the network
    #[TestWith([-60.0, -2.0, -60.0])]
    #[TestWith([-60.0, 2.5, -62.5])] // a clock that is ahead
    #[TestWith([-60.0, -300.0, 0.0])] // one that is behind: it cannot have been later than it was received
    #[TestWith([-600.0, -300.0, -300.0])]
    #[TestWith([0.0, null, 0.0])]
    #[TestWith([1.0, null, 0.0])]
    #[TestWith([-34_560_000.0, null, -34_560_000.0])] // four hundred days
    #[TestWith([-34_560_001.0, null, 0.0])]
    public function test_the_clock_is_set_right(float $made, ?float $sent, float $wanted): void
    {
        $sent = $sent === null ? null : self::RECEIVED + $sent;
        $this->assertSame($wanted, TapTime::of(self::RECEIVED + $made, $sent, self::RECEIVED) - self::RECEIVED);
    }
}
