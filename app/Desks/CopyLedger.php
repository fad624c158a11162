<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Copy;
use App\Models\CopyEvent;
use App\Models\Frame;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Which frame lies where, proved by which copy event. */
final class CopyLedger
{
    private const ROWS_A_QUERY = 400;

    /** @var array<string, bool> by hash, for this request */
    private array $safe = [];

    /** @var array<string, array<int, CopyEvent>>|null last event by "card fill" and destination */
    private ?array $last = null;

    public function __construct(private readonly HandoverLog $handovers) {}

    /**
     * Writes down the files of a sealed card; what is there already stays as it was.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    public function index(int $cardId, int $fill, array $rows): void
    {
        DB::transaction(static function () use ($cardId, $fill, $rows): void {
            $known = Frame::query()->where('card_id', $cardId)->where('fill', $fill)->pluck('id', 'path');
            $new = array_filter($rows, static fn (array $row): bool => ! $known->has($row['path']));
            foreach (array_chunk($new, self::ROWS_A_QUERY) as $chunk) {
                Frame::query()->insert($chunk);
            }
            foreach (array_filter($rows, static fn (array $row): bool => $known->has($row['path'])) as $row) {
                Frame::query()->whereKey($known[$row['path']])->update(['bytes' => $row['bytes'], 'modified_at' => $row['modified_at']]);
            }
        });
    }

    /** @return Collection<int, Frame> */
    public function framesOn(int $cardId, int $fill): Collection
    {
        return Frame::query()->where('card_id', $cardId)->where('fill', $fill)->orderBy('path')->get()->values();
    }

    /**
     * What a copy left at one destination.
     *
     * @param  array<string, string>  $hashes  by path on the card, of what read back right
     * @param  array<string, mixed>  $data
     */
    public function record(int $cardId, int $fill, int $destinationId, string $kind, string $bag, string $device, array $hashes, array $data): void
    {
        DB::transaction(static function () use ($cardId, $fill, $destinationId, $kind, $bag, $device, $hashes, $data): void {
            $event = CopyEvent::query()->create([
                'card_id' => $cardId, 'fill' => $fill, 'destination_id' => $destinationId, 'kind' => $kind,
                'bag' => $bag, 'device' => $device, 'data' => $data, 'at' => now(),
            ]);
            $copies = [];
            foreach (Frame::query()->where('card_id', $cardId)->where('fill', $fill)->get(['id', 'path', 'hash']) as $frame) {
                if (! isset($hashes[$frame->path])) {
                    continue;
                }
                if ($frame->hash === null) {
                    $frame->update(['hash' => $hashes[$frame->path]]);
                }
                if ($frame->hash === $hashes[$frame->path]) {
                    $copies[] = ['frame_id' => $frame->id, 'copy_event_id' => $event->id];
                }
            }
            foreach (array_chunk($copies, self::ROWS_A_QUERY) as $chunk) {
                Copy::query()->insert($chunk);
            }
        });
        $this->last = null;
        $this->safe = [];
    }

    /**
     * The last copy event of a card's fill at each destination.
     *
     * @return array<int, CopyEvent> by destination id
     */
    public function lastEvents(int $cardId, int $fill): array
    {
        return $this->allLast()["{$cardId} {$fill}"] ?? [];
    }

    /** @return list<CopyEvent> the last of each card's fill at one destination */
    public function lastAt(int $destinationId): array
    {
        return array_values(array_filter(array_map(static fn (array $at): ?CopyEvent => $at[$destinationId] ?? null, $this->allLast())));
    }

    /** @return array<string, array<int, CopyEvent>> by "card fill" and destination */
    private function allLast(): array
    {
        if ($this->last === null) {
            $this->last = [];
            foreach (CopyEvent::query()->orderBy('id')->get() as $event) {
                $this->last["{$event->card_id} {$event->fill}"][$event->destination_id] = $event;
            }
        }

        return $this->last;
    }

    /** Whether a copy counts: verified here, and not away with somebody since. */
    public function stands(CopyEvent $event): bool
    {
        return $this->state($event) === 'verified';
    }

    /** @return string verified, failed, partly (what others wrote lacks files), or why a verification does not count: unread since it came back, told by another satchel */
    public function state(CopyEvent $event): string
    {
        return match (true) {
            $event->kind === 'failed' && $event->bag === AdoptDesk::NO_BAG => 'partly',
            $event->kind !== 'verified' => $event->kind,
            ($event->data['told'] ?? false) === true => 'told',
            $this->isUnread($event) => 'unread',
            default => 'verified',
        };
    }

    /** Whether its drive came back from somebody and that copy was not read since. */
    private function isUnread(CopyEvent $event): bool
    {
        return $this->handovers->cameBack($event->destination_id)?->gt($event->at) ?? false;
    }

    /**
     * The devices that hold each file of a fill; a destination counts while its last event is a verification that stands.
     *
     * @return array<string, list<string>> by path
     */
    public function devicesByPath(int $cardId, int $fill): array
    {
        $valid = array_map(static fn (CopyEvent $e): int => $e->id, array_filter($this->lastEvents($cardId, $fill), $this->stands(...)));
        $devices = [];
        $rows = Copy::query()
            ->join('frames', 'frames.id', '=', 'copies.frame_id')
            ->join('copy_events', 'copy_events.id', '=', 'copies.copy_event_id')
            ->whereIn('copy_event_id', array_values($valid))
            ->toBase()->get(['frames.path', 'copy_events.device']);
        foreach ($rows as $row) {
            $devices[(string) $row->path][] = (string) $row->device;
        }

        return array_map(static fn (array $list): array => array_values(array_unique($list)), $devices);
    }

    /**
     * The devices on which each of these frames lies, by the copies that stand.
     *
     * @param  list<int>  $frameIds
     * @return array<int, list<string>> by frame
     */
    public function devicesOf(array $frameIds): array
    {
        $devices = [];
        foreach (array_chunk($frameIds, self::ROWS_A_QUERY) as $ids) {
            $rows = Copy::query()->whereIn('frame_id', $ids)->join('copy_events', 'copy_events.id', '=', 'copies.copy_event_id')->toBase()->get(['frame_id', 'copy_event_id', 'card_id', 'fill', 'destination_id']);
            foreach ($rows as $row) {
                $last = $this->lastEvents((int) $row->card_id, (int) $row->fill)[(int) $row->destination_id];
                if ($last->id === (int) $row->copy_event_id && $this->stands($last)) {
                    $devices[(int) $row->frame_id][$last->device] = true;
                }
            }
        }

        return array_map(static fn (array $names): array => array_map(strval(...), array_keys($names)), $devices);
    }

    /** Whether a frame of that content has enough copies that stand, on different devices. */
    public function isSafe(string $hash): bool
    {
        return $this->safe[$hash] ??= $this->devicesWith($hash) >= (int) config('satchel.copies_before_format');
    }

    private function devicesWith(string $hash): int
    {
        $ids = Frame::query()->where('hash', $hash)->pluck('id')->map(intval(...))->values()->all();

        return count(array_unique(array_merge(...array_values($this->devicesOf($ids)))));
    }
}
