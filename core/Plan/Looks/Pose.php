<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Looks;

use NorthSatchel\Plural;
use NorthSatchel\Time\Priority;

/** A pose of a look. */
final readonly class Pose
{
    /** What one takes where nobody says (common practice, no source): up to a hundred an hour are known. */
    public const USUAL_MINUTES = 2;

    /**
     * @param  string  $stance  supported, floor or free; empty where nobody said
     * @param  int  $throws  of cloth
     * @param  int  $helpers  for it
     */
    public function __construct(
        public string $name,
        public int $minutes = self::USUAL_MINUTES,
        public string $stance = '',
        public int $throws = 0,
        public int $helpers = 0,
        public Priority $priority = Priority::Must,
    ) {}

    /** Its throws and who helps, in words. */
    public function throwsSay(): string
    {
        return Plural::of($this->throws, '1 throw', "{$this->throws} throws").' with '.
            ($this->helpers === 0 ? 'nobody who helps' : Plural::of($this->helpers, '1 helper', "{$this->helpers} helpers"));
    }
}
