<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** What was found on the cards of a packing list. */
final readonly class CardsSeen
{
    /**
     * @param  int  $empty  looked at just now: nothing on them, or test frames alone
     * @param  int  $unseen  ready by their log, and not in a reader
     * @param  list<string>  $holding  labels of those that hold frames, by their log or by what was seen
     */
    public function __construct(public int $empty, public int $unseen, public array $holding) {}
}
