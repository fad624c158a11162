<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Brief\Job;
use NorthSatchel\Kit\BagLens;
use NorthSatchel\Kit\LensJudge;
use NorthSatchel\Plan\Judge\CuedShot;
use NorthSatchel\Plan\Judge\CueJudge;
use NorthSatchel\Verdicts;

/** Does each photographer carry the lenses for the shots of the plan, in time for their cues? */
final class ShotLensDesk
{
    public function __construct(private readonly KitDesk $kit) {}

    public function verdicts(Job $job): Verdicts
    {
        $lenses = $this->kit->lenses($job);

        return (new Verdicts(LensJudge::of($this->kit->wanted($job), $lenses)))->with(
            CueJudge::of(self::cued($job), self::reaches($lenses)),
        );
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

    /**
     * @param  list<BagLens>  $lenses
     * @return array<string, list<array{int, int}>>
     */
    private static function reaches(array $lenses): array
    {
        $reaches = [];
        foreach ($lenses as $lens) {
            $reaches[$lens->lane][] = [$lens->fromMm, $lens->toMm];
        }

        return $reaches;
    }
}
