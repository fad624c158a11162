<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\ReadBack;

use NorthSatchel\Copies\Digest;
use NorthSatchel\Copies\FileHash;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/** What a file was when it was read from end to end, or why it could not be. */
final readonly class Reading
{
    public function __construct(public int $bytes, public FileHash $hash, public ?string $problem = null) {}

    public static function of(Volume $volume, string $path, bool $withDigest): self
    {
        $digest = $withDigest ? Digest::with() : null;
        $quick = Digest::quick();
        $bytes = 0;
        try {
            $file = $volume->open($path);
            try {
                while (($piece = $file->read(ReadableFile::PIECE)) !== '') {
                    $digest?->add($piece);
                    $quick->add($piece);
                    $bytes += strlen($piece);
                }
            } finally {
                $file->close();
            }
        } catch (UnableToRead $e) {
            return self::failed($e->reason);
        }

        return new self($bytes, new FileHash($digest?->hex(), $quick->hex()));
    }

    public static function failed(string $why): self
    {
        return new self(0, new FileHash, $why);
    }
}
