<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** What a brief says, as far as it can be judged by itself. */
final readonly class BriefFacts
{
    /**
     * @param  int  $named  people, the client among them
     * @param  int  $mustHaves  lines
     * @param  int  $days  from today to the job, negative once it is over
     */
    public function __construct(public string $place, public bool $hasPoint, public int $named, public int $mustHaves, public int $days) {}
}
