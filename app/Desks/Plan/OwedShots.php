<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Taps\TapRecord;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;

/** Shots that are owed of family groups: which of them were taken since follows from the taps alone. */
final class OwedShots
{
    /** @return list<int> ids of the shot lines whose group was shot */
    public static function done(Job $job): array
    {
        $owed = $job->shotLines->whereNotNull('owed_group_id');
        if ($owed->isEmpty()) {
            return [];
        }
        $taps = TapRecord::query()->where('job_id', $job->id)->get()->map(TapDesk::tap(...));
        $shot = TapLog::of(array_values($taps->all()))->standing(TapKind::Shot);

        return array_values($owed->whereIn('owed_group_id', $shot)->pluck('id')->all());
    }
}
