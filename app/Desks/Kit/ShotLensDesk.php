<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Brief\Job;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\LensJudge;
use NorthSatchel\Plan\Judge\CuedShot;
use NorthSatchel\Plan\Judge\CueJudge;
use NorthSatchel\Verdicts;

/** Does each photographer carry the lenses for the shots of the plan, in time for their cues? */
final class ShotLensDesk
{
    public function __construct(private readonly CarryDesk $carry, private readonly NeedsDesk $needs) {}

    public function verdicts(Job $job): Verdicts
    {
        $lenses = new CarriedLenses($this->carry->carried($job));

        return (new Verdicts(LensJudge::of($lenses, $this->needs->stretches($job))))->with(CueJudge::of(self::cued($job), $lenses->byLane()));
    }

    /** @return list<CuedShot> */
    private static function cued(Job $job): array
    {
        $cued = [];
        foreach ($job->segments->sortBy([['day', 'asc'], ['start_clock', 'asc']]) as $segment) {
            $before = null;
            foreach ($segment->shotLines as $line) {
                if ($line->cue !== null) {
                    $cued[] = new CuedShot(
                        $line->id,
                        $line->what,
                        $line->cue,
                        $line->cue_seconds,
                        $line->focal_mm,
                        $before?->focal_mm,
                        $before?->what,
                        $segment->lane,
                    );
                }
                $before = $line;
            }
        }

        return $cued;
    }
}
