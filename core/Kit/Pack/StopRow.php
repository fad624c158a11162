<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** What is taken from the car at a stop of the day, what goes on, what goes home; by label. */
final readonly class StopRow
{
    /**
     * @param  list<string>  $out
     * @param  list<string>  $on
     * @param  list<string>  $home
     */
    public function __construct(
        public KitStop $stop,
        public array $out,
        public array $on,
        public array $home,
    ) {}
}
