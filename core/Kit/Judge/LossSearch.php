<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/**
 * The search behind a report of losses. It follows from what is needed, not from when and why: `Need::withoutWords()` is enough of one,
 * and what was found once stays so while a plan is moved about.
 */
final class LossSearch
{
    /** @var list<LossRow> things whose loss breaks something, musts first */
    public readonly array $rows;

    /** @var list<LostPair> pairs that break a must which neither breaks alone */
    public readonly array $pairs;

    /** @var list<Gear> things whose loss is survived, and of whose kind nothing is missing already */
    public readonly array $safe;

    /** @var list<Need> needs that the whole bag does not meet */
    public readonly array $unmet;

    /** @var array<string, list<Gear>> by the id of a need that is not met: what of the shelf meets it */
    public readonly array $mends;

    /**
     * @param  list<Gear>  $bag
     * @param  list<Gear>  $rest  on the shelf and free that day
     * @param  list<Need>  $needs
     * @param  bool  $isMended  whether what mends each is looked for, which takes the longest
     */
    public function __construct(array $bag, array $rest, array $needs, bool $isMended = true)
    {
        $byId = array_column(array_map(static fn (Need $n): array => [$n->id, $n], $needs), 1, 0);
        $gearById = array_column(array_map(static fn (Gear $g): array => [$g->id, $g], [...$bag, ...$rest]), 1, 0);
        $givers = new Givers($bag, $needs);
        $lose = $givers->loseOne();
        // A body without a cell is a body all the same: how many cells are short is said once, by their own need.
        $cells = array_filter(self::needs($lose->unmet, $byId), static fn (Need $n): bool => $n->what === NeedWhat::Cell);
        $withCells = $givers->with(self::lent($cells));
        $mend = new LightestMend($withCells, $bag, $rest);
        $this->unmet = [
            ...array_values($cells),
            ...self::needs(array_values(array_intersect($lose->unmet, $withCells->loseOne()->unmet)), $byId),
        ];
        $groups = $single = $pairs = [];
        // Nor does a body without a cell have a spare: what else may be lost is judged as if the cells were there.
        foreach (($cells === [] ? $lose : $withCells->loseOne())->breaks(2) as $break) {
            $gear = self::gear($break->items, $gearById);
            if (count($gear) < count($break->items)) {
                continue;
            }
            if (count($gear) === 1) {
                $groups[implode(' ', $break->needs).$gear[0]->kind->value][] = $gear[0];
                $single[$gear[0]->id] = $break->needs;

                continue;
            }
            [$one, $other] = array_map(static fn (Gear $g): array => self::musts($single[$g->id] ?? [], $byId), $gear);
            $alone = array_map(static fn (Need $n): string => $n->id, [...$one, ...$other]);
            $new = array_filter(self::musts($break->needs, $byId), static fn (Need $n): bool => ! in_array($n->id, $alone, true));
            // Where either alone stops the job, both together are no news.
            if ($new !== [] && ($one === [] || $other === [])) {
                $pairs[] = new LostPair(gear: $gear, breaks: array_values($new));
            }
        }
        $this->pairs = $pairs;
        $rows = [];
        foreach ($groups as $gear) {
            $broken = $single[$gear[0]->id];
            $holds = static fn (LoseOne $lose): bool => array_intersect($lose->without([Givers::name($gear[0]->id)]), $broken) === [] &&
                array_diff($broken, $lose->met) === [];
            $rows[] = new LossRow($gear, self::needs($broken, $byId), $isMended ? $mend->of(self::needs($broken, $byId), $holds) : []);
        }
        usort(
            $rows,
            static fn (LossRow $a, LossRow $b): int => [$b->breaksAMust(), count($b->breaks)] <=> [$a->breaksAMust(), count($a->breaks)],
        );
        $this->rows = $rows;
        $mends = [];
        $bare = new LightestMend($givers, $bag, $rest);
        foreach ($isMended ? $this->unmet : [] as $need) {
            $mends[$need->id] = self::mendOf($need, $need->what === NeedWhat::Cell ? $bare : $mend);
        }
        $this->mends = $mends;
        $isShort = fn (Gear $g): bool => array_filter($this->unmet, static fn (Need $n): bool => $n->isGivenBy($g)) !== [];
        $this->safe = array_values(array_filter($bag, static fn (Gear $g): bool => ! isset($single[$g->id]) && ! $isShort($g)));
    }

    /** @return list<Gear> */
    private static function mendOf(Need $need, LightestMend $mend): array
    {
        $isMet = static fn (LoseOne $lose): bool => in_array($need->id, $lose->met, true);

        return $mend->of([$need], $isMet) ?: $mend->ofMore([$need], $isMet);
    }

    /**
     * Cells that nobody has, as many as are needed.
     *
     * @param  array<Need>  $needs
     * @return list<Gear>
     */
    private static function lent(array $needs): array
    {
        $cells = [];
        foreach ($needs as $need) {
            for ($i = 0; $i < $need->count; $i++) {
                $cells[] = new Gear(-1 - count($cells), 'a cell', GearKind::Cell, ['cell_type' => $need->text('cell_type')]);
            }
        }

        return $cells;
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, Need>  $byId
     * @return list<Need>
     */
    private static function musts(array $ids, array $byId): array
    {
        return array_values(array_filter(self::needs($ids, $byId), static fn (Need $n): bool => $n->isMust()));
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, Need>  $byId
     * @return list<Need>
     */
    private static function needs(array $ids, array $byId): array
    {
        return array_values(array_map(static fn (string $id): Need => $byId[$id], $ids));
    }

    /**
     * @param  list<string>  $names
     * @param  array<int, Gear>  $byId
     * @return list<Gear>
     */
    private static function gear(array $names, array $byId): array
    {
        $ids = array_map(static fn (string $name): int => (int) Givers::gearId($name), $names);

        return array_values(array_map(static fn (int $id): Gear => $byId[$id], array_filter($ids, static fn (int $id): bool => isset($byId[$id]))));
    }
}
