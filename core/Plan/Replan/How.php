<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

enum How: string
{
    case Full = 'full';
    case Short = 'short';
    case Moved = 'moved';
    case Skipped = 'skipped';
}
