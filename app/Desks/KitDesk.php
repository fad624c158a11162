<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Item;
use App\Models\Job;
use App\Models\Packing;
use Illuminate\Support\Collection;
use NorthSatchel\Kit\Bag;
use NorthSatchel\Kit\BagBody;
use NorthSatchel\Kit\BagJudge;
use NorthSatchel\Kit\BagLens;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Judge\DriveJudge;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Judge\FlightJudge;
use NorthSatchel\Kit\Judge\HoldsJudge;
use NorthSatchel\Kit\Judge\LensChanges;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\PersonLoss;
use NorthSatchel\Kit\Judge\StationJudge;
use NorthSatchel\Kit\Judge\SwapTimes;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\ReachRuler;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Kit\Test\TestDue;
use NorthSatchel\Kit\WantedReach;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Kit: what goes along, and does it carry the plan? */
final class KitDesk
{
    private const MOST_LENSES = 8;

    /** @var array<int, LossReport> by job, for this request */
    private array $losses = [];

    /** @var array<int, Bag> by job, for this request */
    private array $bags = [];

    public function __construct(private readonly NeedsDesk $needs, private readonly ShelfDesk $items, private readonly PackDesk $packing) {}

    public function verdicts(Job $job): Verdicts
    {
        $bag = BagJudge::of($this->bag($job));
        if ($job->packing->isEmpty()) {
            return $bag;
        }
        $gear = $this->needs->bag($job);
        $needs = $this->needs->needsOfBag($job);
        $today = now($job->place->timezone)->format('Y-m-d');

        return new Verdicts([
            ...iterator_to_array($bag),
            // Cards, cells and reach have their own findings, with how many are short.
            ...array_filter($this->losses($job)->verdicts(), static fn (Verdict $v): bool => $v->code !== 'kit.unmet' || ! str_contains($v->finding, 'cells of type') && ! str_contains($v->finding, 'cards of') && ! str_contains($v->finding, ' mm')),
            ...HoldsJudge::of($this->carried($job), $needs, $this->needs->stretches($job)),
            ...PersonLoss::of($this->needs->stretches($job)),
            ...TestDays::verdicts($this->tests($job)),
            ...StationJudge::of($gear, max([0.0, ...array_map(static fn (Gear $g): float => ($g->number('raw_mb') ?? 0.0) + ($g->number('jpeg_mb') ?? 0.0), $gear)])),
            ...DriveJudge::of($gear, $this->gigabytes($job)),
            ...($job->goes_by_air ? FlightJudge::of($gear) : []),
            ...DueJudge::of($gear, $today, $job->date),
            // How much is in, the bag's own judge says.
            ...array_filter($this->packing->verdicts($job), static fn (Verdict $v): bool => ! in_array($v->code, ['pack.open', 'pack.done'], true)),
        ]);
    }

    /** Of the planned frames, counted once. */
    private function gigabytes(Job $job): float
    {
        $mb = 0.0;
        foreach ($this->bag($job)->bodies as $body) {
            $mb += $this->bag($job)->framesOf($body) * ($body->rawMb + $body->jpegMb);
        }

        return $mb / 1000;
    }

    public function losses(Job $job): LossReport
    {
        return $this->losses[$job->id] ??= Kept::of($job, 'losses', fn (): LossReport => new LossReport($this->needs->bag($job), $this->needs->rest($job), $this->needs->needsOfBag($job)));
    }

    /** @return list<TestDue> */
    public function tests(Job $job): array
    {
        return TestDays::of($this->needs->bag($job), $this->items->lastTests($job->place->timezone), $job->date, now($job->place->timezone)->format('Y-m-d'));
    }

    /** @return list<array{gear: Gear, lane: string}> */
    public function carried(Job $job): array
    {
        $gear = $this->items->gear();
        $carried = [];
        foreach ($job->packing as $entry) {
            if (isset($gear[$entry->item_id])) {
                $carried[] = ['gear' => $gear[$entry->item_id], 'lane' => $entry->lane];
            }
        }

        return $carried;
    }

