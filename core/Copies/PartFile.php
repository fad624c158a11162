<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;
use NorthSatchel\Volume\WritableFile;

/** A file on its way: written under a partial name, synced, then renamed, so that a whole name is a whole file. */
final class PartFile
{
    private function __construct(private readonly Volume $volume, private readonly string $path, private ?WritableFile $writing) {}

    /** @throws UnableToWrite */
    public static function begin(Volume $volume, string $path): self
    {
        $partial = BagLayout::partial($path);
        $volume->removeOwn($partial);

        return new self($volume, $path, $volume->create($partial));
    }

    /** @throws UnableToWrite */
    public function write(string $bytes): void
    {
        $this->writing?->write($bytes);
    }

    /** @throws UnableToWrite */
    public function finish(): void
    {
        $this->writing?->finish();
        $this->writing = null;
        $this->volume->rename(BagLayout::partial($this->path), $this->path);
    }

    /** Nothing more is written; the partial file stays until it is taken away. */
    public function abandon(): void
    {
        $this->writing?->abandon();
        $this->writing = null;
    }

    /** A whole file that turned out wrong becomes partial again, so that it is written anew. */
    public static function again(Volume $volume, string $path): void
    {
        try {
            $volume->removeOwn(BagLayout::partial($path));
            $volume->rename($path, BagLayout::partial($path));
        } catch (UnableToWrite) {
            // The problem is reported already; the next run meets the same file and says so again.
        }
    }

    /**
     * Takes away what a run that ended early left half written below a folder.
     *
     * @param  \Closure(string): bool  $isWhole  by path below the folder: whether it is a whole file that is only called so
     *
     * @throws UnableToWrite|UnableToRead
     */
    public static function clear(Volume $volume, string $folder, \Closure $isWhole): void
    {
        foreach ([...$volume->entries($folder)] as $entry) {
            $below = substr($entry->path, strlen($folder) + 1);
            if ($entry->kind === EntryKind::File && str_ends_with($below, BagLayout::PARTIAL) && ! $isWhole($below)) {
                $volume->removeOwn($entry->path);
            }
        }
    }
}
