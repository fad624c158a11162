<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;

/** What counting asks of the session folder, which comes later in the order of the work. */
interface FramesTaken
{
    /**
     * @param  float  $at  Unix seconds
     * @return int frames that were written since
     */
    public function since(Job $job, float $at): int;
}
