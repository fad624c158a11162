<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** Something on the card that was not copied, and why. */
final readonly class Skipped
{
    /** @param  bool  $harmless a link or special file, which the caller may choose to leave behind */
    public function __construct(public string $name, public string $why, public bool $harmless) {}
}
