<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** From when to when, in Unix seconds; null for an open side. */
final readonly class OpenHours
{
    public function __construct(public ?int $from, public ?int $to) {}
}
