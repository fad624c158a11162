<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/** The best that can be made of the rest of a day. */
final readonly class Replan
{
    /** @param  list<Choice>  $choices empty when nothing is feasible */
    public function __construct(
        public bool $isFeasible,
        public array $choices,
        public ?int $value,
        public bool $isOptimal,
        public ?int $shortByMinutes,
    ) {}
}
