<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use NorthSatchel\Plan\Posts\Shooter;

/** What posts ask of kit, which comes after the plan: how far does each photographer reach? */
interface ReachAtHand
{
    /** @return array<string, Shooter> by lane, with the longest lens that they carry; who carries none is missing */
    public function reaches(Job $job): array;
}
