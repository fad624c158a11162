<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** A new file being written. */
interface WritableFile
{
    /** @throws UnableToWrite when not every byte was taken */
    public function write(string $bytes): void;

    /**
     * Waits until the bytes are on the medium, and closes.
     *
     * @throws UnableToWrite
     */
    public function finish(): void;

    /** Closes without a promise. */
    public function abandon(): void;
}
