<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Test;

/** What a test found. */
final readonly class TestResult
{
    /** @param  string  $on  YYYY-MM-DD */
    public function __construct(public string $on, public bool $isPassed, public string $note = '') {}
}
