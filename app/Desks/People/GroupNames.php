<?php

declare(strict_types=1);

namespace App\Desks\People;

use Illuminate\Validation\ValidationException;
use NorthSatchel\People\Family;
use NorthSatchel\People\TypedNames;

/** Who is meant by the names of a group. */
final class GroupNames
{
    /**
     * @param  list<string>  $people  as they were typed
     * @return list<string> as the list has them
     *
     * @throws ValidationException for a name that is not there, or may be several
     */
    public static function of(Family $family, array $people): array
    {
        $names = [];
        // "Ida and Per" may be one name, or two.
        $each = array_map(
            static fn (string $n): array => $family->names->meant($n) === [] ? TypedNames::of($n, $family->couple())->names : [$n],
            $people,
        );
        foreach (array_merge(...$each ?: [[]]) as $name) {
            $meant = $family->names->meant($name);
            if (count($meant) > 1) {
                throw ValidationException::withMessages(['people' => "{$name} may be ".implode(' or ', $meant).': write the name in full.']);
            }
            $names[] =
                $meant[0] ??
                throw ValidationException::withMessages([
                    'people' => "{$name} is not among the people of this job.",
                    'unknown' => [$name],
                ]);
        }

        return $names;
    }
}
