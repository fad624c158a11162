<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Lane;
use NorthSatchel\Verdict;

/** Does everybody who is to shoot carry a body? */
final class BodiesJudge
{
    /**
     * @param  array<string, int>  $framesByLane  planned
     * @param  list<Carried>  $carried
     * @return list<Verdict>
     */
    public static function of(array $framesByLane, array $carried): array
    {
        $bodies = array_filter($carried, static fn (Carried $c): bool => $c->gear->kind === GearKind::Body);
        $lanes = array_map(static fn (Carried $c): string => $c->lane, $bodies);
        $verdicts = [];
        foreach ($framesByLane as $lane => $frames) {
            if ($frames > 0 && ! in_array($lane, $lanes, true)) {
                $because = "The plan asks {$frames} frames of that lane.";
                $verdicts[] = Verdict::stop('kit.no-body', ucfirst(Lane::person($lane)).' has no body.', $because, ['frames' => $frames]);
            }
        }

        return $verdicts;
    }
}
