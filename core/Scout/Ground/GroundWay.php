<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

/** Minutes from post to post, both ways unless the other way is listed. */
final readonly class GroundWay
{
    public function __construct(public string $from, public string $to, public int $minutes) {}
}
