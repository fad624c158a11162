<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Brief\BriefDesk;
use App\Devices\AllowedRoots;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Devices\LocalVolume;
use App\Models\Brief\Job;
use App\Models\Copies\Destination;
use App\Models\Copies\SessionFileRow;
use App\Models\Copies\SessionFolder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Copies\Digest;
use NorthSatchel\Copies\Session\SessionFile;
use NorthSatchel\Copies\Session\SessionJudge;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Picture\Raw;
use NorthSatchel\Picture\TextBytes;
use NorthSatchel\Verdicts;
use NorthSatchel\Volume\UnableToRead;

/** The folder that a capture program writes into, and on which drives its files lie. */
final readonly class SessionDesk
{
    public function __construct(private Places $places) {}

    public function of(Job $job): ?SessionFolder
    {
        $folder = SessionFolder::query()->where('job_id', $job->id)->first();
        $folder?->setRelation('automatic', $this->places->get($folder->automatic_id));
        $folder?->setRelation('byHand', $this->places->get($folder->by_hand_id));

        return $folder;
    }

    /** @return list<SessionFile> the newest first, without names that were gone before they were whole */
    public function files(SessionFolder $folder): array
    {
        $files = [];
        $rows = DB::table('session_files')
            ->where('session_folder_id', $folder->id)
            ->whereNot(static fn (Builder $q): Builder => $q->where('is_gone', true)->whereNull('whole_at'));
        foreach ($rows->orderByDesc('seen_at')->orderByDesc('id')->get() as $row) {
            $files[] = new SessionFile(
                (string) $row->path,
                (int) $row->bytes,
                (int) $row->seen_at,
                $row->whole_at === null ? null : (int) $row->whole_at,
                $row->automatic_at === null ? null : (int) $row->automatic_at,
                $row->by_hand_at === null ? null : (int) $row->by_hand_at,
                (bool) $row->is_gone,
            );
        }

        return $files;
    }

    /** @param  list<SessionFile>  $files */
    public function judge(SessionFolder $folder, array $files): SessionJudge
    {
        return new SessionJudge(
            $files,
            60 * $folder->allowed_minutes,
            $folder->looked_at,
            $folder->problem,
            self::isOneMedium($folder),
            $folder->is_watched,
            (int) now()->format('U'),
        );
    }

    /** Whether both drives are one medium, as far as is known; of a drive that is away nothing is said. */
    private static function isOneMedium(SessionFolder $folder): bool
    {
        try {
            return Devices::mediumOf($folder->automatic)->isSameAs(Devices::mediumOf($folder->byHand));
        } catch (FolderNotAllowed) {
            return false;
        }
    }

    /**
     * Keeps a folder as it was typed.
     *
     * @throws ValidationException naming the field
     */
    public function keep(SessionFolder $record): void
    {
        try {
            $record->folder = AllowedRoots::now()->folder($record->folder);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(['folder' => $e->getMessage()]);
        }
        foreach ([$record->automatic_id, $record->by_hand_id] as $id) {
            $drive = Destination::query()->find($id);
            $real = $drive === null ? false : realpath($drive->folder);
            if ($real !== false && self::overlap($real, $record->folder)) {
                throw ValidationException::withMessages([
                    'folder' => "It and the drive {$drive?->name} lie one in the other: a copy there is no copy.",
                ]);
            }
        }
        $known = SessionFileRow::query()->where('session_folder_id', $record->exists ? $record->id : 0);
        if ($record->isDirty('folder') && $known->exists()) {
            throw ValidationException::withMessages([
                'folder' => "Files of {$record->getOriginal('folder')} are known: one job has one session folder, with folders in it.",
            ]);
        }
        // Of another drive nothing was seen yet.
        $unseen = array_filter(['automatic_at' => 'automatic_id', 'by_hand_at' => 'by_hand_id'], $record->isDirty(...));
        if ($record->exists && $unseen !== []) {
            $known->update(array_map(static fn (): null => null, $unseen));
        }
        $record->save();
    }

    private static function overlap(string $a, string $b): bool
    {
        return str_starts_with("{$a}/", rtrim($b, '/').'/') || str_starts_with("{$b}/", rtrim($a, '/').'/');
    }

    /** A file of a session as it was written, from the folder, else from the drive of the automatic route; null where neither is at hand. */
    public function bytes(SessionFileRow $row): ?string
    {
        $folder = SessionFolder::query()->with(['automatic', 'byHand'])->findOrFail($row->session_folder_id);
        foreach ([
            static fn (): string => LocalVolume::at(AllowedRoots::now()->folder($folder->folder))->contents($row->path),
            static fn (): string => Devices::destination($folder->automatic)->contents(SessionWatch::folderName($folder)."/{$row->path}"),
        ] as $read) {
            try {
                $bytes = $read();
                if ($row->hash === null || Digest::ofText($bytes) === $row->hash) {
                    return $bytes;
                }
            } catch (FolderNotAllowed|UnableToRead) {
                continue;
            }
        }

        return null;
    }

    /** A jpeg that shows a file of a session: itself, or the one that its raw carries, '' where it carries none; null where it is not here. */
    public function shownBytes(SessionFileRow $row): ?string
    {
        $bytes = $this->bytes($row);

        return $bytes === null || FrameKind::of($row->path) === FrameKind::Jpeg ? $bytes : Raw::preview(new TextBytes($bytes)) ?? '';
    }

    /** Of a job with a session folder; else nothing. */
    public function verdicts(Job $job): Verdicts
    {
        $folder = BriefDesk::has($job, 'session') ? $this->of($job) : null;

        return $folder === null ? new Verdicts() : $this->judge($folder, $this->files($folder))->verdicts();
    }
}
