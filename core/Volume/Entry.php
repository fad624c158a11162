<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** Something found on a volume that is not a folder. */
final readonly class Entry
{
    /** @param  string  $path below the volume's root, with slashes, in the bytes of the file system */
    public function __construct(
        public string $path,
        public EntryKind $kind,
        public int $bytes,
        public int $modifiedAt,
    ) {}
}
