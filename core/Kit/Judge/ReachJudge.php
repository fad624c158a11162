<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Lane;
use NorthSatchel\Verdict;

/** Does each photographer carry a lens for the focal lengths that their shots name? */
final class ReachJudge
{
    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Gear>  $atHand  on the shelf, and not in the bag
     * @return list<Verdict>
     */
    public static function of(CarriedLenses $lenses, array $stretches, array $atHand): array
    {
        $verdicts = [];
        $held = 0;
        foreach (PlannedStretch::shotsWithReach($stretches) as [$lane, $shot]) {
            if (in_array($lane, $lenses->holders((int) $shot->focalMm), true)) {
                $held++;
            } else {
                $verdicts[] = self::gap($lenses, $lane, $shot, $atHand);
            }
        }
        $looked = Looked::at($held, 'shot that names a focal length', 'shots that name a focal length');
        if ($looked !== null && $verdicts === []) {
            $verdicts[] = Verdict::fine(
                'kit.reach',
                'Every focal length the shots ask for is in the bag.',
                Plural::of(
                    $held,
                    'One shot names one, and its photographer carries a lens that holds it.',
                    "{$held} shots name one, and each photographer carries a lens that holds it.",
                ),
                $looked,
                ['shots' => $held],
            );
        }

        return $verdicts;
    }

    /** @param  list<Gear>  $atHand */
    private static function gap(CarriedLenses $lenses, string $lane, PlannedShot $shot, array $atHand): Verdict
    {
        $focal = (int) $shot->focalMm;
        $own = array_filter($lenses->all(), static fn (Carried $c): bool => $c->lane === $lane);
        $list = implode(', ', array_map(static fn (Carried $c): string => $c->gear->label, $own));
        $mend = null;
        foreach ($atHand as $gear) {
            if ($mend === null && $gear->kind === GearKind::Lens && $lenses->isReachedBy($gear, $lane, $focal)) {
                $mend = new Remedy('kit.add', "Put {$gear->label} in", ['item' => $gear->id, 'lane' => $lane]);
            }
        }

        return Verdict::fix(
            'kit.reach-gap',
            "{$focal} mm is missing for “{$shot->what}”.",
            ucfirst(Lane::person($lane)).($own === [] ? ' carries no lens.' : " carries {$list}, and none of it reaches {$focal} mm.").
                ($mend === null ? " Nothing on the shelf reaches {$focal} mm either: hire one." : ''),
            ['focal_mm' => $focal],
            $mend,
        );
    }
}
