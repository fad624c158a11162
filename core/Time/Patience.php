<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

/**
 * For how long a search may go on. The core has no clock: who asks brings one, or a count of looks, with which the same question
 * has the same answer on any machine.
 */
interface Patience
{
    /**
     * Asked again and again; once true, it stays true.
     *
     * @phpstan-impure
     */
    public function isOver(): bool;

    /** A share of what is left of it, and no more than so many seconds where it is one of time. */
    public function part(float $share, float $mostSeconds = INF): self;
}
