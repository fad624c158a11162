<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Devices\LocalVolume;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\WritableFile;

/** A simulated drive: a folder with a size, which can fill up, or be pulled out after some bytes. */
final class StandInDrive extends LocalVolume
{
    private int $written = 0;

    private int $used = 0;

    /** @param  int|null  $goneAfterBytes pulled out once so much was written to it */
    private function __construct(string $root, private readonly int $bytes, private readonly ?int $goneAfterBytes)
    {
        parent::__construct($root);
        foreach ($this->entries() as $entry) {
            $this->used += $entry->bytes;
        }
    }

    /** Reads the drive's size and faults from the note beside its folder. */
    public static function plugIn(string $folder): self
    {
        $note = self::note($folder);

        return new self(
            $folder,
            (int) (($note['size_mb'] ?? 4000) * 1_000_000),
            isset($note['gone_after_mb']) ? (int) ($note['gone_after_mb'] * 1_000_000) : null,
        );
    }

    /** The disk that it is, or a partition of. */
    public static function diskOf(string $folder): string
    {
        return (string) (self::note($folder)['disk'] ?? basename($folder));
    }

    /** @return array<string, mixed> */
    private static function note(string $folder): array
    {
        $note = is_file($folder.'.json') ? json_decode((string) file_get_contents($folder.'.json'), true) : [];

        return is_array($note) ? $note : [];
    }

    /** @param  string|null  $disk  that it is a partition of; one of its own where none is named */
    public static function make(string $folder, int $sizeMb, ?float $goneAfterMb = null, ?string $disk = null): void
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0777, true);
        }
        file_put_contents(
            $folder.'.json',
            json_encode(
                array_filter(
                    ['size_mb' => $sizeMb, 'gone_after_mb' => $goneAfterMb, 'disk' => $disk],
                    static fn (mixed $v): bool => $v !== null,
                ),
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    public function create(string $path): WritableFile
    {
        return new MeteredFile(parent::create($path), fn (int $bytes) => $this->meter($bytes, $path));
    }

    private function meter(int $bytes, string $path): void
    {
        $this->written += $bytes;
        $this->used += $bytes;
        if ($this->goneAfterBytes !== null && $this->written > $this->goneAfterBytes) {
            throw UnableToWrite::becauseGone($path);
        }
        if ($this->used > $this->bytes) {
            throw UnableToWrite::becauseFull($path);
        }
    }
}
