<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/** Where the sun leaves faces dark and no flash is planned, a reflector brings about a stop back (common practice, no source). */
final class FillNeeds
{
    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks  one who asked for a reflector has one
     * @return list<Need>
     */
    public static function of(array $stretches, array $asks): array
    {
        if (array_filter($asks, static fn (Ask $a): bool => $a->what === NeedWhat::Reflector) !== []) {
            return [];
        }
        $at = [];
        foreach ($stretches as $stretch) {
            if ($stretch->fill !== null && $stretch->frames() > 0 && $stretch->photographers() !== [] && ! $stretch->isFlash) {
                $at[] = $stretch->at($stretch->photographers()[0], Priority::Should, "“{$stretch->title}” at {$stretch->clock}: {$stretch->fill}");
            }
        }
        $because = implode('; ', array_map(static fn (NeededAt $n): string => $n->why, $at)).
            '. Somebody holds it, never alone on a stand in the wind; no flash is planned there.';

        return $at === [] ? [] : [new Need('reflector-fill', NeedWhat::Reflector, 1, Priority::Should, false, 'a reflector', $because, $at)];
    }
}
