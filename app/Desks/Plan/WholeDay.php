<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Verdicts;

/** What the plan asks of all who judge a day, those that come after it too. */
interface WholeDay
{
    /** All that is said of a day of a job that is planned otherwise: of its plan, its light, its posts and its groups. */
    public function verdictsOn(Job $job, PlannedDay $day, int $number): Verdicts;
}
