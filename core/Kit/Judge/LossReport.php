<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Every thing of the bag taken out in turn, and every pair: what breaks, and the lightest mend. */
final class LossReport
{
    private const MOST_NAMES = 14;

    /** @var list<LossRow> things whose loss breaks something, musts first */
    public readonly array $rows;

    /** @var list<LostPair> pairs that break a must which neither breaks alone */
    public readonly array $pairs;

    /** @var list<Gear> things whose loss is survived, and of whose kind nothing is missing already */
    public readonly array $safe;

    /** @var list<Need> needs that the whole bag does not meet */
    public readonly array $unmet;

    private readonly LightestMend $mend;

    private readonly LightestMend $mendWithCells;

    /** @var array<string, Need> */
    private array $byId = [];

    /** @var array<int, Gear> */
    private array $gearById = [];

    /**
     * @param  list<Gear>  $bag
     * @param  list<Gear>  $rest  on the shelf and free that day
     * @param  list<Need>  $needs
     */
    public function __construct(private readonly array $bag, private readonly array $rest, array $needs)
    {
        foreach ($needs as $need) {
            $this->byId[$need->id] = $need;
        }
        foreach ([...$bag, ...$rest] as $gear) {
            $this->gearById[$gear->id] = $gear;
        }
        $givers = new Givers($bag, $needs);
        $this->mend = new LightestMend($givers, $bag, $rest);
        $lose = $givers->loseOne();
        // A body without a cell is a body all the same: how many cells are short is said once, by their own need.
        $cells = array_filter($this->needs($lose->unmet), static fn (Need $n): bool => $n->what === NeedWhat::Cell);
        $withCells = $givers->with(self::lent($cells));
        $this->mendWithCells = new LightestMend($withCells, $bag, $rest);
        $this->unmet = [...$cells, ...$this->needs(array_values(array_intersect($lose->unmet, $withCells->loseOne()->unmet)))];
        $groups = $single = [];
        $pairs = [];
        // Nor does a body without a cell have a spare: what else may be lost is judged as if the cells were there.
        foreach (($cells === [] ? $lose : $withCells->loseOne())->breaks(2) as $break) {
            $gear = $this->gear($break->items);
            if (count($gear) < count($break->items)) {
                continue;
            }
            if (count($gear) === 1) {
                $groups[implode(' ', $break->needs).$gear[0]->kind->value][] = $gear[0];
                $single[$gear[0]->id] = $break->needs;
            } else {
                [$one, $other] = array_map(fn (Gear $g): array => $this->musts($single[$g->id] ?? []), $gear);
                $alone = array_map(static fn (Need $n): string => $n->id, [...$one, ...$other]);
                $new = array_values(
                    array_filter($this->musts($break->needs), static fn (Need $n): bool => ! in_array($n->id, $alone, true)),
                );
                // Where either alone stops the job, both together are no news.
                if ($new !== [] && ($one === [] || $other === [])) {
                    $pairs[] = new LostPair(gear: $gear, breaks: $new);
                }
            }
        }
        $rows = [];
        foreach ($groups as $gear) {
            $broken = $single[$gear[0]->id];
            $rows[] = new LossRow($gear, $this->needs($broken), $this->mend($gear[0], $broken));
        }
        usort(
            $rows,
            static fn (LossRow $a, LossRow $b): int => [$b->breaksAMust(), count($b->breaks)] <=> [$a->breaksAMust(), count($a->breaks)],
        );
        $this->rows = $rows;
        $this->pairs = $pairs;
        $isShort = fn (Gear $g): bool => array_filter($this->unmet, static fn (Need $n): bool => $n->isGivenBy($g)) !== [];
        $this->safe = array_values(array_filter($bag, static fn (Gear $g): bool => ! isset($single[$g->id]) && ! $isShort($g)));
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

    /** @return list<LossRow> */
    public function singlePoints(): array
    {
        return array_values(array_filter($this->rows, static fn (LossRow $r): bool => $r->breaksAMust()));
    }

    /** What can go without being missed; null where nothing was looked at. */
    public function ofSafe(): ?string
    {
        if ($this->bag === [] || $this->byId === []) {
            return null;
        }
        $names = array_map(static fn (Gear $g): string => $g->label, $this->safe);

        return $names === []
            ? 'Nothing in the bag could go without being missed.'
            : 'Nothing is missed without '.Some::of($names, self::MOST_NAMES).'.';
    }

    /** What is said where no single loss breaks anything. */
    public function ofNothing(): string
    {
        return match (true) {
            $this->bag === [] => 'The bag is empty: there is nothing to lose yet.',
            $this->byId === [] => 'The plan asks for nothing yet, so nothing of it can break.',
            $this->unmet !== [] => 'Nothing more breaks, whichever one thing is gone; what is missing already stands above.',
            default => 'Nothing breaks, whichever one thing is gone.',
        };
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        return (new LossJudge($this, $this->bag, $this->rest, $this->byId))->verdicts();
    }

    /** @return list<Gear> what of the shelf meets a need that the bag does not meet */
    public function mendOf(Need $need): array
    {
        $mend = $need->what === NeedWhat::Cell ? $this->mend : $this->mendWithCells;

        $isMet = static fn (LoseOne $lose): bool => in_array($need->id, $lose->met, true);

        return $mend->of([$need], $isMet) ?: $mend->ofMore([$need], $isMet);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Need>
     */
    private function musts(array $ids): array
    {
        return array_values(array_filter($this->needs($ids), static fn (Need $n): bool => $n->isMust()));
    }

    /**
     * @param  list<string>  $broken
     * @return list<Gear>
     */
    private function mend(Gear $lost, array $broken): array
    {
        return $this->mendWithCells->of(
            $this->needs($broken),
            static fn (LoseOne $lose): bool => array_intersect($lose->without([Givers::name($lost->id)]), $broken) === [] &&
                array_diff($broken, $lose->met) === [],
        );
    }

    /**
     * @param  list<string>  $ids
     * @return list<Need>
     */
    private function needs(array $ids): array
    {
        return array_values(array_map(fn (string $id): Need => $this->byId[$id], $ids));
    }

    /**
     * @param  list<string>  $names
     * @return list<Gear>
     */
    private function gear(array $names): array
    {
        $ids = array_map(static fn (string $name): int => (int) Givers::gearId($name), $names);

        return array_values(
            array_map(fn (int $id): Gear => $this->gearById[$id], array_filter($ids, fn (int $id): bool => isset($this->gearById[$id]))),
        );
    }
}
