<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Kit\Body;
use App\Models\Kit\Card;

/** A body on the cards page: who carries it, what its slots hold, and what its test frames said. */
final readonly class CardPanel
{
    /** @param  array<int, Card>  $slots  by the number of the slot, from 1 */
    public function __construct(public Body $body, public string $lane, public array $slots, public string $found) {}
}
