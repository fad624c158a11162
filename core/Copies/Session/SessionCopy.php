<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Session;

use NorthSatchel\Copies\Digest;
use NorthSatchel\Copies\PartFile;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;

/** The automatic route: one file to a drive, read back, never over another. */
final readonly class SessionCopy
{
    private const PIECE = 1 << 20;

    private const MOST_NAMES = 100;

    public function __construct(private Volume $from, private Volume $to, private string $folder) {}

    /**
     * @param  \Closure(): bool  $isStill  whether the file is still as it was when it was found whole
     * @return string|null the hash of the content that now lies on the drive; null where the file changed while it was read
     *
     * @throws UnableToRead
     * @throws UnableToWrite also when what was read back is not what was written
     */
    public function bring(string $path, \Closure $isStill): ?string
    {
        $hash = null;
        for ($number = 1; $number <= self::MOST_NAMES; $number++) {
            $target = $this->folder.'/'.self::named($path, $number);
            if ($this->to->kindOf($target) === null) {
                return $this->write($path, $target, $isStill);
            }
            $hash ??= self::hash($this->from, $path);
            if ($this->to->kindOf($target) === EntryKind::File && self::hash($this->to, $target) === $hash) {
                return $isStill() ? $hash : null;
            }
        }
        throw UnableToWrite::becauseTaken($this->folder.'/'.$path);
    }

    /** @throws UnableToRead */
    public static function hash(Volume $volume, string $path): string
    {
        $digest = Digest::with();
        $file = $volume->open($path);
        try {
            while (($piece = $file->read(self::PIECE)) !== '') {
                $digest->add($piece);
            }
        } finally {
            $file->close();
        }

        return $digest->hex();
    }

    /**
     * @param  \Closure(): bool  $isStill
     *
     * @throws UnableToRead
     * @throws UnableToWrite
     */
    private function write(string $path, string $target, \Closure $isStill): ?string
    {
        $part = PartFile::begin($this->to, $target);
        $digest = Digest::with();
        $file = $this->from->open($path);
        try {
            while (($piece = $file->read(self::PIECE)) !== '') {
                $digest->add($piece);
                $part->write($piece);
            }
        } catch (UnableToRead|UnableToWrite $e) {
            $part->abandon();
            throw $e;
        } finally {
            $file->close();
        }
        // What changed while it was read is half the one and half the other: it gets no name.
        if (! $isStill()) {
            $part->abandon();

            return null;
        }
        $part->finish();
        $hash = $digest->hex();
        if (self::hash($this->to, $target) !== $hash) {
            PartFile::again($this->to, $target);
            throw UnableToWrite::atPath($target, 'what was read back is not what was written');
        }

        return $hash;
    }

    /** The second of one name: "frame (2).jpg". */
    private static function named(string $path, int $number): string
    {
        if ($number === 1) {
            return $path;
        }
        $ending = pathinfo($path, PATHINFO_EXTENSION);
        $stem = $ending === '' ? $path : substr($path, 0, -strlen($ending) - 1);

        return "{$stem} ({$number})".($ending === '' ? '' : ".{$ending}");
    }
}
