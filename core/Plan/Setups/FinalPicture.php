<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** A picture that is delivered, and the elements that it is put together from. */
final readonly class FinalPicture
{
    /** @param  list<WantedElement>  $elements */
    public function __construct(public string $name, public array $elements) {}
}
