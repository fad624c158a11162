<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Copies\ReadBack\Reading;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;

/**
 * What a bag being written is known to hold: the manifest of a finished bag, and the journal of an
 * unfinished run, a line with the quick hash of each file that arrived. Paths are below the bag, `data/…`.
 */
final class BagLists
{
    private Manifest $listed;

    /** @var array<string, string> quick hash by path, of what this run or one before it wrote and did not finish */
    private array $quick = [];

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
                $this->put((string) $path, FileHash::fromLine($hash));
                $this->journaled[$path] = true;
            }
        }
        foreach (array_keys($this->listed->all() + $this->quick) as $path) {
            if ($this->volume->kindOf($this->path((string) $path)) !== EntryKind::File) {
                $this->drop((string) $path);
            }
        }
    }

    /** @throws UnableToWrite */
    public function enter(string $path, FileHash $hash): void
    {
        $this->journaled[$path] = true;
        $this->put($path, $hash);
        $this->volume->appendTagFile($this->path(BagLayout::UNFINISHED), Manifest::line($path, $hash->line()));
    }

    /** The hash for the list of a file that is known by its quick one. */
    public function learn(string $path, string $digest): void
    {
        $this->listed->put($path, $digest);
    }

    public function drop(string $path): void
    {
        $this->listed->drop($path);
        unset($this->quick[$path]);
    }

    public function hashOf(string $path): ?FileHash
    {
        $digest = $this->listed->hashOf($path);
        $quick = $this->quick[$path] ?? null;

        return $digest === null && $quick === null ? null : new FileHash($digest, $quick);
    }

    /** @return list<string> paths that have a quick hash alone as yet */
    public function withoutDigest(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->quick, $this->listed->all())));
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

    /**
     * The hash of a file that is there, from the lists or else from the file itself.
     *
     * @throws CopyConflict when something that is no file stands in its place
     */
    public function hashThere(string $label, string $path): ?FileHash
    {
        $kind = $this->volume->kindOf($this->path($path));
        if ($kind === null) {
            return null;
        }
        if ($kind !== EntryKind::File) {
            throw CopyConflict::nameTaken($label, $path, 'it is no plain file');
        }
        if (($listed = $this->hashOf($path)) !== null) {
            return $listed;
        }
        $this->volume->forgetCached($this->path($path));
        $reading = Reading::of($this->volume, $this->path($path), withDigest: false);

        return $reading->problem === null ? $reading->hash : throw CopyConflict::nameTaken($label, $path, $reading->problem);
    }

    /**
     * From now on the marker says that the bag is unfinished.
     *
     * @throws UnableToWrite
     */
    public function open(): void
    {
        $this->volume->makeFolder($this->name);
        $this->volume->appendTagFile($this->path(BagLayout::UNFINISHED), '');
    }

    /**
     * Writes the lists and takes the marker away.
     *
     * @param  array<string, string>  $labels  for bag-info.txt
     *
     * @throws UnableToWrite
     */
    public function close(array $labels, string $date): void
    {
        $this->volume->makeFolder($this->path('data'));
        foreach ($this->tagFiles($labels, $date) as $name => $text) {
            $this->volume->putTagFile($this->path($name), $text);
        }
        $this->volume->removeOwn($this->path(BagLayout::UNFINISHED));
    }

    private function put(string $path, FileHash $hash): void
    {
        $this->drop($path);
        if ($hash->digest !== null) {
            $this->listed->put($path, $hash->digest);
        }
        if ($hash->quick !== null) {
            $this->quick[$path] = $hash->quick;
        }
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
