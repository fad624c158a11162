<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\Waiting;
use NorthSatchel\Time\Looks;
use NorthSatchel\Time\Patience;

/** Waits for so many looks for each second, so that no test hangs on the clock. */
final class WaitingForLooks extends Waiting
{
    /** Few: what the pages show is an order, and seldom matters how good a one. */
    public function __construct(private readonly int $looksASecond = 15) {}

    public function seconds(float $seconds): Patience
    {
        return Looks::upTo((int) ($this->looksASecond * min(2.0, $seconds)));
    }
}
