<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A way to time the family groups: minutes before and after the ceremony, people who come early, minutes gained and free. */
final readonly class TimingChoice
{
    public function __construct(
        public string $school,
        public int $before,
        public int $after,
        public int $early,
        public int $gained,
        public ?int $free,
    ) {}
}
