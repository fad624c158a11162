<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use NorthSatchel\Plan\Arrival\Task;

/** What the plan of an arrival asks of the kit, which comes after it: which cameras that stand alone are to be mounted? */
interface CamerasAlone
{
    /** @return list<Task> each with the walk there and back */
    public function tasks(Job $job): array;
}
