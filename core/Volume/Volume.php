<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/**
 * A card, a drive or any other place that holds files, seen from its root.
 *
 * Paths are relative, with slashes. No method follows a symbolic link, and none overwrites or
 * removes a finished file.
 */
interface Volume
{
    /**
     * Everything below a folder but the folders themselves, in the order of their names; a folder that
     * cannot be looked into, or lies too deep, is listed as one.
     *
     * @return iterable<Entry>
     *
     * @throws UnableToRead
     */
    public function entries(string $below = ''): iterable;

    /** @return EntryKind|null null when nothing is there */
    public function kindOf(string $path): ?EntryKind;

    /** @throws UnableToRead */
    public function open(string $path): ReadableFile;

    /**
     * The whole of a small file.
     *
     * @throws UnableToRead
     */
    public function contents(string $path): string;

    /**
     * A new file, its folders made as needed.
     *
     * @throws UnableToWrite when something is there already
     */
    public function create(string $path): WritableFile;

    /**
     * Gives a file its final name; refused when that name is taken.
     *
     * @throws UnableToWrite
     */
    public function rename(string $from, string $to): void;

    /**
     * Puts a tag file in place in one step, replacing the one of that name.
     *
     * @throws UnableToWrite for anything below data/
     */
    public function putTagFile(string $path, string $contents): void;

    /**
     * Adds to the end of a tag file and waits until it is on the medium.
     *
     * @throws UnableToWrite
     */
    public function appendTagFile(string $path, string $contents): void;

    /**
     * Removes an unfinished copy or a marker of this program, never anything else.
     *
     * @throws UnableToWrite
     */
    public function removeOwn(string $path): void;

    /**
     * Makes a folder and those above it.
     *
     * @throws UnableToWrite
     */
    public function makeFolder(string $path): void;

    /** Asks the system to forget its cached pages of a file, so that the next read comes from the medium; false where it cannot. */
    public function forgetCached(string $path): bool;

    /**
     * Keeps a folder of it for this process until it lets go or ends; the folder need not be there yet.
     *
     * @return Lock|null null where another process has it
     *
     * @throws UnableToWrite
     */
    public function lock(string $path): ?Lock;
}
