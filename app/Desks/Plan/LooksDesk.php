<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Looks\LooksJudge;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Looks\TimeBox;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Verdicts;

/** Looks, their poses, and the box of time that they have. */
final readonly class LooksDesk
{
    public function __construct(private ElementsDesk $elements, private TapDesk $taps) {}

    public function of(Job $job): StudioRecord
    {
        return $this->elements->of($job);
    }

    /** @return list<int> numbers of the looks whose frame for a wall is picked */
    public function walls(Job $job): array
    {
        return $this->taps->log($job->id)->standing(TapKind::Check);
    }

    /** @throws ImpossibleValue naming the line */
    public function judge(Job $job, StudioRecord $record): LooksJudge
    {
        return new LooksJudge(
            LooksText::read((string) $record->looks),
            new TimeBox($record->look_hands),
            $record->look_minutes,
            $this->walls($job),
        );
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the line
     */
    public function keep(StudioRecord $record): void
    {
        LooksText::read((string) $record->looks);
        $record->save();
    }

    /** Of a job with looks; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'looks')) {
            return new Verdicts();
        }
        try {
            return $this->judge($job, $this->of($job))->verdicts();
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }
}
