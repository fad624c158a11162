<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Failure;

/** The program that reads codes is not on this machine, or gave up. */
final class NoBoardReader extends \RuntimeException implements Failure
{
    public static function isMissing(): self
    {
        return new self('The program that reads codes is missing: sudo apt-get install zbar-tools. Boards can be said by hand until then.');
    }

    public static function failed(string $why): self
    {
        return new self('The program that reads codes gave up: '.mb_strimwidth(trim($why), 0, 200, '…'));
    }
}
