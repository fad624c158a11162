<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/** What a line of the shot list says that the kit must know. */
final readonly class PlannedShot
{
    /**
     * @param  bool  $isUsual  whether nobody typed it: it is what such a scene usually takes
     * @param  string|null  $light  as the plan has it: against, flash and the like
     */
    public function __construct(
        public string $what,
        public Priority $priority,
        public int $frames,
        public ?int $focalMm = null,
        public bool $isUsual = false,
        public ?string $light = null,
    ) {}

    /** What a scene takes beyond the lines that somebody wrote. */
    public static function usual(int $frames): self
    {
        return new self('as such a scene usually takes', Priority::Nice, $frames, isUsual: true);
    }
}
