<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Plan\Replan\How;

/** What a way out makes of a segment. */
final readonly class NewTime implements \JsonSerializable
{
    /**
     * @param  int|null  $start  minutes since midnight of the day; null where it is moved or dropped
     * @param  int|null  $into  the segment that it moves into
     */
    public function __construct(public int $segment, public How $how, public ?int $start, public ?int $end, public ?int $into = null) {}

    /** @return list<int|string|null> short, for it stands in the pocket table a thousand times */
    public function jsonSerialize(): array
    {
        return [$this->segment, $this->how->value, $this->start, $this->end, $this->into];
    }
}
