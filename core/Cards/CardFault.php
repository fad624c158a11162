<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

/** Something that happened to a card, and whether it speaks against the card itself. */
final readonly class CardFault
{
    public function __construct(public float $at, public string $words, public bool $isCards) {}
}
