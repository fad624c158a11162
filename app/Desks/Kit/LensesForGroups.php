<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\People\LensesAtHand;
use App\Models\Brief\Job;
use App\Models\Kit\Packing;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Optics\Sensor;
use NorthSatchel\People\StandLens;

/** The lenses of the bag, on the bodies of the bag. */
final class LensesForGroups implements LensesAtHand
{
    private const BETWEEN = [24, 28, 35, 50, 70, 85, 105, 135, 200];

    /** Where the stop of a lens is not written down (common practice, no source). */
    private const USUAL_STOP = 4.0;

    private const USUAL_MEGAPIXELS = 24.0;

    public function lenses(Job $job): array
    {
        $bag = $job->packing->map(static fn (Packing $p): Gear => ShelfDesk::of($p->item))->all();
        $bodies = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Body));
        $found = [];
        foreach (array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Lens) as $lens) {
            $body = array_values(array_filter($bodies, $lens->fits(...)))[0] ?? null;
            foreach ($body === null ? [] : self::focals($lens) as $mm) {
                $found[] = new StandLens(
                    $lens->label,
                    $mm,
                    $lens->widestAt($mm) ?? self::USUAL_STOP,
                    $body->crop(),
                    Sensor::pixelUm($body->number('megapixels') ?? self::USUAL_MEGAPIXELS, $body->crop()),
                );
            }
        }

        return $found;
    }

    /** @return list<int> */
    private static function focals(Gear $lens): array
    {
        [$from, $to] = [(int) $lens->number('focal_min_mm'), (int) ($lens->number('focal_max_mm') ?? $lens->number('focal_min_mm'))];
        $between = array_filter(self::BETWEEN, static fn (int $mm): bool => $mm > $from && $mm < $to);

        return $from < 1 ? [] : array_values(array_unique([$from, ...$between, max($from, $to)]));
    }
}
