<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\Brief\Job;
use NorthSatchel\People\StandLens;

/** What people ask of kit, which comes after them: with which lenses could a group be taken? */
interface LensesAtHand
{
    /** @return list<StandLens> of the bag, each on a body that it fits; a zoom at its ends and at the usual lengths between */
    public function lenses(Job $job): array;
}
