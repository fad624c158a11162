<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** Things lost together, and the needs that then break, by id. */
final readonly class LostItems
{
    /**
     * @param  list<string>  $items
     * @param  list<string>  $needs
     */
    public function __construct(
        public array $items,
        public array $needs,
    ) {}
}
