<?php

declare(strict_types=1);

namespace NorthSatchel;

/** The kinds of jobs; which judges, tabs and templates of a phase apply is decided by it. */
enum JobKind: string
{
    case Wedding = 'wedding';
    case Event = 'event';
    case Commercial = 'commercial';

    public function label(): string
    {
        return ucfirst($this->value);
    }
}
