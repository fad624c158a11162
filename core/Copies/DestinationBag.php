<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Copies\ReadBack\ReadBack;
use NorthSatchel\Copies\ReadBack\ReadBackHere;
use NorthSatchel\Copies\ReadBack\Reading;
use NorthSatchel\Volume\Below;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Lock;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;
use NorthSatchel\Volume\WritableFile;

/**
 * One bag being written at one destination.
 *
 * While work is under way the marker `copy-unfinished.txt` stands in it, so that no reader takes it
 * for whole. A file is written under a partial name, synced, then renamed; only partial files and
 * files that failed their read-back in an unfinished bag are ever written anew.
 */
final class DestinationBag
{
    private BagLists $lists;

    private bool $finishedBefore = false;

    private bool $marked = false;

    private ?WritableFile $writing = null;

    private ?string $problem = null;

    /** @var array<string, true> card paths that read back right in this run */
    private array $readBackRight = [];

    /** @var array<string, string> hash by path below the bag, of all that was read in it; known once it was checked */
    private array $contents = [];

    /** What did not read back; unlike a problem it does not keep the rest of the card from being copied here. */
    private ?string $damage = null;

    /** @var array<string, true> card paths of what is there */
    private array $present = [];

    private int $reused = 0;

    private ?Lock $lock = null;

    public readonly ReadBack $readBack;

    /** @param  ReadBack|null  $readBack  by which its files are read a second time; in this process where none is given */
    public function __construct(
        private readonly Volume $volume,
        public readonly string $label,
        private readonly string $name,
        ?ReadBack $readBack = null,
    ) {
        $this->lists = new BagLists($volume, $name);
        $this->readBack = $readBack ?? new ReadBackHere($volume);
    }

    /** @throws CopyConflict when another process writes into it, or the name is taken by something that is no bag of ours */
    public function prepare(): void
    {
        try {
            $this->lock = $this->volume->lock($this->name) ?? throw CopyConflict::inUse($this->label, $this->name);
        } catch (UnableToWrite $e) {
            throw CopyConflict::nameTaken($this->label, $this->name, $e->getMessage());
        }
        $kind = $this->volume->kindOf($this->name);
        if ($kind === null || ($kind === EntryKind::Folder && $this->isEmpty())) {
            return;
        }
        if ($kind !== EntryKind::Folder) {
            throw CopyConflict::nameTaken($this->label, $this->name, 'it is no folder');
        }
        try {
            $this->marked = $this->volume->kindOf($this->path(BagLayout::UNFINISHED)) === EntryKind::File;
            $this->finishedBefore = $this->volume->kindOf($this->path(BagLayout::DECLARATION)) === EntryKind::File;
            if (! $this->marked && ! $this->finishedBefore) {
                throw CopyConflict::nameTaken($this->label, $this->name, 'it is no bag');
            }
            if ($this->finishedBefore && ! $this->marked && ($damaged = $this->lists->damaged()) !== null) {
                // Its lists are what tells whether it is whole: nothing is added to it, and it is not called good.
                $this->problem = Names::printable($damaged).' of the finished bag is damaged';

                return;
            }
            if (! $this->lists->readManifest() && $this->finishedBefore && ! $this->marked) {
                throw CopyConflict::nameTaken($this->label, $this->name, 'its manifest is of another kind');
            }
            if ($this->marked) {
                $this->lists->readJournal();
            }
        } catch (BrokenBag|UnableToRead $e) {
            throw CopyConflict::nameTaken($this->label, $this->name, $e->getMessage());
        }
    }

    /** Lets others write into it again. */
    public function release(): void
    {
        $this->lock?->release();
        $this->lock = null;
    }

    /**
     * Takes away what a run that ended early left half written, of files that are no longer on the card too.
     *
     * @param  array<string, true>  $onCard  card paths
     */
    public function clear(array $onCard): void
    {
        if (! $this->marked) {
            return;
        }
        $this->guarded(function () use ($onCard): void {
            foreach ([...$this->volume->entries($this->name)] as $entry) {
                $below = substr($entry->path, strlen($this->name) + 1);
                // A file of the card may be called like that.
                $isOfCard =
                    str_starts_with($below, 'data/') &&
                    (isset($onCard[substr($below, strlen('data/'))]) || $this->lists->hashOf($below) !== null);
                if ($entry->kind === EntryKind::File && str_ends_with($below, BagLayout::PARTIAL) && ! $isOfCard) {
                    $this->volume->removeOwn($entry->path);
                }
            }
        });
    }

