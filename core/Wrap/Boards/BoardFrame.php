<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\Boards;

/** An exposure and the boards that were read in it. */
final readonly class BoardFrame
{
    /**
     * @param  string  $id  "frame-12" of a card, "session-7" of a session folder
     * @param  int|null  $at  Unix seconds, its clock set right; null where it does not say
     * @param  list<int>|null  $boards  numbers; null where nobody has read it
     * @param  int|null  $said  the product that somebody says begins here; 0 where they say that none does
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?int $at,
        public ?array $boards,
        public ?int $said = null,
        /** There is no jpeg of it to look through. */
        public bool $isBlind = false,
    ) {}
}
