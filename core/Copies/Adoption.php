<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/**
 * A folder that somebody or something else copied to, looked through: which of the wanted files lie there, told by
 * their content and not by their names. The folder is opened for reading only.
 */
final class Adoption
{
    private const PIECE = 1 << 20;

    /** @var array<string, string> where, by hash */
    private array $found = [];

    /** @var list<string> files that could not be read */
    public array $unreadable = [];

    /**
     * @param  list<int>  $sizes  of the files that are wanted; others are not read
     * @param  (\Closure(int, string): void)|null  $progress  bytes read, and of which file
     */
    public function __construct(Volume $folder, array $sizes, ?\Closure $progress = null)
    {
        $wanted = array_fill_keys($sizes, true);
        foreach ($folder->entries() as $entry) {
            if ($entry->kind !== EntryKind::File || ! isset($wanted[$entry->bytes])) {
                continue;
            }
            try {
                $file = $folder->open($entry->path);
                $digest = Digest::with();
                while (($bytes = $file->read(self::PIECE)) !== '') {
                    $digest->add($bytes);
                    if ($progress !== null) {
                        $progress(strlen($bytes), $entry->path);
                    }
                }
                $file->close();
                $this->found[$digest->hex()] ??= $entry->path;
            } catch (UnableToRead $e) {
                $this->unreadable[] = Names::printable($entry->path);
            }
        }
    }

    public function has(string $hash): bool
    {
        return isset($this->found[$hash]);
    }
}
