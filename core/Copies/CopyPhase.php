<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** The three stretches of a copy, in order. */
enum CopyPhase: string
{
    case Comparing = 'comparing';
    case Copying = 'copying';
    case ReadingBack = 'reading back';
}