    /** Whether a file of that card path belongs to a finished bag, and so is never written anew. */
    public function keeps(string $cardPath): bool
    {
        return $this->finishedBefore &&
            ! $this->lists->isJournaled('data/'.$cardPath) &&
            ! isset($this->present[$cardPath]) &&
            $this->volume->kindOf($this->path('data/'.$cardPath)) !== null;
    }

    /**
     * The hash of a card file that is there already, from the lists or else from the file itself.
     *
     * @throws CopyConflict when something that is no file stands in its place
     */
    public function hashOf(string $cardPath): ?FileHash
    {
        $path = 'data/'.$cardPath;
        $kind = $this->volume->kindOf($this->path($path));
        if ($kind === null) {
            return null;
        }
        if ($kind !== EntryKind::File) {
            throw CopyConflict::nameTaken($this->label, $path, 'it is no plain file');
        }
        if (($listed = $this->lists->hashOf($path)) !== null) {
            return $listed;
        }
        $this->volume->forgetCached($this->path($path));
        $reading = Reading::of($this->volume, $this->path($path), withDigest: false);

        return $reading->problem === null ? $reading->hash : throw CopyConflict::nameTaken($this->label, $path, $reading->problem);
    }

    /** What the lists say of a card file; null when they do not have it. */
    public function expected(string $cardPath): ?FileHash
    {
        return $this->lists->hashOf('data/'.$cardPath);
    }

    public function isLost(): bool
    {
        return $this->problem !== null;
    }

    public function reuse(string $cardPath, FileHash $hash): void
    {
        $this->reused++;
        $this->present[$cardPath] = true;
        if ($this->expected($cardPath) === null) {
            $this->guarded(function () use ($cardPath, $hash): void {
                $this->mark();
                $this->lists->enter('data/'.$cardPath, $hash);
            });
        }
    }

    public function begin(string $cardPath): void
    {
        $this->guarded(function () use ($cardPath): void {
            $this->mark();
            $partial = $this->path(BagLayout::partial('data/'.$cardPath));
            $this->volume->removeOwn($partial);
            $this->writing = $this->volume->create($partial);
        });
    }

    public function write(string $bytes): void
    {
        $this->guarded(fn () => $this->writing?->write($bytes));
    }

    public function arrive(string $cardPath, FileHash $hash): void
    {
        $this->guarded(function () use ($cardPath, $hash): void {
            $this->writing?->finish();
            $this->writing = null;
            $final = $this->path('data/'.$cardPath);
            $this->volume->rename(BagLayout::partial($final), $final);
            $this->lists->enter('data/'.$cardPath, $hash);
            $this->present[$cardPath] = true;
        });
    }

    /** The card's file could not be read to its end: what was written of it goes. */
    public function drop(string $cardPath): void
    {
        $this->writing?->abandon();
        $this->writing = null;
        $this->guarded(fn () => $this->volume->removeOwn($this->path(BagLayout::partial('data/'.$cardPath))));
    }

    /** @return bool whether the file reads back as it was written; one of an unfinished bag that does not is partial again */
    public function judge(string $cardPath, Reading $reading): bool
    {
        if ($reading->problem === null && ($this->expected($cardPath)?->isSameAs($reading->hash) ?? false)) {
            $this->readBackRight[$cardPath] = true;

            return true;
        }
        $this->damage ??=
            Names::printable($cardPath).
            ($reading->problem === null ? ' does not read back as it was written' : ' does not read back: '.$reading->problem);
        unset($this->present[$cardPath]);
        if (! $this->finishedBefore || $this->lists->isJournaled('data/'.$cardPath)) {
            $this->demote($cardPath);
        }

        return false;
    }

