<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Time\Lane;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** A announces B: is there time to be ready for what cannot be repeated? */
final class CueJudge
{
    /** Changing a lens and finding the frame again (common practice, no source). */
    private const LENS_CHANGE_S = 45;

    /**
     * @param  list<CuedShot>  $shots
     * @param  array<string, list<array{int, int}>>  $reaches  focal lengths from–to of the lenses that each lane carries
     */
    public static function of(array $shots, array $reaches): Verdicts
    {
        $verdicts = [];
        foreach ($shots as $shot) {
            $verdicts[] = self::shot($shot, $reaches[$shot->lane] ?? []);
        }

        return new Verdicts($verdicts);
    }

    /** @param  list<array{int, int}>  $lenses */
    private static function shot(CuedShot $s, array $lenses): Verdict
    {
        $within = $s->withinS === null ? '' : ' within '.($s->withinS < 120 ? "{$s->withinS} s" : round($s->withinS / 60).' min');
        if (
            $s->focalMm !== null &&
            $s->focalBeforeMm !== null &&
            $s->focalMm !== $s->focalBeforeMm &&
            $s->withinS !== null &&
            $s->withinS < self::LENS_CHANGE_S &&
            ! self::isOnOneLens($s, $lenses)
        ) {
            return Verdict::fix(
                'plan.cue-lens',
                "There is no time to change the lens before {$s->what}.",
                "It follows {$s->cue}{$within} at {$s->focalMm} mm, and ".
                    ($s->before ?? 'what comes before it')." is shot at {$s->focalBeforeMm} mm; a change takes ".
                    self::LENS_CHANGE_S.
                    ' s. Have it ready on the second body.',
                ['within_s' => $s->withinS],
            );
        }

        return Verdict::mind(
            'plan.cue',
            "After {$s->cue}, expect {$s->what}{$within}.",
            ucfirst(Lane::person($s->lane)).
                ' is ready before the cue: in place'.
                ($s->focalMm === null ? '' : ", {$s->focalMm} mm on").
                ', and looking.',
            ['within_s' => $s->withinS],
        );
    }

    /** @param  list<array{int, int}>  $lenses */
    private static function isOnOneLens(CuedShot $s, array $lenses): bool
    {
        foreach ($lenses as [$from, $to]) {
            if (min((int) $s->focalMm, (int) $s->focalBeforeMm) >= $from && max((int) $s->focalMm, (int) $s->focalBeforeMm) <= $to) {
                return true;
            }
        }

        return false;
    }
}
