<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** What a brief says, as far as it can be judged by itself. */
final readonly class BriefFacts
{
    /**
     * @param  int  $named  people, the client among them
     * @param  list<string>  $mustHaves  a line each
     * @param  int  $days  from today to the job, negative once it is over
     * @param  int  $from  covered hours, in minutes since midnight; beyond 1440 it is the next day
     */
    public function __construct(
        public string $place,
        public bool $hasPoint,
        public int $named,
        public array $mustHaves,
        public int $days,
        public int $from,
        public int $to,
    ) {}
}
