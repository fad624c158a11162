<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Day\PocketBody;
use App\Desks\Day\PocketCard;
use App\Desks\Day\PocketSlots;
use App\Desks\Day\SlotsAtHand;
use App\Desks\Kit\CarryDesk;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Day\CellTaps;
use NorthSatchel\Taps\TapKind;

/** The slots of a job's bodies, as its card log has them. */
final readonly class SlotsOfJob implements SlotsAtHand
{
    public function __construct(private CardsDesk $cards, private CarryDesk $carry, private TapDesk $taps) {}

    public function slots(Job $job): PocketSlots
    {
        $slots = $this->cards->slots($job);
        $lanes = $job->packing->pluck('lane', 'item_id');
        $frames = $this->carry->framesOfPairs($job);
        $charges = $this->carry->charges($job);
        $cells = CellTaps::of($this->taps->log($job->id)->ofKind(TapKind::NewCell, TapKind::OldCell));
        $bodies = $this->cards->bodies($job)->map(fn (Body $body): PocketBody => new PocketBody(
            $body->id,
            $body->item->label,
            (string) ($lanes[$body->item_id] ?? 'lead'),
            self::card($slots[$body->id][1] ?? null),
            self::card($slots[$body->id][2] ?? null),
            $frames[$body->item_id] ?? null,
            isset($slots[$body->id][1]) ? $this->cards->lifeOf($slots[$body->id][1])->loadedAt : null,
            $charges[$body->item_id]->frames ?? null,
            $charges[$body->item_id]->hours ?? 0.0,
            $charges[$body->item_id]->spares ?? 0,
            $cells[$body->id] ?? [],
        ));
        $ready = $this->cards->cards($job)->filter(fn (Card $card): bool => $this->cards->lifeOf($card)->state === CardState::Ready);

        return new PocketSlots(
            array_values($bodies->all()),
            array_values($ready->map(self::card(...))->filter()->sortBy('label')->all()),
        );
    }

    private static function card(?Card $card): ?PocketCard
    {
        return $card === null ? null : new PocketCard($card->id, $card->item->label);
    }
}
