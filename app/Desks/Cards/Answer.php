<?php

declare(strict_types=1);

namespace App\Desks\Cards;

/** What a deed came to, in a sentence; it is kept in the report of its run. */
final readonly class Answer
{
    /** @param  list<array<string, string|null>>|null  $files  that differ: name, the side of each card, and why */
    public function __construct(public bool $good, public string $text, public ?array $files = null) {}
}
