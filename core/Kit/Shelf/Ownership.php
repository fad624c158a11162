<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Shelf;

/** Whose a thing is. What is not owned goes back. */
enum Ownership: string
{
    case Owned = 'owned';
    case Borrowed = 'borrowed';
    case Hired = 'hired';
}
