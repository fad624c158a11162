<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** How far a segment gives when the day runs late, and how long it may turn out by itself. */
final readonly class Give
{
    /**
     * @param  int|null  $shortMinutes  the shortest bearable length
     * @param  int|null  $lowMinutes  how short it may turn out
     * @param  int|null  $highMinutes  how long it may turn out
     * @param  bool  $mayMove  into a later segment that takes others in
     * @param  int  $takesInMinutes  minutes of other segments that fit into this one
     */
    public function __construct(
        public ?int $shortMinutes = null,
        public ?int $lowMinutes = null,
        public ?int $highMinutes = null,
        public bool $mayMove = false,
        public int $takesInMinutes = 0,
    ) {}
}
