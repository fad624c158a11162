<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\BriefDesk;
use App\Desks\Taps\TapListener;
use App\Models\Brief\Job;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/** Cards tapped into and out of the slots of bodies. */
final readonly class SlotTaps implements TapListener
{
    public function __construct(private CardLog $log, private CardsDesk $cards) {}

    public function hears(Tap $tap): bool
    {
        return $tap->kind === TapKind::Load || $tap->kind === TapKind::Unload;
    }

    public function take(Tap $tap): void
    {
        $card = Card::query()->with('item')->findOrFail($tap->subject());
        if ($tap->kind === TapKind::Load) {
            $this->load($tap, $card);

            return;
        }
        $life = $this->log->lifeOf($card);
        $this->log->add($card, CardEventKind::Unloaded, $life->jobId, $life->bodyId, $life->slot, eventId: $tap->id, at: self::at($tap));
    }

    public function clash(Tap $tap, string $why): void
    {
        $card = Card::query()->with('item')->find($tap->subject());
        if ($card !== null) {
            $job = Job::query()->find($tap->number('job') ?? 0);
            $body = Body::query()->find($tap->number('body') ?? 0);
            $slot = min(255, $tap->number('slot') ?? 0) ?: null;
            $this->log->add($card, CardEventKind::Clashed, $job?->id, $body?->id, $slot, ['words' => $why], $tap->id, self::at($tap));
        }
    }

    /** A shot card never goes back into a body. */
    private function load(Tap $tap, Card $card): void
    {
        $refuse = static fn (string $why) => throw ValidationException::withMessages(["card{$card->id}" => $why]);
        $body = Body::query()->with('item')->findOrFail($tap->number('body') ?? 0);
        $slot = $tap->number('slot');
        if ($slot !== 1 && $slot !== 2) {
            $refuse('A body has slot 1 and slot 2.');
        }
        $state = $this->log->lifeOf($card)->state;
        if ($state !== CardState::Ready) {
            $refuse("{$card->item->label} is not ready: it is {$state->value}.");
        }
        $job = BriefDesk::open($tap->number('job') ?? 0);
        if (isset($this->cards->slots($job)[$body->id][$slot])) {
            $refuse("Slot {$slot} of {$body->item->label} is taken: take that card out first.");
        }
        $this->log->add($card, CardEventKind::Loaded, $job->id, $body->id, $slot, eventId: $tap->id, at: self::at($tap));
    }

    private static function at(Tap $tap): Carbon
    {
        return Carbon::createFromTimestampMsUTC((int) round($tap->at * 1000));
    }
}
