<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\Lane;
use NorthSatchel\Verdict;

/** Is a shot given to a photographer without the lens for it? */
final class LensJudge
{
    /**
     * @param  list<PlannedStretch>  $stretches
     * @return list<Verdict> one a photographer
     */
    public static function of(CarriedLenses $lenses, array $stretches): array
    {
        $missing = $elsewhere = [];
        foreach (PlannedStretch::shotsWithReach($stretches) as [$lane, $shot]) {
            $holders = $lenses->holders((int) $shot->focalMm);
            if (! in_array($lane, $holders, true)) {
                $missing[$lane][] = "{$shot->what} ({$shot->focalMm} mm)";
                $elsewhere[$lane] = [...$elsewhere[$lane] ?? [], ...$holders];
            }
        }
        $verdicts = [];
        foreach ($missing as $lane => $names) {
            $others = array_unique($elsewhere[$lane]);
            $count = count($names);
            $verdicts[] = Verdict::mind(
                'plan.no-lens',
                ucfirst(Lane::person($lane)).
                    ' has '.
                    Plural::of($count, 'a shot', "{$count} shots").
                    ' without the lens for '.
                    Plural::of($count, 'it', 'them').
                    '.',
                Some::of($names, 3).
                    '. '.
                    ($others === []
                        ? 'Nobody carries it: Kit says what the shelf has.'
                        : ucfirst(Lane::person((string) reset($others))).' carries one: give the shot, or the lens.'),
                ['shots' => $count],
            );
        }

        return $verdicts;
    }
}
