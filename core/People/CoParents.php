<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Both parents of one are a couple, as long as nothing was said to the contrary: no partner, no former one, nobody to stay away from. */
final class CoParents
{
    /** @return list<Relative> the two; empty where they are none */
    public static function of(Family $family, string $child): array
    {
        $two = array_values(array_filter(array_map($family->person(...), $family->parentsOf($child))));
        if (count($two) !== 2) {
            return [];
        }
        [$one, $other] = $two;
        $isSaid = static fn (Relative $a, Relative $b): bool => $family->partnerOf($a->name) !== null ||
            $family->wereTogether($a->name, $b->name) ||
            in_array($b->name, [...$a->apart, ...$a->notBeside], true);

        return $isSaid($one, $other) || $isSaid($other, $one) ? [] : $two;
    }
}
