<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** How somebody is related, to whom: parent, grandparent, sibling, child, partner, former, wide and the like. */
final readonly class Relation
{
    public function __construct(
        public string $kind,
        public string $of,
        /** As it was said: "stepmother"; nothing where it follows. */
        public string $word = '',
    ) {}
}
