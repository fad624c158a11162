<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

use NorthSatchel\Copies\ReadBack\SecondPass;
use NorthSatchel\Volume\Entry;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/**
 * Copies a card into a bag at each destination: one read of the card, all writes and the hash in the same pass, and
 * everything is read back some way behind it. Run again after anything, it goes on where it stopped.
 */
final class Copier
{
    private int $done = 0;

    private int $total = 0;

    private CopyPhase $phase = CopyPhase::Comparing;

    /** @var array<string, FileHash> by card path, of files compared before the copy */
    private array $compared = [];

    private readonly SecondPass $second;

    /** @var list<Skipped> */
    private array $skipped = [];

    /**
     * @param  list<DestinationBag>  $bags
     * @param  array<string, string>  $labels  for bag-info.txt
     * @param  string  $date  today, YYYY-MM-DD
     */
    public function __construct(
        private readonly Volume $card,
        private readonly array $bags,
        private readonly array $labels,
        private readonly string $date,
        private readonly ?Progress $progress = null,
    ) {
        $this->second = new SecondPass($bags, $this->tell(...));
    }

    /**
     * @throws CopyConflict before anything is written
     * @throws UnableToRead when the card cannot be listed
     */
    public function run(): CopyReport
    {
        try {
            return $this->copyAll();
        } finally {
            foreach ($this->bags as $bag) {
                $bag->readBack->close();
                $bag->release();
            }
        }
    }

    /** @throws CopyConflict|UnableToRead */
    private function copyAll(): CopyReport
    {
        $found = CardFiles::of($this->card);
        [$files, $this->skipped] = [$found->files, $found->skipped];
        foreach ($this->bags as $bag) {
            $bag->prepare();
        }
        $this->total = $found->size() * (1 + count($this->bags));
        foreach ($files as $file) {
            $this->refuseOtherContent($file);
        }
        foreach ($this->bags as $bag) {
            $bag->clear($found->paths());
        }
        $this->phase = CopyPhase::Copying;
        $copied = 0;
        $bytes = 0;
        foreach ($files as $file) {
            $read = $this->copy($file);
            if ($read !== null) {
                $copied++;
                $bytes += $read;
            }
        }
        $this->phase = CopyPhase::ReadingBack;
        $this->second->finish();
        foreach ($this->bags as $bag) {
            $bag->finish($this->labels, $this->date);
            $bag->check($this->tell(...));
        }

        return new CopyReport(
            files: $copied,
            bytes: $bytes,
            destinations: array_map(static fn (DestinationBag $bag): DestinationReport => $bag->report(), $this->bags),
            skipped: $this->skipped,
            fromMedium: array_reduce(
                $this->bags,
                static fn (bool $all, DestinationBag $bag): bool => $all && $bag->readBack->isFromMedium(),
                true,
            ),
        );
    }

    /** In a finished bag a file is never replaced: all are compared before the first is written. */
    private function refuseOtherContent(Entry $file): void
    {
        foreach ($this->bags as $bag) {
            if ($bag->isLost() || ! $bag->keeps($file->path) || ($there = $bag->hashOf($file->path)) === null) {
                continue;
            }
            try {
                $hash = $this->compared[$file->path] ??= $this->readCard($file, [], withDigest: true);
            } catch (UnableToRead) {
                continue;
            }
            if (! $hash->isSameAs($there)) {
                throw CopyConflict::otherContent($bag->label, $file->path);
            }
        }
    }

    /** @return int|null bytes, or null when the file could not be read */
    private function copy(Entry $file): ?int
    {
        $to = [];
        $known = [];
        foreach ($this->bags as $index => $bag) {
            if ($bag->isLost()) {
                continue;
            }
            $there = $bag->hashOf($file->path);
            if ($there === null) {
                $to[] = $bag;
            } else {
                $known[$index] = $there;
            }
        }
        $needsDigest = array_filter($known, static fn (FileHash $there): bool => $there->digest !== null) !== [];
        $hash = $to === [] && isset($this->compared[$file->path]) ? $this->compared[$file->path] : $this->bring($file, $to, $needsDigest);
        if ($hash === null) {
            return null;
        }
        $isStale = false;
        foreach ($known as $index => $there) {
            $bag = $this->bags[$index];
            if ($there->isSameAs($hash)) {
                $bag->reuse($file->path, $hash);
            } elseif ($bag->keeps($file->path)) {
                throw CopyConflict::otherContent($bag->label, $file->path);
            } else {
                // An unfinished bag held an older content of this file: the card's goes there anew.
                $bag->demote($file->path);
                $isStale = $isStale || ! $bag->isLost();
            }
        }
        $anew = array_values(
            array_filter(
                $this->bags,
                static fn (DestinationBag $bag): bool => $isStale && ! $bag->isLost() && $bag->hashOf($file->path) === null,
            ),
        );
        if ($isStale && $this->bring($file, $anew, false) === null) {
            return null;
        }
        $this->second->add(
            $file->path,
            $file->bytes,
            array_keys(
                array_filter($this->bags, static fn (DestinationBag $bag): bool => ! $bag->isLost() && $bag->expected($file->path) !== null),
            ),
        );

        return $file->bytes;
    }

    /**
     * Reads a file of the card once, and writes it to those bags.
     *
     * @param  list<DestinationBag>  $to
     * @return FileHash|null null when the file could not be read; then nothing of it stays there
     */
    private function bring(Entry $file, array $to, bool $withDigest): ?FileHash
    {
        try {
            $hash = $this->readCard($file, $to, $withDigest);
        } catch (UnableToRead $e) {
            foreach ($to as $bag) {
                $bag->drop($file->path);
            }
            $this->skipped[] = new Skipped(Names::printable($file->path), $e->reason, harmless: false);

            return null;
        }
        foreach ($to as $bag) {
            $bag->arrive($file->path, $hash);
        }

        return $hash;
    }

    /** @param  list<DestinationBag>  $to */
    private function readCard(Entry $file, array $to, bool $withDigest): FileHash
    {
        $source = $this->card->open($file->path);
        $digest = $withDigest ? Digest::with() : null;
        $quick = Digest::quick();
        $before = $source->stamp();
        $bytes = 0;
        try {
            foreach ($to as $bag) {
                $bag->begin($file->path);
            }
            while (($piece = $source->read(ReadableFile::PIECE)) !== '') {
                $digest?->add($piece);
                $quick->add($piece);
                foreach ($to as $bag) {
                    $bag->write($piece);
                }
                $bytes += strlen($piece);
                $this->tell(strlen($piece), $file->path);
                if ($bytes > $file->bytes) {
                    break;
                }
                $this->second->goOn();
            }
            if ($bytes !== $file->bytes || $source->stamp() !== $before) {
                throw UnableToRead::fromPath($file->path, 'it changed while it was read');
            }
        } finally {
            $source->close();
        }

        return new FileHash($digest?->hex(), $quick->hex());
    }

    private function tell(int $more, string $file): void
    {
        if ($this->phase !== CopyPhase::Comparing) {
            $this->done += $more;
        }
        $this->progress?->at($this->phase, min($this->done, $this->total), $this->total, $file);
    }
}
