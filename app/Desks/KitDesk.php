<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\DeviceEvent;
use App\Models\Item;
use App\Models\Job;
use App\Models\Packing;
use Illuminate\Support\Collection;
use NorthSatchel\Kit\Bag;
use NorthSatchel\Kit\BagBody;
use NorthSatchel\Kit\BagJudge;
use NorthSatchel\Kit\BagLens;
use NorthSatchel\Kit\ReachRuler;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\WantedReach;
use NorthSatchel\Plan\ClockTime;
use NorthSatchel\Verdicts;

/** Kit: what goes along, and does it carry the plan? */
final class KitDesk
{
    /** @var array<int, Bag> by job, for this request */
    private array $bags = [];

    /** @var Collection<int, Item>|null the whole shelf, for this request */
    private ?Collection $shelf = null;

    /** @var Collection<int, Item>|null */
    private ?Collection $shelfLenses = null;

    /** @var array<int, array<int, bool>>|null packed by job and item */
    private ?array $packed = null;

    public function verdicts(Job $job): Verdicts
    {
        return BagJudge::of($this->bag($job));
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
        return $this->shelf()->whereNotIn('id', $job->packing->pluck('item_id'))->values();
    }

    public function add(Job $job, int $itemId, string $lane): void
    {
        Packing::query()->firstOrCreate(['job_id' => $job->id, 'item_id' => $itemId], ['lane' => $lane]);
    }

    /** Puts up to so many items of a kind on the list, the largest first. */
    public function addKind(Job $job, string $kind, int $count): void
    {
        foreach ($this->atHand($job)->where('kind', $kind)->sortByDesc(static fn (Item $i): float => $i->card->capacity_gb ?? 0.0)->take($count) as $item) {
            $this->add($job, $item->id, 'lead');
        }
    }

    public function reach(Job $job): ReachRuler
    {
        $bag = $this->bag($job);

        return new ReachRuler($bag->lenses, $bag->reaches);
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
        $this->packed ??= $this->readTicks();

        return $this->packed[$job->id][$itemId] ?? false;
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
                $lenses[] = self::lens($item, $entry->lane);
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
            self::coveredHours($job), $job->temperature_c);
    }

    /** @return list<BagLens> */
    private function lensesAtHand(Job $job): array
    {
        $this->shelfLenses ??= Item::query()->where('kind', 'lens')->orderBy('label')->get()->values();

        return array_values($this->shelfLenses->whereNotIn('id', $job->packing->pluck('item_id'))->map(static fn (Item $i): BagLens => self::lens($i, 'lead'))->all());
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

    private static function coveredHours(Job $job): float
    {
        return round((ClockTime::of($job->covered_to)->minutes - ClockTime::of($job->covered_from)->minutes) / 60, 1);
    }

    private static function lens(Item $item, string $lane): BagLens
    {
        return new BagLens($item->id, $item->label, $lane, $item->focal_min_mm ?? 0, $item->focal_max_mm ?? 0);
    }

    /** @return Collection<int, Item> */
    private function shelf(): Collection
    {
        return $this->shelf ??= Item::query()->with(['body', 'card'])->orderBy('kind')->orderBy('label')->get();
    }

    /**
     * The last tick of each item wins, by the time made on the device.
     *
     * @return array<int, array<int, bool>>
     */
    private function readTicks(): array
    {
        $packed = [];
        foreach (DeviceEvent::query()->whereIn('kind', ['pack', 'unpack'])->orderBy('made_at')->get() as $event) {
            $packed[(int) ($event->on['job'] ?? 0)][(int) ($event->on['item'] ?? 0)] = $event->kind === 'pack';
        }

        return $packed;
    }
}
