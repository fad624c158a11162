<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\KeptFindings;
use App\Devices\Stopwatch;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use Illuminate\Support\Collection;
use NorthSatchel\Kit\Bag;
use NorthSatchel\Kit\BagBody;
use NorthSatchel\Kit\BagJudge;
use NorthSatchel\Kit\BagLens;
use NorthSatchel\Kit\Judge\DriveJudge;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Judge\FlightJudge;
use NorthSatchel\Kit\Judge\HoldsJudge;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\PersonLoss;
use NorthSatchel\Kit\Judge\StationJudge;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\KitSchool;
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
    private const PROPOSAL_S = 3.0;

    /** @var array<int, LossReport> by job, for this request */
    private array $losses = [];

    /** @var array<int, Bag> by job, for this request */
    private array $bags = [];

    public function __construct(
        private readonly NeedsDesk $needs,
        private readonly ShelfDesk $items,
        private readonly PackDesk $packing,
        private readonly CarryDesk $carry,
    ) {}

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
            ...array_filter(
                $this->losses($job)->verdicts(),
                static fn (Verdict $v): bool => $v->code !== 'kit.unmet' ||
                    (! str_contains($v->finding, 'cells of type') &&
                        ! str_contains($v->finding, 'cards of') &&
                        ! str_contains($v->finding, ' mm')),
            ),
            ...HoldsJudge::of($this->carry->carried($job), $needs, $this->needs->stretches($job)),
            ...PersonLoss::of($this->needs->stretches($job)),
            ...TestDays::verdicts($this->tests($job)),
            ...StationJudge::of(
                $gear,
                max([
                    0.0,
                    ...array_map(static fn (Gear $g): float => ($g->number('raw_mb') ?? 0.0) + ($g->number('jpeg_mb') ?? 0.0), $gear),
                ]),
            ),
            ...DriveJudge::of($gear, $this->gigabytes($job)),
            ...$job->goes_by_air ? FlightJudge::of($gear) : [],
            ...DueJudge::of($gear, $today, $job->date),
            // How much is in, the bag's own judge says.
            ...array_filter(
                $this->packing->verdicts($job),
                static fn (Verdict $v): bool => ! in_array($v->code, ['pack.open', 'pack.done'], true),
            ),
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
        return $this->losses[$job->id] ??= KeptFindings::of(
            $job,
            'losses',
            fn (): LossReport => new LossReport($this->needs->bag($job), $this->needs->rest($job), $this->needs->needsOfBag($job)),
        );
    }

    /** @return list<TestDue> */
    public function tests(Job $job): array
    {
        return TestDays::of(
            $this->needs->bag($job),
            $this->items->lastTests($job->place->timezone),
            $job->date,
            now($job->place->timezone)->format('Y-m-d'),
        );
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
        $sorted = $job->packing->sortBy(
            static fn (Packing $p): array => [$p->lane !== 'lead', $p->lane, $order[$p->item->kind] ?? 9, $p->item->label],
        );
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
        return KeptFindings::of(
            $job,
            "proposal-{$school->value}-".($limitG ?? 'any'),
            fn (): KitProposal => KitProposal::of(
                array_values($this->items->gear()),
                $this->needs->work($job),
                $school,
                $limitG,
                Stopwatch::seconds(self::PROPOSAL_S),
            ),
        );
    }

    public function reach(Job $job): ReachRuler
    {
        $bag = $this->bag($job);
        $on = [];
        foreach ($this->carry->lensChanges($job) as $lane => $of) {
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
        usort(
            $lenses,
            static fn (BagLens $a, BagLens $b): int => [$a->lane !== 'lead', $a->lane, $a->fromMm] <=> [
                $b->lane !== 'lead',
                $b->lane,
                $b->fromMm,
            ],
        );

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
                $bodies[] = new BagBody(
                    $item->label,
                    $entry->lane,
                    $item->body->raw_mb,
                    $item->body->jpeg_mb,
                    $item->body->frames_per_charge,
                    $item->body->standby_hours_per_charge,
                    $item->cell_type ?? 'any',
                    SaveMode::from($item->body->planned_mode),
                );
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

        return new Bag(
            $bodies,
            $lenses,
            $shelfLenses,
            $cells,
            $cards,
            $frames,
            $reaches,
            $unpacked,
            $job->packing->count(),
            NeedsDesk::hours($job),
            $job->temperature_c,
        );
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
        foreach ($this->carry->carried($job) as ['gear' => $body, 'lane' => $by]) {
            if ($by === $lane && $body->kind === GearKind::Body && $gear->fits($body)) {
                $crop = $body->crop();
                break;
            }
        }

        return new BagLens($item->id, $item->label, $lane, (int) round($gear->reachOn($crop)[0]), (int) round($gear->reachOn($crop)[1]));
    }
}
