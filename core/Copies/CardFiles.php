<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Volume\Entry;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** What of a card can be copied into a bag, and what is left out and why. */
final readonly class CardFiles
{
    /**
     * @param  list<Entry>  $files
     * @param  list<Skipped>  $skipped
     */
    private function __construct(public array $files, public array $skipped) {}

    /** @throws UnableToRead when the card cannot be listed */
    public static function of(Volume $card): self
    {
        $files = $skipped = [];
        foreach ($card->entries() as $entry) {
            $name = Names::printable($entry->path);
            if ($entry->kind === EntryKind::Link) {
                $skipped[] = new Skipped($name, 'a symbolic link, not followed', harmless: true);
            } elseif ($entry->kind === EntryKind::Folder) {
                $skipped[] = new Skipped($name, 'a folder that cannot be looked into', harmless: false);
            } elseif ($entry->kind !== EntryKind::File) {
                $skipped[] = new Skipped($name, 'a special file, not opened', harmless: true);
            } elseif (! Names::isUtf8($entry->path)) {
                $skipped[] = new Skipped($name, 'its name is no UTF-8, which a manifest cannot hold', harmless: false);
            } else {
                $files[] = $entry;
            }
        }

        return new self($files, $skipped);
    }

    /** In bytes. */
    public function size(): int
    {
        return array_sum(array_map(static fn (Entry $e): int => $e->bytes, $this->files));
    }

    /** @return array<string, true> card paths */
    public function paths(): array
    {
        return array_fill_keys(array_map(static fn (Entry $e): string => $e->path, $this->files), true);
    }
}