    /**
     * For each photographer the bodies, the lenses that start on them, and the changes that the plan forces.
     *
     * @return array<string, array{bodies: list<Gear>, changes: LensChanges}>
     */
    public function lensChanges(Job $job): array
    {
        $lanes = [];
        foreach ($this->needs->stretches($job) as $stretch) {
            foreach ($stretch->lanes as $lane) {
                foreach ($stretch->shots as $shot) {
                    if ($shot->focalMm !== null) {
                        $lanes[$lane][] = ['what' => $shot->what, 'focalMm' => $shot->focalMm];
                    }
                }
            }
        }
        $found = [];
        foreach ($lanes as $lane => $shots) {
            $of = static fn (GearKind $kind, array $carried): array => array_values(array_map(static fn (array $c): Gear => $c['gear'], array_filter($carried, static fn (array $c): bool => $c['lane'] === $lane && $c['gear']->kind === $kind)));
            $bodies = $of(GearKind::Body, $this->carried($job));
            $lenses = array_slice($of(GearKind::Lens, $this->carried($job)), 0, self::MOST_LENSES);
            $found[$lane] = ['bodies' => $bodies, 'changes' => LensChanges::of($lenses, max(1, count($bodies)), $shots, $bodies === [] ? 1.0 : $bodies[0]->crop())];
        }

        return $found;
    }

    /**
     * The packing list, by carrier and kind.
     *
     * @return array<string, list<array{entry: Packing, isPacked: bool}>>
     */
    public function list(Job $job): array
    {
        $order = ['body' => 0, 'lens' => 1, 'flash' => 2, 'card' => 3, 'cell' => 4, 'reader' => 5, 'drive' => 6];
        $lists = [];
        $sorted = $job->packing->sortBy(static fn (Packing $p): array => [$p->lane !== 'lead', $p->lane, $order[$p->item->kind] ?? 9, $p->item->label]);
        foreach ($sorted as $entry) {
            $lists[$entry->lane][] = ['entry' => $entry, 'isPacked' => $this->isPacked($job, $entry->item_id)];
        }

        return $lists;
    }

    /** @return Collection<int, Item> what is on the shelf and not on the list */
    public function atHand(Job $job): Collection
    {
        return $this->items->items()->whereNotIn('id', $job->packing->pluck('item_id'))->values();
    }

    public function proposal(Job $job, KitSchool $school, ?int $limitG): KitProposal
    {
        return Kept::of($job, "proposal-{$school->value}-".($limitG ?? 'any'), fn (): KitProposal => KitProposal::of(array_values($this->items->gear()), $this->needs->work($job), $school, $limitG));
    }

    /** @return array<string, list<array{before: PlannedStretch, after: int, wouldRunOutIn: PlannedStretch}>> by photographer, when a pair of cards is full */
    public function swaps(Job $job): array
    {
        $swaps = [];
        foreach ($this->lensChanges($job) as $lane => $of) {
            $body = $of['bodies'][0] ?? null;
            $cards = array_map(static fn (array $c): float => $c['gear']->number('capacity_gb') ?? 0.0, array_filter($this->carried($job), static fn (array $c): bool => $c['gear']->kind === GearKind::Card));
            if ($body === null || $cards === []) {
                continue;
            }
            $pair = CardBudget::of(1, max(0.1, $body->number('raw_mb') ?? 50.0), $body->number('jpeg_mb') ?? 0.0, SaveMode::Mirror, [min($cards), min($cards)], BudgetNeeds::CARD_RESERVE)->framesPerSet;
            $swaps[$lane] = SwapTimes::of(array_values(array_filter($this->needs->stretches($job), static fn (PlannedStretch $s): bool => in_array($lane, $s->lanes, true))), $pair, 1 / max(1, count($of['bodies'])));
        }

        return array_filter($swaps);
    }

