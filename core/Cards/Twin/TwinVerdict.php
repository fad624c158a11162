<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

/** What two cards of one body are to each other. */
enum TwinVerdict: string
{
    case Twins = 'twins';
    case Overflow = 'overflow';
    case Split = 'split';
    case Repairable = 'repairable';
    case Loss = 'loss';
    case Undecided = 'undecided';
    /** There is no other card: each frame was judged by itself. */
    case Alone = 'alone';
}
