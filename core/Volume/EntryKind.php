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

    /** Why something on a card is no plain file; null where it is one. */
    public function oddity(): ?string
    {
        return match ($this) {
            self::File => null,
            self::Link => 'a symbolic link',
            self::Folder => 'a folder that cannot be looked into',
            self::Special => 'a special file',
        };
    }
}
