<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** A row in the drawing of what is sent: something that is wanted, when it is due, and when it goes. */
final readonly class SendRow
{
    /** @param  list<SendBar>  $bars */
    public function __construct(
        public string $what,
        public float $y,
        public float $dueX,
        public string $due,
        public array $bars,
        public int $late,
    ) {}
}
