<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Lenses that go on no body of the shelf: no need is met with them, and their owner is to know why. */
final class LensesWithoutBody
{
    /**
     * @param  list<Gear>  $shelf
     * @return list<Verdict>
     */
    public static function of(array $shelf): array
    {
        $bodies = array_filter($shelf, static fn (Gear $g): bool => $g->kind === GearKind::Body);
        $lenses = array_values(array_filter(
            $shelf,
            static fn (Gear $lens): bool => $lens->kind === GearKind::Lens
                && array_filter($bodies, static fn (Gear $body): bool => $lens->fits($body)) === [],
        ));
        if ($bodies === [] || $lenses === []) {
            return [];
        }
        $count = count($lenses);

        return [
            Verdict::mind(
                'kit.no-body-for-lens',
                Some::of(array_map(static fn (Gear $g): string => $g->label, $lenses), 4).
                    Plural::of($count, ' goes on no body of the shelf.', ' go on no body of the shelf.'),
                'Mount '.self::mounts($lenses).', and the bodies have '.self::mounts(array_values($bodies)).
                    ': write them alike where they are, or the mount of the body that is missing. Until then '.
                    Plural::of($count, 'it counts for nothing.', 'they count for nothing.'),
                ['lenses' => $count],
            ),
        ];
    }

    /** @param  list<Gear>  $gear */
    private static function mounts(array $gear): string
    {
        return implode(', ', array_unique(array_map(static fn (Gear $g): string => $g->mount(), $gear)));
    }
}
