<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** What a frame says of itself: who, what, where, when. */
final readonly class Caption
{
    /** @param  list<string>  $people  names of who is in it */
    public function __construct(public string $text, public array $people = [], public string $place = '') {}
}
