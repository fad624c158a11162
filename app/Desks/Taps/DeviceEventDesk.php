<?php

declare(strict_types=1);

namespace App\Desks\Taps;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\People\CallDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use App\Models\Taps\DeviceEvent;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardState;

/**
 * Takes what was tapped on a device: each event has an id and a time made there. The same event twice
 * does no harm, and the order of arrival does not matter.
 */
final class DeviceEventDesk
{
    public const KINDS = ['pack', 'unpack', 'home', 'away', 'check', 'uncheck', 'fetched', 'load', 'unload', ...CallDesk::KINDS];

    public function __construct(private readonly CardLog $log, private readonly CardsDesk $cards) {}

    /**
     * Takes what was pressed on a page: what cannot be is said, and nothing is noted.
     *
     * @param  list<array{id: string, kind: string, on: array<string, mixed>, made_at: string}>  $events
     * @return list<string> ids that the server now has
     *
     * @throws ValidationException
     * @throws ModelNotFoundException when a card, body or job is no longer there
     */
    public function take(array $events): array
    {
        $taken = [];
        foreach ($events as $event) {
            $this->whole($event);
            $taken[] = $event['id'];
        }

        return $taken;
    }

    /**
     * Keeps a tap of a device, whatever it says: it happened. The same tap twice does no harm.
     *
     * @param  array{id: string, kind: string, on: array<string, int>, made_at: string}  $tap
     * @return string|null what it clashes with; null where it fits
     */
    public function keep(array $tap): ?string
    {
        try {
            $this->whole($tap);

            return null;
        } catch (ValidationException $e) {
            $clash = $e->getMessage();
        } catch (ModelNotFoundException) {
            $clash = 'What this tap was about is no longer there.';
        }
        DB::transaction(function () use ($tap, $clash): void {
            $card = Card::query()->with('item')->find($tap['on']['card'] ?? 0);
            if ($card !== null && in_array($tap['kind'], ['load', 'unload'], true)) {
                $body = Body::query()->find($tap['on']['body'] ?? 0);
                $this->log->add($card, CardEventKind::Clashed, Job::query()->find($tap['on']['job'] ?? 0)?->id, $body?->id, min(255, $tap['on']['slot'] ?? 0) ?: null, ['words' => $clash], $tap['id'], Carbon::parse($tap['made_at'])->utc());
            }
            $this->note($tap);
        });

        return $clash;
    }

    /**
     * Both of its lines, or none.
     *
     * @param  array{id: string, kind: string, on: array<string, mixed>, made_at: string}  $event
     *
     * @throws ValidationException when it contradicts what is known
     * @throws ModelNotFoundException
     */
    private function whole(array $event): void
    {
        $outside = DB::transactionLevel();
        DB::beginTransaction();
        try {
            $this->takeOne($event);
            DB::commit();
        } finally {
            if (DB::transactionLevel() > $outside) {
                DB::rollBack();
            }
        }
    }

    /**
     * @param  array{id: string, kind: string, on: array<string, mixed>, made_at: string}  $event
     *
     * @throws ValidationException when it contradicts what is known
     * @throws ModelNotFoundException
     */
    private function takeOne(array $event): void
    {
        if (DeviceEvent::query()->whereKey($event['id'])->exists()) {
            return;
        }
        $at = Carbon::parse($event['made_at'])->utc();
        match ($event['kind']) {
            'load' => $this->load($event['id'], $event['on'], $at),
            'unload' => $this->unload($event['id'], $event['on'], $at),
            default => null,
        };
        $this->note($event);
    }

    /** @param  array{id: string, kind: string, on: array<string, mixed>, made_at: string}  $event */
    private function note(array $event): void
    {
        DeviceEvent::query()->insertOrIgnore([
            'id' => $event['id'],
            'kind' => $event['kind'],
            'on' => json_encode((object) $event['on'], JSON_THROW_ON_ERROR),
            'made_at' => Carbon::parse($event['made_at'])->utc()->format('Y-m-d H:i:s.v'),
            'received_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
    }

    /**
     * A shot card never goes back into a body.
     *
     * @param  array<string, mixed>  $on
     */
    private function load(string $id, array $on, Carbon $at): void
    {
        $card = Card::query()->with('item')->findOrFail((int) ($on['card'] ?? 0));
        $body = Body::query()->with('item')->findOrFail((int) ($on['body'] ?? 0));
        $slot = (int) ($on['slot'] ?? 0);
        if ($slot !== 1 && $slot !== 2) {
            throw ValidationException::withMessages(["card{$card->id}" => 'A body has slot 1 and slot 2.']);
        }
        if ($this->log->lifeOf($card)->state !== CardState::Ready) {
            throw ValidationException::withMessages(["card{$card->id}" => "{$card->item->label} is not ready: it is {$this->log->lifeOf($card)->state->value}."]);
        }
        $job = BriefDesk::open((int) ($on['job'] ?? 0));
        if (isset($this->cards->slots($job)[$body->id][$slot])) {
            throw ValidationException::withMessages(["card{$card->id}" => "Slot {$slot} of {$body->item->label} is taken: take that card out first."]);
        }
        $this->log->add($card, CardEventKind::Loaded, $job->id, $body->id, $slot, eventId: $id, at: $at);
    }

    /** @param  array<string, mixed>  $on */
    private function unload(string $id, array $on, Carbon $at): void
    {
        $card = Card::query()->findOrFail((int) ($on['card'] ?? 0));
        $life = $this->log->lifeOf($card);
        $this->log->add($card, CardEventKind::Unloaded, $life->jobId, $life->bodyId, $life->slot, eventId: $id, at: $at);
    }
}
