<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** How much a segment or a shot matters. */
enum Priority: string
{
    case Must = 'must';
    case Should = 'should';
    case Nice = 'nice';
}
