<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Boards;

/** A thing of a catalogue, with the number on its board. */
final readonly class Product
{
    /** @param  int  $wanted  frames */
    public function __construct(public int $number, public string $name, public int $wanted = 1) {}
}
