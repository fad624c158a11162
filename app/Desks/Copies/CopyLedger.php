<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\OwnerRules;
use App\Models\Cards\CardLoad;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\CopyState;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Cards\Permit\Medium;

/**
 * What was read back from which bag, by content. Each reading of a bag takes the place of the one before it, whole: what a
 * reading did not find there no longer counts, whatever was found earlier.
 */
final class CopyLedger
{
    private const ROWS_A_QUERY = 400;

    /** So much of a hash is kept of what lies in a bag: 256 bits tell any two contents apart. */
    private const KEY = 64;

    /** @var array<string, bool> by hash, for this request */
    private array $safe = [];

    /** @var array<string, array<int, CopyEvent>> last event by "card fill" and destination, of the loads asked for */
    private array $last = [];

    public function __construct(
        private readonly HandoverLog $handovers,
        private readonly OwnerRules $rules,
        private readonly Places $places,
    ) {}

    /** The part of a hash by which contents are compared here. */
    public static function key(string $hash): string
    {
        return substr($hash, 0, self::KEY);
    }

    /**
     * A reading of a bag.
     *
     * @param  list<string>  $contents  hashes of all that was read there and is what the bag's lists say
     * @param  array<string, mixed>  $data
     */
    public function record(
        int $cardId,
        int $fill,
        int $destinationId,
        CopyState $kind,
        string $bag,
        string $device,
        array $contents,
        array $data,
    ): void {
        DB::transaction(static function () use ($cardId, $fill, $destinationId, $kind, $bag, $device, $contents, $data): void {
            $event = CopyEvent::query()->create([
                'card_id' => $cardId,
                'fill' => $fill,
                'destination_id' => $destinationId,
                'kind' => $kind,
                'bag' => $bag,
                'device' => $device,
                'data' => $data,
                'at' => now(),
            ]);
            DB::table('copies')
                ->whereIn(
                    'copy_event_id',
                    CopyEvent::query()
                        ->where('card_id', $cardId)
                        ->where('fill', $fill)
                        ->where('destination_id', $destinationId)
                        ->where('id', '<', $event->id)
                        ->select('id'),
                )
                ->delete();
            $rows = array_map(
                static fn (string $hash): array => ['content' => self::key($hash), 'copy_event_id' => $event->id],
                array_values(array_unique($contents)),
            );
            foreach (array_chunk($rows, self::ROWS_A_QUERY) as $chunk) {
                DB::table('copies')->insertOrIgnore($chunk);
            }
        });
        $this->last = [];
        $this->safe = [];
    }

    /**
     * The last copy event of a card's fill at each destination.
     *
     * @return array<int, CopyEvent> by destination id
     */
    public function lastEvents(int $cardId, int $fill): array
    {
        if (! isset($this->last["{$cardId} {$fill}"])) {
            $this->prepare([new CardLoad($cardId, $fill)]);
        }

        return $this->last["{$cardId} {$fill}"];
    }

    /** @param  list<CardLoad>  $loads  that are about to be asked for */
    public function prepare(array $loads): void
    {
        $loads = array_values(array_filter($loads, fn (CardLoad $load): bool => ! isset($this->last[$load->key()])));
        foreach ($loads as $load) {
            $this->last[$load->key()] = [];
        }
        foreach (array_chunk($loads, self::ROWS_A_QUERY) as $some) {
            $last = DB::table('copy_events')
                ->where(static function (Builder $any) use ($some): void {
                    foreach ($some as $load) {
                        $any->orWhere(static fn (Builder $of) => $of->where('card_id', $load->card)->where('fill', $load->fill));
                    }
                })
                ->groupBy('card_id', 'fill', 'destination_id')
                ->selectRaw('max(id)');
            foreach (CopyEvent::query()->whereIn('id', $last)->orderBy('id')->get() as $event) {
                $this->last["{$event->card_id} {$event->fill}"][$event->destination_id] = $event;
            }
        }
    }

    /** @return list<CopyEvent> the last of each card's fill at one destination */
    public function lastAt(int $destinationId): array
    {
        $last = DB::table('copy_events')->where('destination_id', $destinationId)->groupBy('card_id', 'fill')->selectRaw('max(id)');

        return array_values(CopyEvent::query()->whereIn('id', $last)->orderBy('id')->get()->all());
    }

    /** Whether a copy counts: verified here, and not away with somebody since. */
    public function stands(CopyEvent $event): bool
    {
        return $this->state($event) === CopyState::Verified;
    }

    /** What its last reading comes to by now. */
    public function state(CopyEvent $event): CopyState
    {
        return match (true) {
            ($event->data['told'] ?? false) === true => CopyState::Told,
            $event->kind === CopyState::Failed && $event->bag === CopyEvent::NO_BAG => CopyState::Partly,
            $event->kind !== CopyState::Verified => $event->kind,
            $this->isUnread($event) => CopyState::Unread,
            default => CopyState::Verified,
        };
    }

    /** Whether its drive came back from somebody and that copy was not read since. */
    public function isUnread(CopyEvent $event): bool
    {
        return $this->handovers->isBeforeItCameBack($event);
    }

    /** Whether what was read in a bag counts, file by file: read here, and its drive not given away since. */
    public function counts(CopyEvent $event): bool
    {
        return ($event->data['told'] ?? false) !== true && ! $this->isUnread($event);
    }

    /**
     * The readings in which any of these contents were found.
     *
     * @param  list<string>  $hashes
     * @return list<HeldContents>
     */
    public function holding(array $hashes): array
    {
        $found = [];
        foreach (array_chunk(array_values(array_unique(array_map(self::key(...), $hashes))), self::ROWS_A_QUERY) as $keys) {
            foreach (DB::table('copies')->whereIn('content', $keys)->get() as $row) {
                $found[(int) $row->copy_event_id][(string) $row->content] = true;
            }
        }
        $events = [];
        foreach (array_chunk(array_keys($found), self::ROWS_A_QUERY) as $ids) {
            foreach (CopyEvent::query()->whereIn('id', $ids)->orderBy('id')->get() as $event) {
                $events[] = new HeldContents($event, $found[$event->id]);
            }
        }

        return $events;
    }

    /**
     * The media on which each of these contents lies, by the readings that count.
     *
     * @param  array<int, string>  $hashes  by frame
     * @return array<int, list<string>> by frame
     */
    public function mediaOf(array $hashes): array
    {
        $keys = array_map(self::key(...), $hashes);
        $media = [];
        foreach ($this->holding(array_values($keys)) as $held) {
            $medium = $this->places->medium($held->event);
            foreach ($this->counts($held->event) ? array_keys($held->contents) : [] as $key) {
                $media[$key][] = $medium;
            }
        }
        $names = static fn (string $key): array => array_map(static fn (Medium $m): string => $m->name, Medium::different($media[$key]));

        return array_map($names, array_filter($keys, static fn (string $key): bool => isset($media[$key])));
    }

    /** Whether a frame of that content has enough copies that count, on different devices. */
    public function isSafe(string $hash): bool
    {
        return $this->safe[$hash] ??= $this->devicesWith($hash) >= $this->rules->record()->permit_copies;
    }

    private function devicesWith(string $hash): int
    {
        $media = [];
        foreach ($this->holding([$hash]) as $held) {
            if ($this->counts($held->event)) {
                $media[] = $this->places->medium($held->event);
            }
        }

        return count(Medium::different($media));
    }
}
