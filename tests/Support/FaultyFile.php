<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Volume\WritableFile;

/** A file whose bytes may turn on the way to the medium without anybody noticing. */
final class FaultyFile implements WritableFile
{
    private bool $hasFlipped = false;

    /** @param  \Closure(): void  $tick */
    public function __construct(
        private readonly WritableFile $file,
        private readonly \Closure $tick,
        private readonly bool $flips,
    ) {}

    public function write(string $bytes): void
    {
        ($this->tick)();
        if ($this->flips && ! $this->hasFlipped && $bytes !== '') {
            $bytes[0] = chr(ord($bytes[0]) ^ 0x10);
            $this->hasFlipped = true;
        }
        $this->file->write($bytes);
    }

    public function finish(): void
    {
        ($this->tick)();
        $this->file->finish();
    }

    public function abandon(): void
    {
        $this->file->abandon();
    }
}