    /** The hash of a file as a destination gave it, for the list of this one where that has the same file. */
    public function learn(string $cardPath, FileHash $hash): void
    {
        if ($hash->digest !== null && ($this->expected($cardPath)?->isSameAs($hash) ?? false)) {
            $this->lists->learn('data/'.$cardPath, $hash->digest);
        }
    }

    /** @return list<string> card paths whose hash for the list is not known yet, those of an earlier run included */
    public function withoutDigest(): array
    {
        return array_map(static fn (string $path): string => substr($path, strlen('data/')), $this->lists->withoutDigest());
    }

    /**
     * Writes the lists and takes the marker away; an unfinished bag with a problem stays unfinished.
     *
     * @param  array<string, string>  $labels
     */
    public function finish(array $labels, string $date): void
    {
        if ($this->problem !== null || $this->damage !== null || ! $this->marked) {
            return;
        }
        $this->guarded(function () use ($labels, $date): void {
            $this->volume->makeFolder($this->path('data'));
            foreach ($this->lists->tagFiles($labels, $date) as $name => $text) {
                $this->volume->putTagFile($this->path($name), $text);
            }
            $this->volume->removeOwn($this->path(BagLayout::UNFINISHED));
            $this->marked = false;
        });
    }

    /**
     * The finished bag is checked by its lists as anybody would, so that it is called good only where `verify` calls it good.
     * What read back right a moment ago is not read a third time; what else lies in it is.
     *
     * @param  (\Closure(int, string): void)|null  $onBytes
     */
    public function check(?\Closure $onBytes = null): void
    {
        if ($this->problem !== null || $this->damage !== null || $this->marked) {
            return;
        }
        $known = [];
        foreach (array_map(strval(...), array_keys($this->readBackRight)) as $path) {
            $known["data/{$path}"] = (string) $this->expected($path)?->digest;
        }
        try {
            $check = (new BagVerifier(new Below($this->volume, $this->name), $onBytes, array_filter($known)))->check();
            $this->contents = $check->contents;
            $this->damage = $check->valid ? null : $check->problem();
        } catch (BrokenBag|UnableToRead $e) {
            $this->damage = $e->getMessage();
        }
    }

    public function report(): DestinationReport
    {
        $paths = array_map(strval(...), array_keys($this->readBackRight));
        $read = array_combine($paths, array_map(fn (string $path): ?string => $this->expected($path)?->digest, $paths));

        return new DestinationReport(
            label: $this->label,
            verified: $this->problem === null && $this->damage === null && ! $this->marked,
            files: count($this->present),
            reused: $this->reused,
            hashes: array_filter($read, is_string(...)),
            contents: $this->contents === [] ? array_values(array_filter($read, is_string(...))) : array_values($this->contents),
            problem: $this->problem ?? $this->damage,
        );
    }

    private function mark(): void
    {
        if (! $this->marked) {
            $this->volume->makeFolder($this->name);
            $this->volume->appendTagFile($this->path(BagLayout::UNFINISHED), '');
            $this->marked = true;
        }
    }

    /** In an unfinished bag a file that turned out wrong becomes partial again, so that it is written anew. */
    public function demote(string $cardPath): void
    {
        $this->lists->drop('data/'.$cardPath);
        try {
            $final = $this->path('data/'.$cardPath);
            $this->volume->removeOwn(BagLayout::partial($final));
            $this->volume->rename($final, BagLayout::partial($final));
        } catch (UnableToWrite) {
            // The problem is reported already; the next run meets the same file and says so again.
        }
    }

    private function isEmpty(): bool
    {
        foreach ($this->volume->entries($this->name) as $entry) {
            return false;
        }

        return true;
    }

    /** A destination that fails drops out; the others go on. */
    private function guarded(\Closure $write): void
    {
        if ($this->problem !== null) {
            return;
        }
        try {
            $write();
        } catch (UnableToWrite|UnableToRead $e) {
            $this->problem = $e->getMessage();
            $this->writing?->abandon();
            $this->writing = null;
        }
    }

    /** Where a card file lies, below the volume. */
    public function pathOf(string $cardPath): string
    {
        return $this->path('data/'.$cardPath);
    }

    private function path(string $below): string
    {
        return $this->name.'/'.$below;
    }
}
