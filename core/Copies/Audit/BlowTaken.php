<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/** What one blow takes: the medium it takes last, and whether nothing is left. */
final readonly class BlowTaken
{
    /**
     * @param  list<string>  $takes
     */
    public function __construct(
        public string $blow,
        public array $takes,
        public bool $all,
    ) {}
}
