<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\Waiting;
use NorthSatchel\Time\Looks;
use NorthSatchel\Time\Patience;

/** Waits for so many looks for each second, so that no test hangs on the clock. */
final class WaitingForLooks extends Waiting
{
    private const LOOKS_A_SECOND = 150;

    public function seconds(float $seconds): Patience
    {
        return Looks::upTo((int) (self::LOOKS_A_SECOND * min(2.0, $seconds)));
    }
}
