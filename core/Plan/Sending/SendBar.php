<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** A stretch in the drawing of what is sent. */
final readonly class SendBar
{
    public function __construct(public string $name, public float $x, public float $width, public float $y, public string $says) {}
}
