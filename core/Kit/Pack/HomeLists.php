<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** What is to do the night before, and at the door. */
final readonly class HomeLists
{
    /**
     * @param  list<ListLine>  $night
     * @param  list<ListLine>  $door
     */
    public function __construct(
        public array $night,
        public array $door,
    ) {}
}