    public function reach(Job $job): ReachRuler
    {
        $bag = $this->bag($job);
        $on = [];
        foreach ($this->lensChanges($job) as $lane => $of) {
            foreach ($of['changes']->start as $index => $lens) {
                $body = $of['bodies'][$index] ?? null;
                $side = ($index === 0) === ($job->wide_side === 'left') ? 'left' : 'right';
                if ($body !== null) {
                    $on[$lens->id] = "{$lane}, {$body->label}".(count($of['bodies']) > 1 ? ", {$side}" : '');
                }
            }
        }
        // By photographer, then from wide to long.
        $lenses = $bag->lenses;
        usort($lenses, static fn (BagLens $a, BagLens $b): int => [$a->lane !== 'lead', $a->lane, $a->fromMm] <=> [$b->lane !== 'lead', $b->lane, $b->fromMm]);

        return new ReachRuler($lenses, $bag->reaches, $on);
    }

    /** @return list<BagLens> what everybody carries */
    public function lenses(Job $job): array
    {
        return $this->bag($job)->lenses;
    }

    /** @return list<WantedReach> the focal lengths that shots name */
    public function wanted(Job $job): array
    {
        return $this->asked($job)[1];
    }

    /** How many items of the list are not ticked yet. */
    public function unpacked(Job $job): int
    {
        return $job->packing->filter(fn (Packing $entry): bool => ! $this->isPacked($job, $entry->item_id))->count();
    }

    public function isPacked(Job $job, int $itemId): bool
    {
        return $this->packing->isPacked($job, $itemId);
    }

    private function bag(Job $job): Bag
    {
        return $this->bags[$job->id] ??= $this->pack($job);
    }

    private function pack(Job $job): Bag
    {
        $bodies = $lenses = $cells = $cards = $unpacked = [];
        foreach ($job->packing as $entry) {
            $item = $entry->item;
            if ($item->body !== null) {
                $bodies[] = new BagBody($item->label, $entry->lane, $item->body->raw_mb, $item->body->jpeg_mb, $item->body->frames_per_charge,
                    $item->body->standby_hours_per_charge, $item->cell_type ?? 'any', SaveMode::from($item->body->planned_mode));
            }
            if ($item->kind === 'lens') {
                $lenses[] = $this->lens($job, $item, $entry->lane);
            }
            if ($item->kind === 'cell') {
                $cells[$item->cell_type ?? 'any'] = ($cells[$item->cell_type ?? 'any'] ?? 0) + 1;
            }
            if ($item->card !== null) {
                $cards[] = $item->card->capacity_gb;
            }
            if (! $this->isPacked($job, $item->id)) {
                $unpacked[] = $item->label;
            }
        }
        [$frames, $reaches] = $this->asked($job);
        $shelfLenses = $reaches === [] ? [] : $this->lensesAtHand($job);

        return new Bag($bodies, $lenses, $shelfLenses, $cells, $cards, $frames, $reaches, $unpacked, $job->packing->count(),
            NeedsDesk::hours($job), $job->temperature_c);
    }

    /** @return list<BagLens> */
    private function lensesAtHand(Job $job): array
    {
        return array_values($this->atHand($job)->where('kind', 'lens')->map(fn (Item $i): BagLens => $this->lens($job, $i, 'lead'))->all());
    }

    /** @return array{array<string, int>, list<WantedReach>} planned frames by lane, focal lengths asked for */
    private function asked(Job $job): array
    {
        $frames = [];
        $reaches = [];
        foreach ($job->segments as $segment) {
            foreach ($segment->shotLines as $line) {
                $frames[$segment->lane] = ($frames[$segment->lane] ?? 0) + $line->frames;
                if ($line->focal_mm !== null) {
                    $reaches[] = new WantedReach($line->what, $segment->lane, $line->focal_mm);
                }
            }
        }

        return [$frames, $reaches];
    }

    /** A lens as on full format, on the bodies that this photographer carries. */
    private function lens(Job $job, Item $item, string $lane): BagLens
    {
        $gear = ShelfDesk::of($item);
        $crop = 1.0;
        foreach ($this->carried($job) as ['gear' => $body, 'lane' => $by]) {
            if ($by === $lane && $body->kind === GearKind::Body && $gear->fits($body)) {
                $crop = $body->crop();
                break;
            }
        }

        return new BagLens($item->id, $item->label, $lane, (int) round($gear->reachOn($crop)[0]), (int) round($gear->reachOn($crop)[1]));
    }
}
