<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** What is wanted early, by when, and in which gap it goes; Unix seconds. */
final readonly class PocketWanted
{
    public function __construct(public string $what, public int $dueAt, public string $gap) {}
}
