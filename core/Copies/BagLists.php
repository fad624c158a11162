<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Copies\Volume\EntryKind;
use NorthSatchel\Copies\Volume\UnableToRead;
use NorthSatchel\Copies\Volume\UnableToWrite;
use NorthSatchel\Copies\Volume\Volume;

/**
 * What a bag being written is known to hold: the manifest of a finished bag, and the journal of an
 * unfinished run, a manifest line for each file that arrived. Paths are below the bag, `data/…`.
 */
final class BagLists
{
    private Manifest $listed;

    /** @var array<string, true> paths that only the journal knows */
    private array $journaled = [];

    public function __construct(private readonly Volume $volume, private readonly string $name)
    {
        $this->listed = new Manifest;
    }

    /**
     * @return bool whether there was a manifest
     *
     * @throws BrokenBag
     * @throws UnableToRead
     */
    public function readManifest(): bool
    {
        if ($this->volume->kindOf($this->path(BagLayout::MANIFEST)) !== EntryKind::File) {
            return false;
        }
        $this->listed = Manifest::parse($this->volume->contents($this->path(BagLayout::MANIFEST)));

        return true;
    }

    /**
     * The last line of a journal may be cut short, and then does not count; nor does what is no longer there.
     *
     * @throws BrokenBag
     * @throws UnableToRead
     */
    public function readJournal(): void
    {
        $text = $this->volume->contents($this->path(BagLayout::UNFINISHED));
        $end = strrpos($text, "\n");
        foreach (explode("\n", $end === false ? '' : substr($text, 0, $end)) as $line) {
            foreach (Manifest::parse($line)->all() as $path => $hash) {
                $this->listed->put((string) $path, $hash);
                $this->journaled[$path] = true;
            }
        }
        foreach (array_keys($this->listed->all()) as $path) {
            if ($this->volume->kindOf($this->path((string) $path)) !== EntryKind::File) {
                $this->listed->drop((string) $path);
            }
        }
    }

    /** @throws UnableToWrite */
    public function enter(string $path, string $hash): void
    {
        $this->journaled[$path] = true;
        $this->listed->put($path, $hash);
        $this->volume->appendTagFile($this->path(BagLayout::UNFINISHED), Manifest::line($path, $hash));
    }

    public function drop(string $path): void
    {
        $this->listed->drop($path);
    }

    public function hashOf(string $path): ?string
    {
        return $this->listed->hashOf($path);
    }

    public function isJournaled(string $path): bool
    {
        return isset($this->journaled[$path]);
    }

    /**
     * Manifest, info and declaration, in the order to write them; the tag manifest of all three comes last.
     *
     * @param  array<string, string>  $labels
     * @return array<string, string> text by name
     */
    public function tagFiles(array $labels, string $date): array
    {
        $tags = [
            BagLayout::MANIFEST => $this->listed->text(),
            BagLayout::INFO => BagInfo::forCopy($labels, $this->payloadBytes(), count($this->listed->all()), $date)->text(),
            BagLayout::DECLARATION => BagLayout::DECLARATION_TEXT,
        ];
        $tagManifest = new Manifest(array_map(static fn (string $text): string => Digest::ofText($text), $tags));

        return [...$tags, BagLayout::TAG_MANIFEST => $tagManifest->text()];
    }

    /** The first list of a finished bag that is not what its tag manifest says, or null; a bag of others may have none. */
    public function damaged(): ?string
    {
        if ($this->volume->kindOf($this->path(BagLayout::TAG_MANIFEST)) !== EntryKind::File) {
            return null;
        }
        try {
            foreach (Manifest::parse($this->volume->contents($this->path(BagLayout::TAG_MANIFEST)))->all() as $name => $hash) {
                $isThere = $this->volume->kindOf($this->path((string) $name)) === EntryKind::File;
                if (! $isThere || Digest::ofText($this->volume->contents($this->path((string) $name))) !== $hash) {
                    return (string) $name;
                }
            }
        } catch (BrokenBag|UnableToRead) {
            return BagLayout::TAG_MANIFEST;
        }

        return null;
    }

    private function payloadBytes(): int
    {
        $bytes = 0;
        foreach ($this->volume->entries($this->path('data')) as $entry) {
            $isListed = $this->listed->hashOf(substr($entry->path, strlen($this->name) + 1)) !== null;
            $bytes += $entry->kind === EntryKind::File && $isListed ? $entry->bytes : 0;
        }

        return $bytes;
    }

    private function path(string $below): string
    {
        return $this->name.'/'.$below;
    }
}
