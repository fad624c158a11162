<?php

declare(strict_types=1);

namespace App\Models\Cards;

/** What a card held between two formats, by the number of its fill. */
final readonly class CardLoad
{
    /** @param  list<string>  $givenUp  names of files that were given up in writing, and are not asked for */
    public function __construct(public int $card, public int $fill, public array $givenUp = []) {}

    public function key(): string
    {
        return "{$this->card} {$this->fill}";
    }
}
