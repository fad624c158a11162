<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** A segment of the plan, as a caption names it. */
final readonly class Happening
{
    /** @param  int  $from  Unix seconds */
    public function __construct(public string $title, public int $from, public int $to, public string $place) {}
}
