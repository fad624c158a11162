<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;

/** A file of this machine, opened for reading only. */
final class LocalReadableFile implements ReadableFile
{
    /** @param  resource  $handle */
    private function __construct(private $handle, private readonly string $full, private readonly string $path) {}

    /** @throws UnableToRead */
    public static function open(string $full, string $path): self
    {
        $handle = @fopen($full, 'rb');
        if ($handle === false) {
            throw UnableToRead::fromPath($path, is_readable($full) ? 'it cannot be opened' : 'it may not be read');
        }
        stream_set_read_buffer($handle, 0);

        return new self($handle, $full, $path);
    }

    public function read(int $length): string
    {
        $bytes = @fread($this->handle, $length);
        if ($bytes === false) {
            throw UnableToRead::fromPath($this->path, 'reading stopped with an error');
        }

        return $bytes;
    }

    public function readAt(int $offset, int $length): string
    {
        if (fseek($this->handle, $offset) !== 0) {
            throw UnableToRead::fromPath($this->path, 'reading stopped with an error');
        }
        $bytes = '';
        while (strlen($bytes) < $length && ($piece = $this->read($length - strlen($bytes))) !== '') {
            $bytes .= $piece;
        }

        return $bytes;
    }

    public function stamp(): string
    {
        clearstatcache(true, $this->full);
        $stat = @stat($this->full) ?: ['size' => -1, 'mtime' => -1, 'ino' => -1];

        return "{$stat['size']} {$stat['mtime']} {$stat['ino']}";
    }

    public function bytes(): int
    {
        $stat = fstat($this->handle);

        return $stat === false ? 0 : $stat['size'];
    }

    public function close(): void
    {
        if (is_resource($this->handle)) {
            fclose($this->handle);
        }
    }
}
