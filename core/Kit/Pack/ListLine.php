<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A line of a list that is ticked. */
final readonly class ListLine
{
    /** @param  bool|null  $proved  by the program itself; null where only a person can tell */
    public function __construct(public string $code, public string $what, public string $why, public ?bool $proved = null) {}
}
