<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Time\Priority;

/** A group of the formals, as it is called. */
final readonly class FamilyGroup
{
    /**
     * @param  list<string>  $people  names
     * @param  string|null  $after  title of the group that must come before it
     */
    public function __construct(public string $title, public array $people, public Priority $priority, public ?string $after = null) {}
}
