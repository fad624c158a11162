<?php

declare(strict_types=1);

namespace NorthSatchel;

/** A value that cannot be: names the field and says what it must be. */
final class ImpossibleValue extends \InvalidArgumentException implements Failure
{
    private function __construct(public readonly string $field, public readonly string $must)
    {
        parent::__construct("{$field} {$must}");
    }

    /** @param  string  $must what the field must be, as "must be …" */
    public static function of(string $field, string $must): self
    {
        return new self($field, $must);
    }
}
