<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use NorthSatchel\Volume\WritableFile;

/** A file on a stand-in drive: every write is metered first. */
final readonly class MeteredFile implements WritableFile
{
    /** @param  \Closure(int): void  $meter */
    public function __construct(private WritableFile $file, private \Closure $meter) {}

    public function write(string $bytes): void
    {
        ($this->meter)(strlen($bytes));
        $this->file->write($bytes);
    }

    public function finish(): void
    {
        $this->file->finish();
    }

    public function abandon(): void
    {
        $this->file->abandon();
    }
}
