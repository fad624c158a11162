<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Plan\DaysDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Bag;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\Taps\DeviceEvent;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Kit\Pack\Label;
use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackedItem;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Verdict;

/** What goes into which bag, ticked by tap, key or label. */
final class PackDesk
{
    private const SMALL = ['card', 'cell', 'trigger', 'cable', 'reader', 'safety cable', 'paper', 'tool', 'consumable'];

    /** In the order in which one packs: what must not be forgotten first, what lies on top last. */
    private const ORDER = ['body', 'lens', 'flash', 'trigger', 'cell', 'charger', 'card', 'reader', 'drive', 'computer', 'cable', 'modifier', 'stand', 'clamp', 'safety cable', 'reflector', 'ladder', 'tool', 'consumable', 'paper', 'other'];

    /** @var array<int, array<string, array<int, bool>>>|null by job, pair of kinds and thing */
    private ?array $ticks = null;

    /** @var Collection<int, Bag>|null */
    private ?Collection $bags = null;

    public function __construct(private readonly ShelfDesk $shelf, private readonly DaysDesk $days) {}

    public function isPacked(Job $job, int $itemId): bool
    {
        return $this->ticked($job, 'pack', $itemId);
    }

    /** Whether the last tap on a thing was this one: pack, home or check, whose opposites are unpack, away and uncheck. */
    public function ticked(Job $job, string $kind, int $id): bool
    {
        $this->ticks ??= $this->readTicks();

        return $this->ticks[$job->id][$kind][$id] ?? false;
    }

    /** @return Collection<int, Bag> */
    public function bags(): Collection
    {
        return $this->bags ??= Bag::query()->orderBy('id')->get()->values();
    }

    /** @return array{bags: list<PackedBag>, loose: list<PackedItem>} */
    public function packed(Job $job): array
    {
        $in = [];
        foreach ($this->sorted($job) as $entry) {
            $in[(int) $entry->bag_id][] = $this->item($job, $entry);
        }
        $bags = array_values($this->bags()->filter(static fn (Bag $b): bool => isset($in[$b->id]))->map(static fn (Bag $b): PackedBag => new PackedBag($b->id, $b->name, $b->kind, $b->places, $b->limit_g, $in[$b->id]))->all());
        $known = $this->bags()->pluck('id')->all();

        return ['bags' => $bags, 'loose' => array_merge(...array_values(array_filter($in, static fn (int $id): bool => ! in_array($id, $known, true), ARRAY_FILTER_USE_KEY)) ?: [[]])];
    }

    /** @return Collection<int, Packing> in packing order */
    public function sorted(Job $job): Collection
    {
        return $job->packing->sortBy(static fn (Packing $p): array => [(int) array_search($p->item->kind, self::ORDER, true), $p->item->label])->values();
    }

    /** @return list<Verdict> */
    public function verdicts(Job $job): array
    {
        ['bags' => $bags, 'loose' => $loose] = $this->packed($job);
        $grams = [];
        foreach ($job->packing as $entry) {
            $grams[$entry->lane] = ($grams[$entry->lane] ?? 0) + ($this->shelf->gear()[$entry->item_id] ?? null)?->grams();
        }

        return [...PackJudge::of($bags, $loose, $grams), ...($this->days->kitOn($job->date)?->verdicts($job->id) ?? [])];
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
        $item = $id === null ? $this->shelf->items()->first(static fn (Item $i): bool => mb_strtolower($i->label) === mb_strtolower($text)) : $this->shelf->items()->firstWhere('id', $id);
        $refuse = static fn (string $why) => throw ValidationException::withMessages(['scan' => $why]);
        if ($item === null) {
            $refuse($id === null ? '“'.mb_strimwidth($text, 0, 40, '…').'” is no label of this shelf.' : 'That thing is no longer on the shelf.');
        }
        if (! $job->packing->contains('item_id', $item->id)) {
            $other = Packing::query()->where('item_id', $item->id)->where('job_id', '!=', $job->id)->join('jobs', 'jobs.id', '=', 'packing.job_id')->where('jobs.date', '>=', now()->format('Y-m-d'))->value('jobs.name');
            $refuse("{$item->label} is not on the list of this job".($other === null ? ': put it on first.' : ", but on that of “{$other}”."));
        }
        if ($this->isPacked($job, $item->id)) {
            $refuse("{$item->label} is in already: scanned twice.");
        }
        $this->log('pack', ['job' => $job->id, 'item' => $item->id]);

        return $item;
    }

    /** @param  array<string, mixed>  $on */
    public function log(string $kind, array $on): void
    {
        DeviceEvent::query()->create(['id' => (string) Str::uuid(), 'kind' => $kind, 'on' => $on, 'made_at' => now(), 'received_at' => now()]);
        $this->ticks = null;
    }

    private function item(Job $job, Packing $entry): PackedItem
    {
        $gear = $this->shelf->gear()[$entry->item_id] ?? ShelfDesk::of($entry->item);

        return new PackedItem($entry->item_id, $entry->item->label, $entry->item->kind, $gear->grams(), in_array($entry->item->kind, self::SMALL, true), $this->isPacked($job, $entry->item_id));
    }

    /**
     * The last tap on each thing wins, by the time made on the device.
     *
     * @return array<int, array<string, array<int, bool>>>
     */
    private function readTicks(): array
    {
        $ticks = [];
        $undone = ['unpack' => 'pack', 'away' => 'home', 'uncheck' => 'check'];
        foreach (DeviceEvent::query()->whereIn('kind', ['pack', 'unpack', 'home', 'away', 'check', 'uncheck'])->orderBy('made_at')->get() as $event) {
            $kind = $undone[$event->kind] ?? $event->kind;
            $ticks[(int) ($event->on['job'] ?? 0)][$kind][(int) ($event->on[$kind === 'check' ? 'line' : 'item'] ?? 0)] = $kind === $event->kind;
        }

        return $ticks;
    }
}
