<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Who holds the infants of a group. */
final class Arms
{
    /** The top of an infant's head below that of who holds them, and beside it (common practice, no source). */
    private const HELD_BELOW_M = 0.2;

    private const HELD_ASIDE_M = 0.2;

    /**
     * Infants are held by a parent who is there, else by whoever stands, and take no place of their own.
     *
     * @param  non-empty-list<Relative>  $people
     * @return array<string, string> by infant who holds them; nobody is held where there are infants alone
     */
    public static function among(array $people): array
    {
        $isInfant = static fn (Relative $r): bool => in_array('infant', $r->needs, true);
        $others = array_values(array_filter($people, static fn (Relative $r): bool => ! $isInfant($r)));
        if ($others === []) {
            return [];
        }
        $arms = [];
        foreach (array_filter($people, $isInfant) as $infant) {
            $parents = array_filter(
                $others,
                static fn (Relative $r): bool => RowOrder::has($infant, 'child', $r->name) || RowOrder::has($r, 'parent', $infant->name),
            );
            $able = array_filter(
                $others,
                static fn (Relative $r): bool => ! $r->isOfTheCouple && ! $r->sits() && RowPlan::cm($r) >= RowPlan::SMALL_CM,
            );
            $free = array_filter([...$parents, ...$able, ...$others], static fn (Relative $r): bool => ! in_array($r->name, $arms, true));
            $arms[$infant->name] = (array_values($free)[0] ?? $others[0])->name;
        }

        return $arms;
    }

    /**
     * @param  array<string, string>  $arms  by infant, who holds them
     * @param  list<list<Place>>  $rows
     * @return list<Place>
     */
    public static function placed(array $arms, array $rows): array
    {
        $held = [];
        foreach (array_merge(...$rows) as $place) {
            foreach (array_keys($arms, $place->name, true) as $infant) {
                $top = $place->topM - self::HELD_BELOW_M;
                $held[] = new Place(
                    (string) $infant,
                    $place->row,
                    $place->x + self::HELD_ASIDE_M,
                    $place->depthM,
                    $top - RowPlan::EYES_BELOW_M,
                    $top,
                    $place->sits,
                    $place->name,
                );
            }
        }

        return $held;
    }

    /**
     * @param  list<Place>  $held
     * @return array<string, string> by infant who holds them
     */
    public static function of(array $held): array
    {
        $arms = [];
        foreach ($held as $place) {
            $arms[$place->name] = (string) $place->heldBy;
        }

        return $arms;
    }
}
