<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Kit\Card;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Verdicts;

/** A card on the cards page: where it stands, and what can be done with it next. */
final readonly class CardEntry
{
    /**
     * @param  string  $stands  what is written on its drawing
     * @param  list<string>  $facts
     * @param  Verdicts|null  $findings  of its permit, where one was asked for, or holds
     * @param  string|null  $lost  path of the frame that is whole nowhere
     * @param  list<string>  $steps  what can be done: seal, twin, heal, look, permit, release, format
     * @param  string|null  $others  whose frames are on it too
     * @param  bool  $hasPaper  where all of it lies was written down
     */
    public function __construct(
        public Card $card,
        public CardLife $life,
        public bool $isStandIn,
        public string $stands,
        public string $where,
        public array $facts,
        public ?Verdicts $findings,
        public ?string $lost,
        public array $steps,
        public ?string $others,
        public bool $hasPaper,
    ) {}
}
