<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Plan\FramesTaken;
use App\Models\Brief\Job;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Volume\Names;
use NorthSatchel\Wrap\TakenExposure;

/** Frames of a session folder; raw and jpeg of one name are one. */
final readonly class SessionFrames implements FramesTaken
{
    /** By when each was seen first. */
    public function since(Job $job, float $at): int
    {
        $paths = DB::table('session_files')
            ->join('session_folders', 'session_folders.id', '=', 'session_files.session_folder_id')
            ->where('session_folders.job_id', $job->id)
            ->where('seen_at', '>', $at)
            ->whereNotNull('whole_at')
            ->pluck('path');

        return $paths
            ->filter(static fn (string $path): bool => FrameKind::of($path) !== null)
            ->map(static fn (string $path): string => FrameKind::frameOf($path))
            ->unique()
            ->count();
    }

    /**
     * What was written whole, the first taken first, with the number of the file that shows it best; what was renamed counts once.
     *
     * @return list<TakenExposure>
     */
    public function taken(Job $job): array
    {
        $rows = DB::table('session_files')
            ->join('session_folders', 'session_folders.id', '=', 'session_files.session_folder_id')
            ->where('session_folders.job_id', $job->id)
            ->whereNotNull('whole_at')
            ->orderBy('is_gone')
            ->orderBy('session_files.id')
            ->get(['session_files.id', 'path', 'hash', 'taken_at', 'modified_at', 'is_gone'])
            ->filter(static fn (\stdClass $row): bool => FrameKind::of((string) $row->path) !== null);
        // Cameras' clocks are not mixed with the computer's.
        $isTold = $rows->whereNull('taken_at')->isEmpty();
        $exposures = $seen = [];
        foreach ($rows->groupBy(static fn (\stdClass $row): string => FrameKind::frameOf((string) $row->path)) as $name => $files) {
            $contents = array_values(array_map(strval(...), $files->pluck('hash')->filter()->all()));
            if ($files->every('is_gone') && array_intersect_key(array_flip($contents), $seen) !== []) {
                continue;
            }
            $seen += array_flip($contents);
            $shown = $files->first(static fn (\stdClass $row): bool => FrameKind::of((string) $row->path) === FrameKind::Jpeg) ?? $files->first();
            $exposures[] = new TakenExposure(
                (int) $shown->id,
                basename(Names::printable((string) $name)),
                (int) ($isTold ? $shown->taken_at : $shown->modified_at),
                $contents,
            );
        }
        usort($exposures, static fn (TakenExposure $a, TakenExposure $b): int => [$a->at, $a->name] <=> [$b->at, $b->name]);

        return $exposures;
    }

    /** Changes whenever what is written whole does. */
    public function stamp(Job $job): string
    {
        $row = DB::table('session_files')
            ->join('session_folders', 'session_folders.id', '=', 'session_files.session_folder_id')
            ->where('session_folders.job_id', $job->id)
            ->selectRaw('count(whole_at) as files, max(whole_at) as last, sum(is_gone) as gone')
            ->first();

        return "{$row?->files} {$row?->last} {$row?->gone}";
    }
}
