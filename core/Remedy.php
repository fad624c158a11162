<?php

declare(strict_types=1);

namespace NorthSatchel;

/** One action that the program can carry out, and what it acts on. */
final readonly class Remedy
{
    /** @param  array<string, string|int>  $on the action's parameters by name */
    public function __construct(
        public string $action,
        public string $label,
        public array $on = [],
    ) {}
}
