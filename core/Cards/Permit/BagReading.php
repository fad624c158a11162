<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/** What was read back from one bag: the contents that lie in it, each of them seen with somebody's own eyes and listed by the bag. */
final readonly class BagReading
{
    /**
     * @param  array<string, list<string>>  $contents  by hash, what the file system calls the files that hold it; none where it does not
     *     tell
     * @param  int|null  $readAt  unix seconds; null for now
     * @param  string|null  $place  what its owner calls the place; the medium stands for it where there is no name
     */
    public function __construct(
        public string $bag,
        public Medium $medium,
        public array $contents,
        public ?int $readAt = null,
        public bool $isElsewhere = false,
        public ?string $place = null,
    ) {}

    public function place(): string
    {
        return $this->place ?? $this->medium->name;
    }

    public function holds(string $content): bool
    {
        return isset($this->contents[$content]);
    }
}
