<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Cover\Cover;
use NorthSatchel\Kit\Cover\CoverSearch;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\LaneBodies;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Patience;

/** The lightest choice of a shelf: bodies, lenses and lights first, then the cells and cards that they want. */
final readonly class KitChoice
{
    /** A proposal is made of several choices. */
    private const SECONDS_EACH = 0.4;

    /**
     * @param  list<int>  $ids
     * @param  array<string, int>  $short  how often each capability is missing
     * @param  list<Need>  $needs
     */
    private function __construct(
        public array $ids,
        public int $grams,
        public bool $isOptimal,
        public array $short,
        public array $needs,
    ) {}

    /**
     * @param  list<Gear>  $shelf
     * @param  list<Need>  $needs
     */
    public static function solve(array $shelf, PlannedWork $work, array $needs, KitSchool $school, ?Patience $patience): self
    {
        $stock = array_values(array_filter($shelf, static fn (Gear $g): bool => ! in_array($g->kind, [GearKind::Card], true)));
        $first = self::cover($stock, $needs, $school, $patience);
        $ids = self::gearIds($first);
        $chosen = array_values(array_filter($shelf, static fn (Gear $g): bool => in_array($g->id, $ids, true)));
        $of = static fn (GearKind $kind): array => array_values(array_filter($chosen, static fn (Gear $g): bool => $g->kind === $kind));
        $dealt = DealtBodies::dealt(LaneBodies::of($of(GearKind::Body), $work->bodiesByLane($needs)), $work->framesByLane, $work->remotes);
        $flashes = $of(GearKind::Flash);
        $budgets =
            BudgetNeeds::of($dealt->shared, $flashes, $work->hours, $work->temperatureC, $work->flash, $shelf, $dealt->alone, $work->usual);
        $small = array_values(array_filter($shelf, static fn (Gear $g): bool => in_array($g->kind, [GearKind::Card, GearKind::Cell], true)));
        $second = self::cover($small, $budgets, $school, $patience);
        // Cells that the first choice took for its bodies are among those of the second.
        $all = array_values(
            array_unique([
                ...array_values(
                    array_filter(
                        $ids,
                        static fn (int $id): bool => ! in_array($id, array_map(static fn (Gear $g): int => $g->id, $small), true),
                    ),
                ),
                ...self::gearIds($second),
            ]),
        );
        $grams = array_sum(array_map(static fn (Gear $g): int => in_array($g->id, $all, true) ? $g->grams() : 0, $shelf));

        return new self(
            $all,
            $grams,
            $first->isOptimal && $second->isOptimal,
            [...$first->short, ...$second->short],
            [...$needs, ...$budgets],
        );
    }

    /**
     * @param  list<Gear>  $stock
     * @param  list<Need>  $needs
     */
    public static function cover(array $stock, array $needs, KitSchool $school, ?Patience $patience): Cover
    {
        $rows = [];
        foreach ($needs as $need) {
            $rows = self::most($rows, Givers::coverNeeds([$need], $school->takesSparesOf($need)));
        }
        $heavier = [];
        foreach ($stock as $gear) {
            $heavier[$gear->id] = $school->times($gear);
        }

        return CoverSearch::lightest((new Givers($stock, $needs))->coverItems($heavier), $rows, $patience?->part(1.0, self::SECONDS_EACH));
    }

    /**
     * @param  array<string, int>  $rows
     * @param  array<string, int>  $more
     * @return array<string, int>
     */
    public static function most(array $rows, array $more): array
    {
        foreach ($more as $capability => $count) {
            $rows[$capability] = max($rows[$capability] ?? 0, $count);
        }

        return $rows;
    }

    /** @return list<int> */
    public static function gearIds(Cover $cover): array
    {
        return array_values(array_filter(array_map(Givers::gearId(...), $cover->chosen), static fn (?int $id): bool => $id !== null));
    }
}
