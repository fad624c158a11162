<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\WritableFile;

/** A new file of this machine; it never opens one that exists. */
final class LocalWritableFile implements WritableFile
{
    /** So much is gathered before the medium is told to begin. */
    private const AHEAD = 4 << 20;

    private int $written = 0;

    private int $begun = 0;

    /** @param  resource  $handle */
    private function __construct(private $handle, private readonly string $path, private readonly string $full) {}

    /** @throws UnableToWrite */
    public static function create(string $full, string $path): self
    {
        $handle = @fopen($full, 'xb');
        if ($handle === false) {
            throw UnableToWrite::atPath($path, self::reason());
        }
        stream_set_write_buffer($handle, 0);

        return new self($handle, $path, $full);
    }

    /** @throws UnableToWrite */
    public static function append(string $full, string $path, string $contents): void
    {
        $handle = @fopen($full, 'ab');
        if ($handle === false) {
            throw UnableToWrite::atPath($path, self::reason());
        }
        $file = new self($handle, $path, $full);
        $file->write($contents);
        $file->finish();
    }

    public function write(string $bytes): void
    {
        $written = @fwrite($this->handle, $bytes);
        if ($written !== strlen($bytes)) {
            throw self::reason() === 'no space left on device'
                ? UnableToWrite::becauseFull($this->path)
                : UnableToWrite::atPath($this->path, self::reason());
        }
        $this->written += $written;
        if ($this->written - $this->begun >= self::AHEAD) {
            PageCache::beginWriting($this->full, $this->begun, $this->written - $this->begun);
            $this->begun = $this->written;
        }
    }

    public function finish(): void
    {
        $safe = fflush($this->handle) && fsync($this->handle);
        if (! fclose($this->handle) || ! $safe) {
            throw UnableToWrite::atPath($this->path, 'it did not reach the medium');
        }
    }

    public function abandon(): void
    {
        if (is_resource($this->handle)) {
            fclose($this->handle);
        }
    }

    private static function reason(): string
    {
        $message = error_get_last()['message'] ?? 'the system gave no reason';
        $parts = [];
        if (preg_match('/errno=\d+ (.*)$/', $message, $parts) === 1) {
            return lcfirst($parts[1]);
        }

        return lcfirst(trim((string) preg_replace('/^.*: /', '', $message)));
    }
}
