<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Looked;
use NorthSatchel\Remedy;
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

    /** @var array<string, Need> */
    private array $byId = [];

    /** @var array<int, Gear> */
    private array $gearById = [];

    /**
     * @param  list<Gear>  $bag
     * @param  list<Gear>  $rest  on the shelf and free that day
     * @param  list<Need>  $needs
     */
    public function __construct(private readonly array $bag, array $rest, array $needs)
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
        $this->unmet = $this->needs($lose->unmet);
        $groups = $single = [];
        $pairs = [];
        foreach ($lose->breaks(2) as $break) {
            $gear = $this->gear($break->items);
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
        $more = count($names) - self::MOST_NAMES;

        return $names === []
            ? 'Nothing in the bag could go without being missed.'
            : 'Nothing is missed without '.implode(', ', array_slice($names, 0, self::MOST_NAMES)).($more > 0 ? " and {$more} more" : '').'.';
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
        $verdicts = [];
        foreach ($this->unmet as $need) {
            $mend = $this->mend->of([$need], static fn (LoseOne $lose): bool => in_array($need->id, $lose->met, true));
            $verdicts[] = ($need->isMust() ? Verdict::fix(...) : Verdict::mind(...))(
                'kit.unmet',
                "The bag does not give {$need->title}.",
                $need->because.($mend === [] ? " Nothing on the shelf does either: hire or borrow {$need->toHire()}." : ''),
                ['what' => $need->what->value, 'focal_mm' => $need->figure('focal_mm')],
                self::remedy($mend),
            );
        }
        foreach ($this->singlePoints() as $row) {
            $verdicts[] = Verdict::fix(
                'kit.single',
                "If {$row->name()} fails, {$row->breaks[0]->title} ".(preg_match('/^\d+ /', $row->breaks[0]->title) === 1 ? 'are gone.' : 'is gone.'),
                "It breaks {$row->says()}.".
                    ($row->mends === [] ? " Nothing on the shelf mends it: hire or borrow {$row->toHire()}." : ''),
                ['breaks' => count($row->breaks)],
                self::remedy($row->mends),
            );
        }
        $musts = array_filter($this->byId, static fn (Need $n): bool => $n->isMust());
        $isAsked = array_filter($musts, static fn (Need $n): bool => $n->isForPictures()) !== [];
        $looked = ! $isAsked ? null : Looked::at(count($this->bag), 'thing');
        if ($looked !== null && $this->singlePoints() === [] && $this->unmet === []) {
            $verdicts[] = Verdict::fine(
                'kit.survives',
                'Any one thing may fail.',
                "{$looked->words} taken out in turn: ".
                    (count($musts) === 1 ? 'the one must is' : 'all '.count($musts).' musts are').
                    ' still met.'.
                    ($this->pairs === [] && count($this->bag) > 1 ? ' And any two of them.' : ''),
                $looked,
                ['things' => count($this->bag)],
            );
        }
        if ($this->pairs !== []) {
            $first = $this->pairs[0];
            $count = count($this->pairs);
            $verdicts[] = Verdict::mind(
                'kit.pairs',
                $count === 1 ? 'One pair of failures would stop a must.' : "{$count} pairs of failures would stop a must.",
                "Such as {$first->gear[0]->label} with {$first->gear[1]->label}: {$first->breaks[0]->title}. Once one of them is ".
                    'gone, go gently with the other.',
                ['pairs' => $count],
            );
        }

        return [...$verdicts, ...$this->sparesInUse()];
    }

    /** @return list<Verdict> a spare that is already in use is no spare any more (M28) */
    private function sparesInUse(): array
    {
        $harness = $this->byId['body-harness'] ?? null;
        $body = $this->byId['body'] ?? null;
        if ($harness === null || $body === null) {
            return [];
        }
        $bodies = array_values(array_filter($this->bag, static fn (Gear $g): bool => $harness->isGivenBy($g)));
        $have = count($bodies);
        if ($have < $harness->count || $have > $harness->count) {
            return [];
        }

        return [
            Verdict::mind(
                'kit.spare-in-use',
                'The spare body is in use from the start.',
                "{$have} bodies, {$harness->count} in hands at the same time. When one fails there is one fewer on the harness and no ".
                    "spare: {$harness->at[0]->why}, with a lens change.",
                ['bodies' => $have],
            ),
        ];
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
        return $this->mend->of(
            $this->needs($broken),
            static fn (LoseOne $lose): bool => array_intersect($lose->without([Givers::name($lost->id)]), $broken) === [] &&
                array_diff($broken, $lose->met) === [],
        );
    }

    /** @param  list<Gear>  $mends */
    private static function remedy(array $mends): ?Remedy
    {
        return $mends === []
            ? null
            : new Remedy('kit.add-all', 'Put '.implode(' and ', array_map(static fn (Gear $g): string => $g->label, $mends)).' in', [
                'items' => implode(',', array_map(static fn (Gear $g): int => $g->id, $mends)),
            ]);
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
        return array_map(fn (string $name): Gear => $this->gearById[(int) Givers::gearId($name)], $names);
    }
}
