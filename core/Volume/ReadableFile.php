<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** A file opened for reading only. */
interface ReadableFile
{
    /** So many bytes are read at a time. */
    public const PIECE = 1 << 19;

    /**
     * The next bytes; an empty string at the end.
     *
     * @param  int<1, max>  $length
     *
     * @throws UnableToRead
     */
    public function read(int $length): string;

    /**
     * Bytes from a position on; fewer at the end of the file.
     *
     * @param  int<0, max>  $offset
     * @param  int<1, max>  $length
     *
     * @throws UnableToRead
     */
    public function readAt(int $offset, int $length): string;

    /** Size and time of change as the file system has them now, to notice a file that changes while it is read. */
    public function stamp(): string;

    public function bytes(): int;

    public function close(): void;
}
