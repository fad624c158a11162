<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Time\Patience;

/** How long this machine waits for a search. The tests wait for so many looks instead, and find the same on any machine. */
class Waiting
{
    public function seconds(float $seconds): Patience
    {
        return Stopwatch::seconds($seconds);
    }
}
