<?php

declare(strict_types=1);

namespace NorthSatchel;

/** The kinds of jobs; which judges, tabs and templates of a phase apply is decided by it. */
enum JobKind: string
{
    case Wedding = 'wedding';
    case Event = 'event';
    case Commercial = 'commercial';

    /** Whether there is a family whose groups are called: then who the two are is asked. */
    public function hasFamily(): bool
    {
        return $this === self::Wedding;
    }

    /** Whether photographers stand at posts while something is played: then a ground is drawn. */
    public function hasPosts(): bool
    {
        return $this === self::Event;
    }

    /** Whether final pictures are put together from elements: then what each lacks is counted. */
    public function hasElements(): bool
    {
        return $this === self::Commercial;
    }

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
