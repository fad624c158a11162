<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Models\Brief\Job;

/** What the day asks of the cards, which come after it in the order of the work. */
interface SlotsAtHand
{
    public function slots(Job $job): PocketSlots;
}
