<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Some;

/** Why a thing is in a proposed kit. */
final class ThingReason
{
    /**
     * @param  list<Need>  $needs
     * @param  list<Gear>  $gear
     * @return list<string>
     */
    public static function why(Gear $one, Givers $givers, array $needs, array $gear, KitSchool $school): array
    {
        $why = [];
        foreach ($needs as $need) {
            $with = count(array_filter($gear, static fn (Gear $g): bool => in_array($need->id, $givers->needsOf($g->id), true)));
            $gives = in_array($need->id, $givers->needsOf($one->id), true);
            $hasSpare = $need->wantsSpare && $school->takesSparesOf($need);
            if ($gives && $with <= $need->count) {
                $why[] = $need->title;
            } elseif ($gives && $hasSpare && $with === $need->count + 1) {
                $why[] = "{$need->title}, and the spare";
            } elseif (
                $need->wantsSpare &&
                $school->takesSparesOf($need) &&
                $givers->givesNearly($one->id, $need) &&
                $givers->countNearly($need) <= $need->count + 1
            ) {
                $why[] = 'spare: '.$need->title;
            }
        }
        if ($why !== []) {
            return $why;
        }
        $for = array_filter($gear, static fn (Gear $g): bool => $givers->isRequiredBy($one->id, $g->id));

        return $for === []
            ? ['gives several of these at once']
            : ['for '.Some::of(array_map(static fn (Gear $g): string => $g->label, array_values($for)), 3)];
    }
}
