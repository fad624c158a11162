<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/**
 * The order within a row: the two in the middle, each beside their own, couples together, parents next to them and the taller inwards; and
 * nobody beside whom they are not to be, as long as there is somebody to put between.
 */
final class RowOrder
{
    /** How many more may stand on one side of the two, before somebody goes over to the other. */
    private const UNEVEN = 2;

    private const NEAR = ['parent' => 0, 'sibling' => 1, 'child' => 1];

    /**
     * @param  list<Relative>  $row
     * @return list<Relative> from the left
     */
    public static function of(array $row): array
    {
        $units = self::units($row);
        $middle = array_shift($units) ?? [];
        $left = $right = [];
        foreach ($units as $unit) {
            // Beside their own of the two; else on the side where fewer stand, so that the first stay in the middle.
            $side = self::side($unit, $middle);
            $more = count($right) - count($left) + $side * count($unit);
            if ($side === 0 || abs($more) > self::UNEVEN ? count($right) <= count($left) : $side > 0) {
                $right = [...$right, ...$unit];
            } else {
                $left = [...array_reverse($unit), ...$left];
            }
        }

        return self::mended([...$left, ...$middle, ...$right]);
    }

    /**
     * @param  list<Relative>  $unit
     * @param  list<Relative>  $middle
     * @return int -1 where they belong to the one on the left of the two, 1 to the one on the right, 0 to both or neither
     */
    private static function side(array $unit, array $middle): int
    {
        if (count($middle) !== 2) {
            return 0;
        }
        $are = static fn (string $name): bool => array_filter(
            $unit,
            static fn (Relative $r): bool => array_filter($r->relations, static fn (Relation $of): bool => $of->of === $name) !== [],
        ) !== [];

        return ($are($middle[1]->name) ? 1 : 0) - ($are($middle[0]->name) ? 1 : 0);
    }

    /** Whether either is not to stand beside the other. */
    public static function mustNotTouch(Relative $one, Relative $other): bool
    {
        return in_array($other->name, $one->notBeside, true) || in_array($one->name, $other->notBeside, true);
    }

    /**
     * @param  list<Relative>  $row
     * @return list<NamePair> neighbours who are not to be neighbours
     */
    public static function touching(array $row): array
    {
        $pairs = [];
        for ($i = 1; $i < count($row); $i++) {
            if (self::mustNotTouch($row[$i - 1], $row[$i])) {
                $pairs[] = new NamePair($row[$i - 1]->name, $row[$i]->name);
            }
        }

        return $pairs;
    }

    /**
     * Who stands together: the two, then couples and single people, the tallest first; who must not touch somebody last, for the ends.
     *
     * @param  list<Relative>  $row
     * @return list<list<Relative>>
     */
    private static function units(array $row): array
    {
        $byName = array_column(array_map(static fn (Relative $r): array => [$r->name, $r], $row), 1, 0);
        $units = $taken = [];
        $two = array_values(array_filter($row, static fn (Relative $r): bool => $r->isOfTheCouple));
        usort($two, static fn (Relative $a, Relative $b): int => RowPlan::cm($b) <=> RowPlan::cm($a));
        foreach ([...$two, ...$row] as $person) {
            if (isset($taken[$person->name])) {
                continue;
            }
            $unit = [$person];
            foreach ($person->isOfTheCouple ? $two : self::partners($person, $byName) as $other) {
                if (! isset($taken[$other->name]) && $other !== $person) {
                    $unit[] = $other;
                }
            }
            foreach ($unit as $one) {
                $taken[$one->name] = true;
            }
            usort($unit, static fn (Relative $a, Relative $b): int => RowPlan::cm($b) <=> RowPlan::cm($a));
            $units[] = $unit;
        }
        $names = array_column($two, 'name');
        usort($units, static fn (array $a, array $b): int => self::rank($a, $names) <=> self::rank($b, $names));

        return $units;
    }

    /**
     * Parents stand next to the two, then brothers, sisters and children, then everybody else (common practice, no source).
     *
     * @param  list<Relative>  $unit
     * @param  list<string>  $two
     * @return list<int|bool>
     */
    private static function rank(array $unit, array $two): array
    {
        $isShy = array_filter($unit, static fn (Relative $r): bool => $r->notBeside !== []) !== [];
        $near = count(self::NEAR);
        foreach (array_merge(...array_map(static fn (Relative $r): array => $r->relations, $unit)) as $relation) {
            $near = in_array($relation->of, $two, true) ? min($near, self::NEAR[$relation->kind] ?? $near) : $near;
        }

        return [! $unit[0]->isOfTheCouple, $near, $isShy, -RowPlan::cm($unit[0])];
    }

    /**
     * @param  array<string, Relative>  $byName
     * @return list<Relative>
     */
    private static function partners(Relative $person, array $byName): array
    {
        $found = array_values(
            array_filter(
                $byName,
                static fn (Relative $r): bool => $r !== $person && self::arePartners($person, $r) && ! self::mustNotTouch($person, $r),
            ),
        );

        return array_slice($found, 0, 1);
    }

    /**
     * Changes places until nobody stands beside whom they are not to be, or no change helps.
     *
     * @param  list<Relative>  $row
     * @return list<Relative>
     */
    private static function mended(array $row): array
    {
        for ($wrong = count(self::touching($row)); $wrong > 0; $wrong = $least) {
            $least = $wrong;
            $best = $row;
            foreach (array_keys($row) as $i) {
                for ($j = $i + 1; $j < count($row); $j++) {
                    $tried = array_values(array_replace($row, [$i => $row[$j], $j => $row[$i]]));
                    $left = count(self::touching($tried));
                    // The two stay where they are while anybody else can move.
                    if (! $row[$i]->isOfTheCouple && ! $row[$j]->isOfTheCouple && $left < $least) {
                        [$least, $best] = [$left, $tried];
                    }
                }
            }
            if ($least === $wrong) {
                break;
            }
            $row = $best;
        }

        return $row;
    }

    public static function has(Relative $one, string $kind, string $of): bool
    {
        return array_filter($one->relations, static fn (Relation $r): bool => $r->kind === $kind && $r->of === $of) !== [];
    }

    public static function arePartners(Relative $one, Relative $other): bool
    {
        return ($one->isOfTheCouple && $other->isOfTheCouple) || self::has($one, 'partner', $other->name) || self::has($other, 'partner', $one->name);
    }
}
