<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** A folder of a volume as a volume of its own, for reading only: a bag on a drive. */
final readonly class Below implements Volume
{
    use ForReading;

    public function __construct(private Volume $volume, private string $folder) {}

    public function entries(string $below = ''): iterable
    {
        foreach ($this->volume->entries($this->path($below)) as $entry) {
            yield new Entry(substr($entry->path, strlen($this->folder) + 1), $entry->kind, $entry->bytes, $entry->modifiedAt);
        }
    }

    public function kindOf(string $path): ?EntryKind
    {
        return $this->volume->kindOf($this->path($path));
    }

    public function open(string $path): ReadableFile
    {
        return $this->volume->open($this->path($path));
    }

    public function contents(string $path): string
    {
        return $this->volume->contents($this->path($path));
    }

    public function forgetCached(string $path): bool
    {
        return $this->volume->forgetCached($this->path($path));
    }

    private function path(string $below): string
    {
        return $below === '' ? $this->folder : "{$this->folder}/{$below}";
    }
}
