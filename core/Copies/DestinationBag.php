<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Copies\ReadBack\ReadBack;
use NorthSatchel\Copies\ReadBack\ReadBackHere;
use NorthSatchel\Copies\ReadBack\Reading;
use NorthSatchel\Volume\Below;
use NorthSatchel\Volume\Lock;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;

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

    private ?PartFile $writing = null;

    private ?string $problem = null;

    private readonly BagTally $tally;

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
        $this->tally = new BagTally();
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
        $found = FoundBag::of($this->volume, $this->label, $this->name, $this->lists);
        [$this->marked, $this->finishedBefore, $this->problem] = [$found->isMarked, $found->isFinished, $found->problem];
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
        // A file of the card may be called like that.
        $isOfCard = fn (string $below): bool => str_starts_with($below, 'data/') &&
            (isset($onCard[substr($below, strlen('data/'))]) || $this->lists->hashOf($below) !== null);
        $this->marked ? $this->guarded(fn () => PartFile::clear($this->volume, $this->name, $isOfCard)) : null;
    }

    /** Whether a file of that card path belongs to a finished bag, and so is never written anew. */
    public function keeps(string $cardPath): bool
    {
        return $this->finishedBefore &&
            ! $this->lists->isJournaled('data/'.$cardPath) &&
            ! isset($this->tally->present[$cardPath]) &&
            $this->volume->kindOf($this->pathOf($cardPath)) !== null;
    }

    /**
     * The hash of a card file that is there already, from the lists or else from the file itself.
     *
     * @throws CopyConflict when something that is no file stands in its place
     */
    public function hashOf(string $cardPath): ?FileHash
    {
        return $this->lists->hashThere($this->label, 'data/'.$cardPath);
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
        $this->tally->reused++;
        $this->tally->present[$cardPath] = true;
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
            $this->writing = PartFile::begin($this->volume, $this->pathOf($cardPath));
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
            $this->lists->enter('data/'.$cardPath, $hash);
            $this->tally->present[$cardPath] = true;
        });
    }

    /** The card's file could not be read to its end: what was written of it goes. */
    public function drop(string $cardPath): void
    {
        $this->writing?->abandon();
        $this->writing = null;
        $this->guarded(fn () => $this->volume->removeOwn(BagLayout::partial($this->pathOf($cardPath))));
    }

    /** @return bool whether the file reads back as it was written; one of an unfinished bag that does not is partial again */
    public function judge(string $cardPath, Reading $reading): bool
    {
        if ($reading->problem === null && ($this->expected($cardPath)?->isSameAs($reading->hash) ?? false)) {
            $this->tally->readBackRight[$cardPath] = true;

            return true;
        }
        $this->tally->damaged($cardPath, $reading->problem);
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
        if ($this->tally->damage === null && $this->marked) {
            $this->guarded(function () use ($labels, $date): void {
                $this->lists->close($labels, $date);
                $this->marked = false;
            });
        }
    }

    /**
     * The finished bag is checked by its lists as anybody would, so that it is called good only where `verify` calls it good.
     *
     * @param  (\Closure(int, string): void)|null  $onBytes
     */
    public function check(?\Closure $onBytes = null): void
    {
        if ($this->problem === null && $this->tally->damage === null && ! $this->marked) {
            $this->tally->check(new Below($this->volume, $this->name), $this->expected(...), $onBytes);
        }
    }

    public function report(): DestinationReport
    {
        return $this->tally->report($this->label, $this->expected(...), $this->problem, isOpen: $this->marked);
    }

    private function mark(): void
    {
        $this->marked ?: $this->lists->open();
        $this->marked = true;
    }

    /** In an unfinished bag a file that turned out wrong becomes partial again, so that it is written anew. */
    public function demote(string $cardPath): void
    {
        $this->lists->drop('data/'.$cardPath);
        PartFile::again($this->volume, $this->pathOf($cardPath));
    }

    /** A destination that fails drops out; the others go on. */
    private function guarded(\Closure $write): void
    {
        try {
            $this->problem === null ? $write() : null;
        } catch (UnableToWrite|UnableToRead $e) {
            $this->problem = $e->getMessage();
            $this->writing?->abandon();
            $this->writing = null;
        }
    }

    /** Where a card file lies, below the volume. */
    public function pathOf(string $cardPath): string
    {
        return $this->name.'/data/'.$cardPath;
    }
}
