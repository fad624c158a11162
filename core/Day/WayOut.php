<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** One way to go on when the day is late, proven, with a sentence a change. */
final readonly class WayOut
{
    /**
     * @param  string  $name  most: it keeps most; least: it changes least; none: no plan keeps every must and anchor
     * @param  list<string>  $says
     * @param  list<NewTime>  $to  of the segments that change
     */
    public function __construct(public string $name, public array $says, public array $to) {}
}
