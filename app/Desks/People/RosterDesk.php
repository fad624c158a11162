<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\BriefDesk;
use App\Models\Brief\Job;
use App\Models\People\RosterRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Roster\Roster;
use NorthSatchel\People\Roster\RosterJudge;
use NorthSatchel\Verdicts;

/** The rosters of an event. */
final class RosterDesk
{
    public function of(Job $job): RosterRecord
    {
        return RosterRecord::query()->firstOrNew(['job_id' => $job->id]);
    }

    /** @throws ImpossibleValue when what is stored cannot be read */
    public static function read(RosterRecord $record): Roster
    {
        return Roster::read((string) $record->players, (string) $record->line_up, (string) $record->codes, (string) $record->no_consent);
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(RosterRecord $record): void
    {
        self::read($record);
        $record->save();
    }

    /** Of a job that has a roster; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'roster')) {
            return new Verdicts();
        }
        $record = $this->of($job);
        try {
            return trim((string) $record->players) === '' ? new Verdicts() : RosterJudge::of(self::read($record));
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }
}
