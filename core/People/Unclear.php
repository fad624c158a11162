<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A name in somebody's line of which nobody can tell whom it means. */
final readonly class Unclear
{
    /**
     * @param  string  $what  "grandmother of", "kept apart from"
     * @param  list<string>  $mayBe  names it fits; empty where nobody does
     */
    public function __construct(public string $by, public string $what, public string $said, public array $mayBe) {}
}
