<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Copies\BagLayout;
use NorthSatchel\Volume\Entry;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\Lock;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;
use NorthSatchel\Volume\WritableFile;

/** A folder of this machine: a mounted card, a mounted drive, or a stand-in. */
class LocalVolume implements Volume
{
    private const DEEPEST = 64;

    /** What the file system called the root when work began: where that changes, another disk has come to stand there. */
    private ?string $identity;

    public function __construct(private readonly string $root)
    {
        $this->identity = self::identityOf($root);
    }

    /** @throws UnableToRead when the folder is not there or may not be read */
    public static function at(string $root): self
    {
        $real = realpath($root);
        if ($real === false || ! is_dir($real)) {
            throw UnableToRead::fromPath($root, 'there is no such folder');
        }
        if (! is_readable($real)) {
            throw UnableToRead::fromPath($root, 'it may not be read');
        }

        return new self($real);
    }

    public function root(): string
    {
        return $this->root;
    }

    public function entries(string $below = ''): iterable
    {
        yield from $this->below($below, 0);
    }

    public function kindOf(string $path): ?EntryKind
    {
        clearstatcache(true, $this->full($path));

        return LocalEntry::kind($this->full($path));
    }

    public function open(string $path): ReadableFile
    {
        $this->refuseLinks($path, static fn (string $why): UnableToRead => UnableToRead::fromPath($path, $why));
        if ($this->kindOf($path) !== EntryKind::File) {
            throw UnableToRead::fromPath($path, $this->kindOf($path) === null ? 'it is not there' : 'it is no plain file');
        }

        return LocalReadableFile::open($this->full($path), $path);
    }

    public function contents(string $path): string
    {
        $file = $this->open($path);
        try {
            $text = '';
            while (($piece = $file->read(1 << 20)) !== '') {
                $text .= $piece;
            }

            return $text;
        } finally {
            $file->close();
        }
    }

    public function create(string $path): WritableFile
    {
        $this->makeFolder(dirname($path));
        if ($this->kindOf($path) !== null) {
            throw UnableToWrite::becauseTaken($path);
        }

        return LocalWritableFile::create($this->full($path), $path);
    }

    public function rename(string $from, string $to): void
    {
        $this->makeFolder(dirname($to));
        if ($this->kindOf($to) !== null) {
            throw UnableToWrite::becauseTaken($to);
        }
        if (! @rename($this->full($from), $this->full($to))) {
            throw UnableToWrite::atPath($to, LocalEntry::lastError());
        }
    }

    public function putTagFile(string $path, string $contents): void
    {
        $this->refusePayload($path);
        $this->refuseAnotherDisk($path);
        $new = $path.BagLayout::PARTIAL;
        $this->removeOwn($new);
        $file = $this->create($new);
        $file->write($contents);
        $file->finish();
        if (! @rename($this->full($new), $this->full($path))) {
            throw UnableToWrite::atPath($path, LocalEntry::lastError());
        }
    }

    public function appendTagFile(string $path, string $contents): void
    {
        $this->refusePayload($path);
        $this->makeFolder(dirname($path));
        $this->refuseLinks($path, static fn (string $why): UnableToWrite => UnableToWrite::atPath($path, $why));
        LocalWritableFile::append($this->full($path), $path, $contents);
    }

    public function removeOwn(string $path): void
    {
        if (! str_ends_with($path, BagLayout::PARTIAL) && basename($path) !== BagLayout::UNFINISHED) {
            throw UnableToWrite::atPath($path, 'only unfinished copies of this program are removed');
        }
        if ($this->kindOf($path) !== null && ! @unlink($this->full($path))) {
            throw UnableToWrite::atPath($path, LocalEntry::lastError());
        }
    }

    public function makeFolder(string $path): void
    {
        $this->refuseLinks($path, static fn (string $why): UnableToWrite => UnableToWrite::atPath($path, $why));
        $this->refuseAnotherDisk($path);
        $full = $this->full($path);
        if (! is_dir($full) && ! @mkdir($full, 0777, true) && ! is_dir($full)) {
            throw UnableToWrite::atPath($path, LocalEntry::lastError());
        }
    }

    public function forgetCached(string $path): bool
    {
        return PageCache::forget($this->full($path));
    }

    public function lock(string $path): ?Lock
    {
        try {
            return LocalLock::of((self::identityOf($this->root) ?? $this->root).'/'.$path);
        } catch (\RuntimeException $e) {
            throw UnableToWrite::atPath($path, lcfirst($e->getMessage()));
        }
    }

    protected function full(string $path): string
    {
        return $path === '' || $path === '.' ? $this->root : $this->root.'/'.$path;
    }

    /**
     * @return iterable<Entry>
     *
     * @throws UnableToRead
     */
    private function below(string $folder, int $depth): iterable
    {
        $names = @scandir($this->full($folder), SCANDIR_SORT_ASCENDING);
        if ($names === false && $depth === 0) {
            throw UnableToRead::fromPath($folder === '' ? '.' : $folder, LocalEntry::lastError());
        }
        if ($names === false || $depth > self::DEEPEST) {
            yield new Entry($folder, EntryKind::Folder, 0, 0);

            return;
        }
        foreach ($names as $name) {
            if ($name === '.' || $name === '..') {
                continue;
            }
            $path = $folder === '' ? $name : $folder.'/'.$name;
            $kind = LocalEntry::kind($this->full($path));
            if ($kind === EntryKind::Folder) {
                yield from $this->below($path, $depth + 1);
            } elseif ($kind !== null) {
                $stat = @lstat($this->full($path)) ?: ['size' => 0, 'mtime' => 0];
                yield new Entry($path, $kind, $stat['size'], $stat['mtime']);
            }
        }
    }

    private static function identityOf(string $root): ?string
    {
        clearstatcache(true, $root);
        $stat = @stat($root);

        return $stat === false || ($stat['mode'] & 0170000) !== 0040000 ? null : "{$stat['dev']}:{$stat['ino']}";
    }

    /**
     * A drive that is pulled out, or unmounted while it is in use, leaves its folder behind, on the disk below.
     *
     * @throws UnableToWrite
     */
    private function refuseAnotherDisk(string $path): void
    {
        $now = self::identityOf($this->root);
        if ($now === null || $now !== ($this->identity ??= $now)) {
            throw UnableToWrite::becauseGone($path);
        }
    }

    /** @param  \Closure(string): \Throwable  $refusal */
    private function refuseLinks(string $path, \Closure $refusal): void
    {
        $walked = '';
        foreach (explode('/', $path) as $step) {
            if ($step === '..') {
                throw $refusal('it leads out of the volume');
            }
            $walked = $walked === '' ? $step : $walked.'/'.$step;
            if (is_link($this->full($walked))) {
                throw $refusal('a symbolic link stands in its way, and links are not followed');
            }
        }
    }

    private function refusePayload(string $path): void
    {
        if (str_contains('/'.$path, '/data/')) {
            throw UnableToWrite::atPath($path, 'payload is never replaced');
        }
    }
}
