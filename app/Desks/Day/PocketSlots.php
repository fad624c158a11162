<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** Which card is where, and which are ready to go into a body. */
final readonly class PocketSlots
{
    /**
     * @param  list<PocketBody>  $bodies
     * @param  list<PocketCard>  $ready
     */
    public function __construct(public array $bodies = [], public array $ready = []) {}

    /** Of one photographer. */
    public function of(string $lane): self
    {
        return new self(array_values(array_filter($this->bodies, static fn (PocketBody $b): bool => $b->lane === $lane)), $this->ready);
    }
}
