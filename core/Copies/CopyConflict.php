<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Failure;
use NorthSatchel\Volume\Names;

/** A copy that would have to overwrite something: nothing was written. */
final class CopyConflict extends \RuntimeException implements Failure
{
    /** @param  string|null  $path  on the card, of the file that holds something else than the finished bag has of it */
    private function __construct(string $message, public readonly ?string $path = null)
    {
        parent::__construct($message);
    }

    public static function otherContent(string $destination, string $path): self
    {
        return new self("{$destination} already holds ".Names::printable($path).' with other content: nothing was overwritten', $path);
    }

    public static function nameTaken(string $destination, string $name, string $reason): self
    {
        return new self("{$destination} already has a {$name} that cannot be added to: {$reason}");
    }

    public static function inUse(string $destination, string $name): self
    {
        return new self("another copy is being made into {$name} in {$destination}: let it end, then run this one again");
    }
}
