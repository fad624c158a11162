<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Are the places of the plan on the map? */
final class PlaceJudge
{
    /** @param  list<string>  $unmapped  names of places without coordinates, the main one aside: the brief asks for that */
    public static function of(array $unmapped): ?Verdict
    {
        return $unmapped === []
            ? null
            : Verdict::mind(
                'scout.unmapped',
                Some::of($unmapped, 3).Plural::of(count($unmapped), ' is', ' are').' not on the map.',
                'Without that neither sun nor way is known there: a town, coordinates or a link from a map will do, below.',
                ['places' => count($unmapped)],
            );
    }
}
