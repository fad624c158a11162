<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

/** Time of one photographer with nothing planned, Unix seconds. */
final readonly class RoundGap
{
    /**
     * @param  int|null  $to  null after the last of the plan
     * @param  string|null  $before  what it ends with
     */
    public function __construct(public int $from, public ?int $to, public ?string $before) {}

    public function holds(int $seconds): bool
    {
        return $this->to === null || $this->to - $this->from >= $seconds;
    }
}
