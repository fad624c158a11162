<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** A part of a picture that is sent without a break. */
final readonly class SentPart
{
    public function __construct(public string $id, public string $gap, public int $fromMs, public int $toMs) {}
}
