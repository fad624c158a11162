<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Brief\RelationWords;

/** A stepmother is with the father and a stepfather with the mother, as long as nothing was said to the contrary. */
final class StepParents
{
    private const WITH = [
        'stepmother' => 'father',
        'stepfather' => 'mother',
    ];

    /** @return list<NamePair> each with the parent whose partner they are */
    public static function of(Family $family, string $child): array
    {
        $words = [];
        foreach ($family->parentsOf($child) as $name) {
            foreach ($family->person($name)->relations ?? [] as $relation) {
                if ($relation->kind === 'parent' && $relation->of === $child) {
                    $words[$name] = RelationWords::SAME[$relation->word] ?? $relation->word;
                }
            }
        }
        $pairs = [];
        foreach ($words as $name => $word) {
            $with = array_keys($words, self::WITH[$word] ?? null, true);
            $alike = array_keys($words, $word, true);
            if (count($with) === 1 && count($alike) === 1 && $family->partnerOf($name) === null && $family->partnerOf((string) $with[0]) === null) {
                $pairs[] = new NamePair((string) $name, (string) $with[0]);
            }
        }

        return $pairs;
    }
}
