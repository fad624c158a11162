<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Time\Lane;
use NorthSatchel\Verdict;

/** Is a shot given to a photographer without the lens for it? */
final class LensJudge
{
    /**
     * @param  list<WantedReach>  $shots
     * @param  list<BagLens>  $lenses  of everybody
     * @return list<Verdict> one a photographer
     */
    public static function of(array $shots, array $lenses): array
    {
        $missing = [];
        $elsewhere = [];
        foreach ($shots as $shot) {
            $holders = array_unique(
                array_map(
                    static fn (BagLens $l): string => $l->lane,
                    array_filter($lenses, static fn (BagLens $l): bool => $l->reaches($shot->focalMm)),
                ),
            );
            if (! in_array($shot->lane, $holders, true)) {
                $missing[$shot->lane][] = "{$shot->shot} ({$shot->focalMm} mm)";
                $elsewhere[$shot->lane] = [...$elsewhere[$shot->lane] ?? [], ...$holders];
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
                    ($count === 1 ? 'a shot' : "{$count} shots").
                    ' without the lens for '.
                    ($count === 1 ? 'it' : 'them').
                    '.',
                implode(', ', array_slice($names, 0, 3)).
                    ($count > 3 ? ' and more' : '').
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
