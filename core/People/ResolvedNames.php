<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Brief\RelationWords;

/** The lines of a family with the names of others as the list has them, and what nobody can tell. */
final readonly class ResolvedNames
{
    /**
     * @param  array<string, Relative>  $people  by name in lower case
     * @param  list<Unclear>  $unclear
     */
    private function __construct(public Names $names, public array $people, public array $unclear) {}

    /** @param  list<Relative>  $people  as typed */
    public static function of(array $people): self
    {
        $roles = [];
        foreach ($people as $person) {
            if ($person->role !== null) {
                $roles[$person->role][] = $person->name;
            }
            foreach ($person->relations as $relation) {
                foreach (RelationWords::called($relation->kind) as $word) {
                    $roles[$word] = array_values(array_unique([...$roles[$word] ?? [], $person->name]));
                }
            }
        }
        $names = new Names(array_map(static fn (Relative $r): string => $r->name, $people), $roles);
        $names = new Names(array_map(static fn (Relative $r): string => $r->name, $people), [...$roles, ...self::ofOthers($people, $names)]);
        $unclear = $resolved = [];
        foreach ($people as $person) {
            $one = self::one($person, $names, $unclear);
            $relations = array_map(static fn (Relation $r): Relation => $r->kind === 'in-law' ? self::inLaw($r, $people) : $r, $one->relations);
            $resolved[mb_strtolower($person->name)] = $one->with($relations, $one->apart, $one->notBeside);
        }

        return new self($names, self::bothWays($resolved), $unclear);
    }

    /**
     * "The bride's aunt" is whoever the list has as one, under each name of the bride.
     *
     * @param  list<Relative>  $people
     * @return array<string, list<string>> names by what they are to others
     */
    private static function ofOthers(array $people, Names $names): array
    {
        $byName = array_column($people, null, 'name');
        $found = [];
        foreach ($people as $person) {
            foreach ($person->relations as $relation) {
                $meant = $relation->word === '' || $relation->of === '' ? [] : $names->meant($relation->of);
                $first = explode(' ', $meant[0] ?? '')[0];
                $called = count($meant) === 1 ? [$relation->of, $meant[0], $byName[$meant[0]]->role] : [];
                foreach (array_filter([...$called, $names->meant($first) === $meant ? $first : null]) as $of) {
                    $of = (string) preg_replace('/^the /u', '', mb_strtolower($of));
                    foreach (self::alike($relation->word) as $word) {
                        foreach (["{$of}'s {$word}", "{$of}’s {$word}", "{$word} of {$of}", "{$word} of the {$of}"] as $said) {
                            $found[$said] = array_values(array_unique([...$found[$said] ?? [], $person->name]));
                        }
                    }
                }
            }
        }

        return $found;
    }

    /** @return non-empty-list<string> */
    private static function alike(string $word): array
    {
        $same = RelationWords::SAME[$word] ?? $word;

        return [$same, ...array_map(strval(...), array_keys(RelationWords::SAME, $same, true))];
    }

    /**
     * The bride's mother-in-law is the groom's mother; who is one of anybody else is of their wider family.
     *
     * @param  list<Relative>  $people
     */
    private static function inLaw(Relation $relation, array $people): Relation
    {
        $couple = array_values(array_map(
            static fn (Relative $r): string => $r->name,
            array_filter($people, static fn (Relative $r): bool => $r->isOfTheCouple),
        ));
        $others = array_values(array_diff($couple, [$relation->of]));

        return count($couple) === 2 && count($others) === 1
            ? new Relation('parent', $others[0], explode('-', strtr($relation->word, ' ', '-'))[0])
            : new Relation('wide', $relation->of, $relation->word);
    }

    /**
     * With the names of others as the list has them.
     *
     * @param  list<Unclear>  $unclear  what nobody can tell is added to it
     */
    private static function one(Relative $person, Names $names, array &$unclear): Relative
    {
        $whom = static function (string $said, string $what) use ($person, $names, &$unclear): array {
            $meant = array_values(array_diff($names->meant($said), [$person->name]));
            if (count($meant) !== 1) {
                $unclear[] = new Unclear($person->name, $what, $said, $meant);
            }

            return count($meant) === 1 ? $meant : [];
        };
        $relations = $apart = $notBeside = [];
        foreach ($person->relations as $relation) {
            foreach ($relation->of === '' ? [''] : $whom($relation->of, self::words($relation->kind)) as $of) {
                $relations[] = new Relation($relation->kind, $of, $relation->word);
            }
        }
        foreach ($person->apart as $said) {
            $apart = [...$apart, ...$whom($said, 'kept apart from')];
        }
        foreach ($person->notBeside as $said) {
            $notBeside = [...$notBeside, ...$whom($said, 'not beside')];
        }

        return $person->with($relations, $apart, $notBeside);
    }

    /**
     * Who is not to stand beside somebody is told in one line, and holds for both.
     *
     * @param  array<string, Relative>  $people
     * @return array<string, Relative>
     */
    private static function bothWays(array $people): array
    {
        foreach ($people as $person) {
            foreach ($person->notBeside as $name) {
                $other = $people[mb_strtolower($name)];
                $people[mb_strtolower($name)] = $other->with(
                    $other->relations,
                    $other->apart,
                    array_values(array_unique([...$other->notBeside, $person->name])),
                );
            }
        }

        return $people;
    }

    private static function words(string $kind): string
    {
        return match ($kind) {
            'wide' => 'of the wider family of',
            'in-law' => 'a parent-in-law of',
            'former' => 'a former partner of',
            'attendant' => 'an attendant of',
            default => "a {$kind} of",
        };
    }
}
