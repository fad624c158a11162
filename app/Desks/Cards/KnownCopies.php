<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Kit\Card;
use NorthSatchel\Verdict;

/** What the cards ask of the copies, which come after them. */
interface KnownCopies
{
    /** Whether a frame of that content has enough copies that count, on different media. */
    public function isSafe(string $hash): bool;

    /** The worst that stands against formatting a card that has a permit; null where nothing was found. */
    public function againstFormat(Card $card): ?Verdict;
}
