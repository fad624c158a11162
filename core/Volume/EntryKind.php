<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** What stands at a path; links are never followed. */
enum EntryKind
{
    case File;
    case Folder;
    case Link;
    case Special;
}
