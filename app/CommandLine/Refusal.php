<?php

declare(strict_types=1);

namespace App\CommandLine;

use NorthSatchel\Failure;

/** Input that cannot be used: one line for standard error, exit 2. */
final class Refusal extends \RuntimeException implements Failure
{
    public static function of(string $field, string $must): self
    {
        return new self("{$field} {$must}");
    }

    public static function because(string $line): self
    {
        return new self($line);
    }
}
