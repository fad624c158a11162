<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Plan\ReachAtHand;
use App\Models\Brief\Job;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Plan\Posts\Shooter;

/** The longest lens of each photographer, as on full format on their own body. */
final readonly class ReachOfLanes implements ReachAtHand
{
    public function __construct(private CarryDesk $carry) {}

    public function reaches(Job $job): array
    {
        $longest = [];
        foreach ((new CarriedLenses($this->carry->carried($job)))->byLane() as $lane => $reaches) {
            $longest[$lane] = new Shooter($lane, (float) max(array_column($reaches, 1)));
        }

        return $longest;
    }
}
