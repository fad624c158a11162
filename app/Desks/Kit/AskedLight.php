<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;

/** What is asked of the desk of flash and exposure: typed numbers where they are numbers, else the usual ones. */
final readonly class AskedLight
{
    /**
     * @param  array<string, float>  $values  by the field
     * @param  array<string, string>  $wrong  why a field was not taken
     * @param  float  $sync  the shortest shutter that synchronises, as 1/… s
     * @param  float  $ev  at ISO 100
     * @param  bool  $isExample  nothing was typed
     */
    public function __construct(
        public array $values,
        public array $wrong,
        public ?PlannedStretch $segment,
        public ?Gear $gun,
        public float $sync,
        public float $ev,
        public bool $isExample,
    ) {}
}
