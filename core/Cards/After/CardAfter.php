<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\After;

use NorthSatchel\Cards\CardLife;

/** A shot card, when the day is over. */
final readonly class CardAfter
{
    public function __construct(public int $cardId, public string $label, public CardLife $life) {}
}
