<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

/** What is known of a file on one of the two cards. */
enum Side: string
{
    case Intact = 'intact';
    case Damaged = 'damaged';
    case Unknown = 'unknown';
}
