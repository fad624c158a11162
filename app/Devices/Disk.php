<?php

declare(strict_types=1);

namespace App\Devices;

/** What the system says of what is behind a folder at this moment. */
final readonly class Disk
{
    /**
     * @param  list<string>  $names  by which it tells disks apart now; none where it says nothing
     * @param  list<string>|null  $lasting  names that the disks keep when they are plugged in again; null where one has none
     * @param  string|null  $volume  the file system's own identity
     */
    public function __construct(
        public array $names,
        public ?array $lasting,
        public ?string $volume,
        public string $mountedAt,
        public bool $isCardReader,
    ) {}
}
