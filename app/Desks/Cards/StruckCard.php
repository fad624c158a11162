<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\StandIn\Fault;

/** A fault that a stand-in makes on a card, by its label. */
final readonly class StruckCard
{
    public function __construct(public string $label, public Fault $fault) {}
}
