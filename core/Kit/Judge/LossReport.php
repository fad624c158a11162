<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
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

    private readonly LossSearch $found;

    /** @var array<string, Need> */
    private array $byId = [];

    /**
     * @param  list<Gear>  $bag
     * @param  list<Gear>  $rest  on the shelf and free that day
     * @param  list<Need>  $needs
     * @param  LossSearch|null  $found  in the same bag, shelf and needs, whatever their words were then
     */
    public function __construct(private readonly array $bag, private readonly array $rest, array $needs, ?LossSearch $found = null)
    {
        foreach ($needs as $need) {
            $this->byId[$need->id] = $need;
        }
        $this->found = $found ?? new LossSearch($bag, $rest, $needs);
        $this->unmet = $this->inWords($this->found->unmet);
        $this->rows = array_map(fn (LossRow $r): LossRow => new LossRow($r->gear, $this->inWords($r->breaks), $r->mends), $this->found->rows);
        $this->pairs = array_map(fn (LostPair $p): LostPair => new LostPair($p->gear, $this->inWords($p->breaks)), $this->found->pairs);
        $this->safe = $this->found->safe;
    }

    /**
     * @param  list<Need>  $needs
     * @return list<Need> as they are now
     */
    private function inWords(array $needs): array
    {
        return array_map(fn (Need $n): Need => $this->byId[$n->id], $needs);
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
        return $this->found->mends[$need->id] ?? [];
    }
}
