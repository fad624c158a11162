<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\LocalVolume;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\WritableFile;

/** A volume that breaks when it is told to: after so many operations, on reading a file, or silently on writing. */
final class FaultyVolume extends LocalVolume
{
    private int $operations = 0;

    public ?int $diesAfter = null;

    public ?string $unreadable = null;

    public ?string $flips = null;

    public ?string $growsWhileRead = null;

    private readonly string $at;

    public function __construct(string $root)
    {
        parent::__construct($root);
        $this->at = $root;
    }

    public function operations(): int
    {
        return $this->operations;
    }

    public function open(string $path): ReadableFile
    {
        if ($this->unreadable !== null && str_ends_with($path, $this->unreadable)) {
            throw UnableToRead::fromPath($path, 'input/output error');
        }
        $file = parent::open($path);
        if ($this->growsWhileRead !== null && str_ends_with($path, $this->growsWhileRead)) {
            file_put_contents($this->at.'/'.$path, 'more', FILE_APPEND);
        }

        return $file;
    }

    public function create(string $path): WritableFile
    {
        $this->tick();
        $flips = $this->flips !== null && str_contains($path, $this->flips);

        return new FaultyFile(parent::create($path), $this->tick(...), $flips);
    }

    public function rename(string $from, string $to): void
    {
        $this->tick();
        parent::rename($from, $to);
    }

    public function putTagFile(string $path, string $contents): void
    {
        $this->tick();
        parent::putTagFile($path, $contents);
    }

    public function appendTagFile(string $path, string $contents): void
    {
        $this->tick();
        parent::appendTagFile($path, $contents);
    }

    public function removeOwn(string $path): void
    {
        $this->tick();
        parent::removeOwn($path);
    }

    private function tick(): void
    {
        if ($this->diesAfter !== null && $this->operations >= $this->diesAfter) {
            throw new PowerCut;
        }
        $this->operations++;
    }
}
