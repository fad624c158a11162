<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** Pictures that can all be in time. */
final readonly class ChosenPictures
{
    /** @param  list<int>  $numbers  rising */
    public function __construct(public array $numbers, public bool $isOptimal) {}
}
