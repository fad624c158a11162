<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/**
 * Reads what a bag (RFC 8493) holds: every plain file below data/ that is read now, from end to end, and that a list of the bag
 * names with the hash it has. Where several lists name it and one disagrees, it does not count. Made apart from the code that
 * copies and from the one that verifies, so that a fault in either cannot pass here too.
 */
final class BagReader
{
    /** @var array<string, list<array{string, string}>> algorithm and hash, by path below the bag */
    private array $listed = [];

    /** @var array<string, list<string>> paths by the hash of what they hold */
    private array $found = [];

    /** @var list<string> paths that are listed and do not hold what the list says, or cannot be read */
    public array $wrong = [];

    /**
     * @param  array<int, true>|null  $sizes  only files of these sizes are read; null for all
     * @param  (\Closure(int, string): void)|null  $onBytes
     */
    public function __construct(
        private readonly Volume $bag,
        private readonly ?array $sizes = null,
        private readonly ?\Closure $onBytes = null,
    ) {
        try {
            if ($bag->kindOf('bagit.txt') === EntryKind::File) {
                $this->readAll();
            }
        } catch (UnableToRead) {
            // What was read until then counts; a drive that is pulled out holds nothing more.
            return;
        }
    }

    /** @return array<string, list<string>> paths below the bag by the hash of their content */
    public function found(): array
    {
        return $this->found;
    }

    private function readAll(): void
    {
        $payload = [];
        foreach ($this->bag->entries() as $entry) {
            $parts = [];
            if ($entry->kind !== EntryKind::File) {
                continue;
            }
            if (str_starts_with($entry->path, 'data/')) {
                $payload[$entry->path] = $entry->bytes;
            } elseif (preg_match('/^manifest-([a-z0-9]+)\.txt$/D', $entry->path, $parts) === 1 && Content::knows($parts[1])) {
                $this->readList($entry->path, $parts[1]);
            }
        }
        foreach ($payload as $path => $bytes) {
            if (isset($this->listed[$path]) && ($this->sizes === null || isset($this->sizes[$bytes]))) {
                $this->readPayload((string) $path);
            }
        }
    }

    private function readPayload(string $path): void
    {
        try {
            $on = $this->onBytes === null ? null : fn (int $bytes) => ($this->onBytes)($bytes, $path);
            $content = Content::of($this->bag, $path, array_column($this->listed[$path], 0), $on);
        } catch (UnableToRead) {
            $this->wrong[] = $path;

            return;
        }
        foreach ($this->listed[$path] as [$algorithm, $hash]) {
            if (! hash_equals($content->hashes[$algorithm], $hash)) {
                $this->wrong[] = $path;

                return;
            }
        }
        $this->found[$content->hash()][] = $path;
    }

    /** A line that is none, or that leads out of data/, names nothing. */
    private function readList(string $name, string $algorithm): void
    {
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $this->bag->contents($name))) as $line) {
            $space = strcspn($line, " \t");
            $hash = strtolower(substr($line, 0, $space));
            $path = ltrim(substr($line, $space), " \t");
            $path = str_starts_with($path, '*') ? substr($path, 1) : $path;
            $path = str_starts_with($path, './') ? substr($path, 2) : $path;
            $path = str_ireplace(['%0D', '%0A', '%25'], ["\r", "\n", '%'], $path);
            if ($hash !== '' && ctype_xdigit($hash) && str_starts_with($path, 'data/')) {
                $this->listed[$path][] = [$algorithm, $hash];
            }
        }
    }
}
