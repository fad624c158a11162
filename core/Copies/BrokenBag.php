<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Failure;

/** A folder that should be a bag of ours, and cannot be used as one. */
final class BrokenBag extends \RuntimeException implements Failure
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }
}
