<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** A stretch in which one can send; times in milliseconds from any zero. */
final readonly class SendGap
{
    public function __construct(public string $id, public int $fromMs, public int $toMs) {}
}
