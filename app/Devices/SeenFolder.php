<?php

declare(strict_types=1);

namespace App\Devices;

/** A folder at which something is mounted, or that looks like a camera card. */
final readonly class SeenFolder
{
    /** @param  string  $medium  what the system says of the disk behind it */
    public function __construct(public string $path, public bool $isCard, public string $medium, public float $gb) {}

    public function name(): string
    {
        return basename($this->path);
    }
}
