<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** Somebody as they were typed, and what was written behind the name. */
final readonly class NamedLine
{
    public function __construct(public string $name, public ?string $role) {}
}
