<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Copies\Volume\EntryKind;
use NorthSatchel\Copies\Volume\UnableToRead;
use NorthSatchel\Copies\Volume\UnableToWrite;
use NorthSatchel\Copies\Volume\Volume;
use NorthSatchel\Copies\Volume\WritableFile;

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

    /** @var array<string, string> expected hash by card path of what is there */
    private array $present = [];

    /** @var array<string, string> quick hash by card path, of what this run wrote */
    private array $quick = [];

    private int $reused = 0;

    private bool $fromMedium = true;

    public function __construct(
        private readonly Volume $volume,
        public readonly string $label,
        private readonly string $name,
    ) {
        $this->lists = new BagLists($volume, $name);
    }

    /** @throws CopyConflict when the name is taken by something that is no bag of ours */
    public function prepare(): void
    {
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

    /** Whether a file of that card path belongs to a finished bag, and so is never written anew. */
    public function keeps(string $cardPath): bool
    {
        return $this->finishedBefore && ! $this->lists->isJournaled('data/'.$cardPath) && ! isset($this->present[$cardPath])
            && $this->volume->kindOf($this->path('data/'.$cardPath)) !== null;
    }

    /**
     * The hash of a card file that is there already, from the manifest or else from the file itself.
     *
     * @throws CopyConflict when something that is no file stands in its place
     */
    public function hashOf(string $cardPath): ?string
    {
        $path = 'data/'.$cardPath;
        $kind = $this->volume->kindOf($this->path($path));
        if ($kind === null) {
            return null;
        }
        if ($kind !== EntryKind::File) {
            throw CopyConflict::nameTaken($this->label, $path, 'it is no plain file');
        }
        try {
            return $this->lists->hashOf($path) ?? $this->readHash($path);
        } catch (UnableToRead $e) {
            throw CopyConflict::nameTaken($this->label, $path, $e->reason);
        }
    }

    public function lists(string $cardPath): bool
    {
        return $this->lists->hashOf('data/'.$cardPath) !== null;
    }

    public function isLost(): bool
    {
        return $this->problem !== null;
    }

    public function reuse(string $cardPath, string $hash): void
    {
        $this->reused++;
        $this->present[$cardPath] = $hash;
        if (! $this->lists($cardPath)) {
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
            $partial = $this->path('data/'.$cardPath.BagLayout::PARTIAL);
            $this->volume->removeOwn($partial);
            $this->writing = $this->volume->create($partial);
        });
    }

    public function write(string $bytes): void
    {
        $this->guarded(fn () => $this->writing?->write($bytes));
    }

    /** @param  string  $quick  by which it is read back in this run */
    public function arrive(string $cardPath, string $hash, string $quick): void
    {
        $this->guarded(function () use ($cardPath, $hash, $quick): void {
            $this->writing?->finish();
            $this->writing = null;
            $final = $this->path('data/'.$cardPath);
            $this->volume->rename($final.BagLayout::PARTIAL, $final);
            $this->lists->enter('data/'.$cardPath, $hash);
            $this->present[$cardPath] = $hash;
            $this->quick[$cardPath] = $quick;
        });
    }

    /** The card's file could not be read to its end: what was written of it goes. */
    public function drop(string $cardPath): void
    {
        $this->writing?->abandon();
        $this->writing = null;
        $this->guarded(fn () => $this->volume->removeOwn($this->path('data/'.$cardPath.BagLayout::PARTIAL)));
    }

    /**
     * Reads everything back and compares.
     *
     * @param  \Closure(int, string): void  $onBytes  bytes read, file
     */
    public function readBack(\Closure $onBytes): void
    {
        $paths = array_map(strval(...), array_keys($this->present));
        foreach ($paths as $index => $cardPath) {
            $hash = $this->present[$cardPath];
            try {
                $quick = $this->quick[$cardPath] ?? null;
                if ($index === 0) {
                    $this->forget('data/'.$cardPath);
                }
                // The next one comes from the medium while this one is hashed.
                if (isset($paths[$index + 1])) {
                    $this->forget('data/'.$paths[$index + 1]);
                }
                if ($this->hashOfMedium('data/'.$cardPath, $quick === null ? Digest::with() : Digest::quick(), $onBytes) === ($quick ?? $hash)) {
                    continue;
                }
                $why = 'does not read back as it was written';
            } catch (UnableToRead $e) {
                $why = 'does not read back: '.$e->reason;
            }
            $this->problem ??= Names::printable($cardPath).' '.$why;
            unset($this->present[$cardPath]);
            if (! $this->finishedBefore || $this->lists->isJournaled('data/'.$cardPath)) {
                $this->demote($cardPath);
            }
        }
    }

    /**
     * Writes the lists and takes the marker away; an unfinished bag with a problem stays unfinished.
     *
     * @param  array<string, string>  $labels
     */
    public function finish(array $labels, string $date): void
    {
        if ($this->problem !== null || ! $this->marked) {
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

    public function report(): DestinationReport
    {
        return new DestinationReport(
            label: $this->label,
            verified: $this->problem === null && ! $this->marked,
            files: count($this->present),
            reused: $this->reused,
            hashes: $this->present,
            problem: $this->problem,
        );
    }

    public function readFromMedium(): bool
    {
        return $this->fromMedium;
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
            $this->volume->removeOwn($final.BagLayout::PARTIAL);
            $this->volume->rename($final, $final.BagLayout::PARTIAL);
        } catch (UnableToWrite) {
            // The problem is reported already; the next run meets the same file and says so again.
        }
    }

    private function readHash(string $path): string
    {
        $this->forget($path);

        return $this->hashOfMedium($path, Digest::with());
    }

    private function forget(string $path): void
    {
        $this->fromMedium = $this->volume->forgetCached($this->path($path)) && $this->fromMedium;
    }

    /** @param  (\Closure(int, string): void)|null  $onBytes */
    private function hashOfMedium(string $path, Digest $digest, ?\Closure $onBytes = null): string
    {
        $file = $this->volume->open($this->path($path));
        try {
            while (($bytes = $file->read(Copier::PIECE)) !== '') {
                $digest->add($bytes);
                if ($onBytes !== null) {
                    $onBytes(strlen($bytes), $path);
                }
            }
        } finally {
            $file->close();
        }

        return $digest->hex();
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

    private function path(string $below): string
    {
        return $this->name.'/'.$below;
    }
}
