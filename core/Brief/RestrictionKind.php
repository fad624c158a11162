<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** What of a restriction can be held against a plan. */
enum RestrictionKind: string
{
    case NoFlash = 'no-flash';
    case FromTheBack = 'from-the-back';
    case NoPictures = 'no-pictures';
    case NoStands = 'no-stands';
}
