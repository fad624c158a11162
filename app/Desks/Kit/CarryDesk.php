<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\KeptFindings;
use App\Models\Brief\Job;
use App\Models\Kit\Packing;
use Illuminate\Support\Collection;
use NorthSatchel\Kit\BodyCharge;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\Judge\LensChanges;
use NorthSatchel\Kit\Judge\Swap;
use NorthSatchel\Kit\Judge\SwapTimes;
use NorthSatchel\Kit\Judge\WantedFocal;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** Who carries what, and what is changed on the way: lenses, cards, cells. */
final class CarryDesk
{
    private const MOST_LENSES = 8;

    /** @var array<int, array<string, LaneChanges>> by job, for this request */
    private array $changes = [];

    /** @var \WeakMap<Collection<int, Packing>, list<Carried>> by the list as it was read */
    private \WeakMap $carried;

    public function __construct(private readonly NeedsDesk $needs, private readonly ShelfDesk $items)
    {
        $this->carried = new \WeakMap();
    }

    /** @return list<Carried> */
    public function carried(Job $job): array
    {
        return $this->carried[$job->packing] ??= $this->readCarried($job);
    }

    /** @return list<Carried> */
    private function readCarried(Job $job): array
    {
        $gear = $this->items->gear();
        $carried = [];
        foreach ($job->packing as $entry) {
            if (isset($gear[$entry->item_id])) {
                $carried[] = new Carried($gear[$entry->item_id], $entry->lane);
            }
        }

        return $carried;
    }

    /**
     * For each photographer the bodies, the lenses that start on them, and the changes that the plan forces.
     *
     * @return array<string, LaneChanges>
     */
    public function lensChanges(Job $job): array
    {
        return $this->changes[$job->id] ??= KeptFindings::of($job, 'lens-changes', fn (): array => $this->changed($job));
    }

    /** @return array<string, LaneChanges> */
    private function changed(Job $job): array
    {
        $lanes = [];
        foreach ($this->needs->stretches($job) as $stretch) {
            foreach ($stretch->photographers() as $lane) {
                foreach ($stretch->shots as $shot) {
                    if ($shot->focalMm !== null) {
                        $lanes[$lane][] = new WantedFocal($shot->what, $shot->focalMm);
                    }
                }
            }
        }
        $found = [];
        foreach ($lanes as $lane => $shots) {
            $of = static fn (GearKind $kind, array $carried): array => array_values(
                array_map(
                    static fn (Carried $c): Gear => $c->gear,
                    array_filter($carried, static fn (Carried $c): bool => $c->lane === $lane && $c->gear->kind === $kind),
                ),
            );
            $bodies = $of(GearKind::Body, $this->carried($job));
            $lenses = array_slice($of(GearKind::Lens, $this->carried($job)), 0, self::MOST_LENSES);
            $found[$lane] = new LaneChanges(
                bodies: $bodies,
                changes: LensChanges::of($lenses, max(1, count($bodies)), $shots, $bodies === [] ? 1.0 : $bodies[0]->crop()),
            );
        }

        return $found;
    }

    /**
     * @return array<string, list<SwapAt>> by photographer; bodies whose cells are swapped at one moment in one
     * line
     */
    public function swaps(Job $job): array
    {
        return KeptFindings::of($job, 'swaps', fn (): array => $this->swapped($job));
    }

    /** @return array<string, list<SwapAt>> */
    private function swapped(Job $job): array
    {
        $swaps = [];
        foreach ($this->lensChanges($job) as $lane => $of) {
            $bodies = $of->bodies;
            $share = 1 / max(1, count($bodies));
            $stretches = array_values(
                array_filter($this->needs->stretches($job), static fn (PlannedStretch $s): bool => in_array($lane, $s->lanes, true)),
            );
            $pair = $bodies === [] ? null : $this->framesOfPair($job, $bodies[0]);
            $swaps[$lane] = array_map(
                static fn (Swap $s): SwapAt => new SwapAt(what: 'cards', swap: $s),
                $pair === null ? [] : SwapTimes::of($stretches, $pair, $share),
            );
            $cells = [];
            foreach ($bodies as $body) {
                foreach (
                    SwapTimes::ofCells(
                        $stretches,
                        $share,
                        $body->number('frames_per_charge') ?? BodyCharge::USUAL_FRAMES,
                        $body->number('standby_hours_per_charge') ?? BodyCharge::USUAL_STANDBY_H,
                        $job->temperature_c,
                    ) as $swap
                ) {
                    $cells[$swap->says('')]['swap'] = $swap;
                    $cells[$swap->says('')]['of'][] = $body->label;
                }
            }
            foreach ($cells as ['swap' => $swap, 'of' => $labels]) {
                $swaps[$lane][] = new SwapAt(
                    what: (count($labels) > 1 ? 'the cells of ' : 'the cell of ').implode(' and ', $labels),
                    swap: $swap,
                );
            }
        }

        return array_filter($swaps);
    }

    /** @return array<int, int> frames that a pair of cards holds in each body, by its item; bodies of which nobody knows are missing */
    public function framesOfPairs(Job $job): array
    {
        $frames = [];
        foreach ($this->bodies($job) as $body) {
            $frames[$body->gear->id] = $this->framesOfPair($job, $body->gear);
        }

        return array_filter($frames, static fn (?int $n): bool => $n !== null);
    }

    /** @return array<int, BodyCharge> what a charge gives each body, by its item */
    public function charges(Job $job): array
    {
        return BodyCharge::of($this->carried($job), $job->temperature_c);
    }

    /** @return list<CarriedBody> the bodies on the list, by who carries them */
    public function bodies(Job $job): array
    {
        $modes = $job->packing->mapWithKeys(static fn (Packing $p): array => [$p->item_id => (string) $p->item->body?->planned_mode])->all();
        $bodies = array_filter($this->carried($job), static fn (Carried $c): bool => $c->gear->kind === GearKind::Body);

        return array_values(
            array_map(
                static fn (Carried $c): CarriedBody => new CarriedBody(
                    gear: $c->gear,
                    lane: $c->lane,
                    mode: ['mirror' => 'both cards alike', 'overflow' => 'one card, then the other', 'split' => 'raw and jpeg apart'][
                            $modes[$c->gear->id]
                        ] ?? 'as it is set',
                ),
                $bodies,
            ),
        );
    }

    /** Frames that the smallest pair of cards on the list takes; null without cards. */
    private function framesOfPair(Job $job, Gear $body): ?int
    {
        $cards = array_map(
            static fn (Carried $c): float => $c->gear->number('capacity_gb') ?? 0.0,
            array_filter($this->carried($job), static fn (Carried $c): bool => $c->gear->kind === GearKind::Card),
        );

        return $cards === []
            ? null
            : CardBudget::of(
                1,
                max(0.1, $body->number('raw_mb') ?? 50.0),
                $body->number('jpeg_mb') ?? 0.0,
                SaveMode::Mirror,
                [min($cards), min($cards)],
                BudgetNeeds::CARD_RESERVE,
            )->framesPerSet;
    }
}
