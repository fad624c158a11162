<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Bag;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Kit\Pack\Label;
use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackedItem;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Verdict;

/** What goes into which bag, ticked by tap, key or label. */
final class PackDesk
{
    private const SMALL = ['card', 'cell', 'trigger', 'cable', 'reader', 'safety cable', 'paper', 'tool', 'consumable'];

    /** In the order in which one packs: what must not be forgotten first, what lies on top last. */
    private const ORDER = [
        'body', 'lens', 'flash', 'trigger', 'cell', 'charger', 'card', 'reader', 'drive', 'computer', 'cable',
        'modifier', 'stand', 'clamp', 'safety cable', 'reflector', 'ladder', 'tool', 'consumable', 'paper', 'other',
    ];

    /** @var Collection<int, Bag>|null */
    private ?Collection $bags = null;

    public function __construct(
        private readonly ShelfDesk $shelf,
        private readonly SharedKitDesk $shared,
        private readonly TapDesk $taps,
    ) {}

    public function isPacked(Job $job, int $itemId): bool
    {
        return $this->ticked($job, TapKind::Pack, $itemId);
    }

    /** Whether the last tap on a thing was this one, and not the one that takes it back. */
    public function ticked(Job $job, TapKind $kind, int $id): bool
    {
        return $this->taps->log($job->id)->states($kind)[$id] ?? false;
    }

    /** @return Collection<int, Bag> */
    public function bags(): Collection
    {
        return $this->bags ??= Bag::query()->orderBy('id')->get()->values();
    }

    public function packed(Job $job): PackedBags
    {
        $in = [];
        foreach ($this->sorted($job) as $entry) {
            $in[(int) $entry->bag_id][] = $this->item($job, $entry);
        }
        $bags = array_values(
            $this->bags()
                ->filter(static fn (Bag $b): bool => isset($in[$b->id]))
                ->map(static fn (Bag $b): PackedBag => new PackedBag($b->id, $b->name, $b->kind, $b->places, $b->limit_g, $in[$b->id]))
                ->all(),
        );
        $known = $this->bags()->pluck('id')->all();

        return new PackedBags(
            bags: $bags,
            loose: array_merge(
                ...array_values(array_filter($in, static fn (int $id): bool => ! in_array($id, $known, true), ARRAY_FILTER_USE_KEY)) ?: [[]],
            ),
        );
    }

    /** @return Collection<int, Packing> in packing order */
    public function sorted(Job $job): Collection
    {
        return $job->packing
            ->sortBy(static fn (Packing $p): array => [(int) array_search($p->item->kind, self::ORDER, true), $p->item->label])
            ->values();
    }

    /** @return list<Verdict> */
    public function verdicts(Job $job): array
    {
        $packed = $this->packed($job);
        $grams = [];
        foreach ($job->packing as $entry) {
            $grams[$entry->lane] = ($grams[$entry->lane] ?? 0) + ($this->shelf->gear()[$entry->item_id] ?? null)?->grams();
        }

        return [...PackJudge::of($packed->bags, $packed->loose, $grams), ...$this->shared->kitOn($job->date)?->verdicts($job->id) ?? []];
    }

    /**
     * What a scanned label, or a label typed by hand, comes to: the thing is ticked.
     *
     * @throws ValidationException saying what was wrong with it
     */
    public function scan(Job $job, string $scanned): Item
    {
        $text = trim($scanned);
        $id = Label::read($text);
        $item =
            $id === null
                ? $this->shelf->items()->first(static fn (Item $i): bool => mb_strtolower($i->label) === mb_strtolower($text))
                : $this->shelf->items()->firstWhere('id', $id);
        $refuse = static fn (string $why) => throw ValidationException::withMessages(['scan' => $why]);
        if ($item === null) {
            $refuse(
                $id === null
                    ? '“'.mb_strimwidth($text, 0, 40, '…').'” is no label of this shelf.'
                    : 'That thing is no longer on the shelf.',
            );
        }
        if (! $job->packing->contains('item_id', $item->id)) {
            $other = Packing::query()
                ->where('item_id', $item->id)
                ->where('job_id', '!=', $job->id)
                ->join('jobs', 'jobs.id', '=', 'packing.job_id')
                ->where('jobs.date', '>=', now()->format('Y-m-d'))
                ->value('jobs.name');
            $refuse(
                "{$item->label} is not on the list of this job".($other === null ? ': put it on first.' : ", but on that of “{$other}”."),
            );
        }
        if ($this->isPacked($job, $item->id)) {
            $refuse("{$item->label} is in already: scanned twice.");
        }
        $this->taps->press(TapKind::Pack, ['job' => $job->id, 'item' => $item->id]);

        return $item;
    }

    private function item(Job $job, Packing $entry): PackedItem
    {
        $gear = $this->shelf->gear()[$entry->item_id] ?? ShelfDesk::of($entry->item);

        return new PackedItem(
            $entry->item_id,
            $entry->item->label,
            $entry->item->kind,
            $gear->grams(),
            in_array($entry->item->kind, self::SMALL, true),
            $this->isPacked($job, $entry->item_id),
        );
    }
}
