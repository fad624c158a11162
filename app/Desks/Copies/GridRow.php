<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Copies\CopyState;

/** A fill of a card in the grid of copies: what lies where, and on how many places it is verified. */
final readonly class GridRow
{
    /**
     * @param  array<int, CopyState>  $cells  by the place
     */
    public function __construct(
        public \App\Models\Kit\Card $card,
        public int $fill,
        public string $state,
        public bool $isSealed,
        public array $cells,
        public int $verified,
    ) {}

    /** Whether it lies verified at every place that is known: no copy that is begun now would add one. */
    public function isEverywhere(): bool
    {
        return $this->cells !== [] && array_filter($this->cells, static fn (CopyState $s): bool => $s !== CopyState::Verified) === [];
    }
}
