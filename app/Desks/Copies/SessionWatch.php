<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Devices\AllowedRoots;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Devices\LocalVolume;
use App\Models\Copies\SessionFileRow;
use App\Models\Copies\SessionFolder;
use NorthSatchel\Copies\BagLayout;
use NorthSatchel\Copies\Session\SessionCopy;
use NorthSatchel\Copies\Session\Settling;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\PictureInspector;
use NorthSatchel\Volume\Entry;
use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\UnableToWrite;
use NorthSatchel\Volume\Volume;

/**
 * Looks at one session folder again and again: what is whole goes to the automatic drive, and what a person copied to the other one is
 * known by its content. The folder is opened for reading only.
 */
final class SessionWatch
{
    /** Copied a look, so that a full folder keeps nobody from seeing how far it is. */
    private const AT_ONCE = 40;

    private const TOLD = 3;

    private readonly Settling $settling;

    private readonly HandRoute $byHand;

    /** @var array<string, SessionFileRow> by path */
    private array $rows;

    /** @var array<string, float> by path, length and time */
    private array $enough = [];

    /** @var list<string> of this look */
    private array $problems = [];

    public function __construct(private readonly SessionFolder $folder)
    {
        $folder->loadMissing('job.place');
        $this->settling = new Settling();
        $this->byHand = new HandRoute();
        $this->rows = SessionFileRow::query()->where('session_folder_id', $folder->id)->get()->keyBy('path')->all();
    }

    /**
     * One look.
     *
     * @return int files that arrived on the automatic drive
     */
    public function look(float $now): int
    {
        $arrived = 0;
        $this->problems = [];
        try {
            $source = LocalVolume::at(AllowedRoots::now()->folder($this->folder->folder));
            $found = self::files($source);
            $this->notice($found);
            $arrived = $this->settle($source, $found, $now);
        } catch (FolderNotAllowed|UnableToRead|UnableToWrite $e) {
            $this->problems[] = $e->getMessage();
        }
        // The one route knows nothing of the other.
        try {
            $this->byHand->look($this->folder, $this->rows, $now);
        } catch (FolderNotAllowed|UnableToRead $e) {
            $this->problems[] = $e->getMessage();
        }
        $problem = $this->problems === [] ? null : implode(' ', array_slice($this->problems, 0, self::TOLD));
        if ($this->folder->problem !== $problem || (int) $this->folder->looked_at < (int) $now) {
            $this->folder->update(['problem' => $problem, 'looked_at' => (int) $now]);
        }

        return $arrived;
    }

    /**
     * @return array<string, Entry> by path
     *
     * @throws UnableToRead
     */
    public static function files(Volume $volume): array
    {
        $files = [];
        foreach ($volume->entries() as $entry) {
            if ($entry->kind === EntryKind::File && ! str_ends_with($entry->path, BagLayout::PARTIAL) && preg_match('//u', $entry->path) === 1) {
                $files[$entry->path] = $entry;
            }
        }

        return $files;
    }

    /**
     * @param  array<string, Entry>  $found
     *
     * @throws FolderNotAllowed
     * @throws UnableToRead
     * @throws UnableToWrite
     */
    private function settle(LocalVolume $source, array $found, float $now): int
    {
        $copy = null;
        $arrived = 0;
        foreach ($found as $path => $file) {
            $row = $this->rows[$path] ?? null;
            $isAsKnown = $row !== null && $row->bytes === $file->bytes && $row->modified_at === $file->modifiedAt;
            if (($isAsKnown && $row->automatic_at !== null) || $arrived === self::AT_ONCE) {
                continue;
            }
            if (! $isAsKnown) {
                $row = $this->rows[$path] = $this->met($path, $file, $row, (int) $now);
            }
            $still = $this->settling->still($path, $file->bytes, $file->modifiedAt, $now);
            if ($still < Settling::LEAST_S || $still < $this->enoughS($source, $file)) {
                continue;
            }
            $copy ??= new SessionCopy($source, Devices::placeForCopies($this->folder->automatic), self::folderName($this->folder));
            $isStill = fn (): bool => self::isStill($source, $file);
            try {
                $hash = $this->renamed($source, $file, $found) ?? $copy->bring($path, $isStill);
            } catch (UnableToRead $e) {
                // One file that cannot be read keeps no other from its copy.
                $this->problems[] = $e->getMessage();

                continue;
            }
            if ($hash !== null && $isStill()) {
                $row->update([
                    'hash' => $hash,
                    'whole_at' => $row->whole_at ?? (int) $now,
                    'automatic_at' => (int) $now,
                    'taken_at' => $this->takenAt($source, $path),
                ]);
                $this->settling->forget($path);
                unset($this->enough["{$path} {$file->bytes} {$file->modifiedAt}"]);
                $arrived++;
            }
        }

        return $arrived;
    }

    /** A file that is new, or other than it was: what was known of it holds no longer. */
    private function met(string $path, Entry $file, ?SessionFileRow $row, int $now): SessionFileRow
    {
        $fields = [
            'bytes' => $file->bytes,
            'modified_at' => $file->modifiedAt,
            'hash' => null,
            'seen_at' => $row->seen_at ?? $now,
            'whole_at' => null,
            'automatic_at' => null,
            'by_hand_at' => null,
            'is_gone' => false,
        ];

        return SessionFileRow::query()->updateOrCreate(['session_folder_id' => $this->folder->id, 'path' => $path], $fields);
    }

    /** How long it has to stand still by what its content says; looked into once for each length and time that it has. */
    private function enoughS(LocalVolume $source, Entry $file): float
    {
        $key = "{$file->path} {$file->bytes} {$file->modifiedAt}";

        return $this->enough[$key] ??= Settling::enoughS(
            FrameKind::of($file->path) === null ? null : PictureInspector::judge($source, $file->path, 0)[0],
        );
    }

    private function takenAt(LocalVolume $source, string $path): ?int
    {
        $exif = FrameKind::of($path) === null ? null : PictureInspector::exif($source, $path);
        $zone = new \DateTimeZone($this->folder->job->place->timezone);

        return $exif?->instant($exif->clock === null ? 0 : $zone->getOffset(new \DateTimeImmutable('@'.$exif->clock)));
    }

    private static function isStill(LocalVolume $source, Entry $file): bool
    {
        $full = "{$source->root()}/{$file->path}";
        clearstatcache(true, $full);

        return is_file($full) && filesize($full) === $file->bytes && filemtime($full) === $file->modifiedAt;
    }

    /**
     * The hash of a file that lay here under another name, and is on the drive under that; null where it is new.
     *
     * @param  array<string, Entry>  $found
     *
     * @throws UnableToRead
     */
    private function renamed(Volume $source, Entry $file, array $found): ?string
    {
        $hash = null;
        foreach ($this->rows as $path => $row) {
            if ($row->bytes === $file->bytes && $row->automatic_at !== null && ! isset($found[$path])) {
                $hash ??= SessionCopy::hash($source, $file->path);
                if ($row->hash === $hash) {
                    return $hash;
                }
            }
        }

        return null;
    }

    /** @param  array<string, Entry>  $found */
    private function notice(array $found): void
    {
        foreach ($this->rows as $path => $row) {
            if ($row->is_gone === isset($found[$path])) {
                $row->update(['is_gone' => ! isset($found[$path])]);
            }
        }
    }

    /** Where the automatic route puts it: a folder named as the session's. */
    public static function folderName(SessionFolder $folder): string
    {
        return 'session-'.(preg_replace('/[^\p{L}\p{N}._-]+/u', '-', basename($folder->folder)) ?: (string) $folder->id);
    }
}
