<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\After;

use NorthSatchel\Cards\CardLife;
use NorthSatchel\Verdict;

/** A shot card, when the day is over. */
final readonly class CardAfter
{
    /** @param  Verdict|null  $permit  what a permit that was given is worth now; null where none was */
    public function __construct(public int $cardId, public string $label, public CardLife $life, public ?Verdict $permit = null) {}
}
