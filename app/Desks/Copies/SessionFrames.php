<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Plan\FramesTaken;
use App\Models\Brief\Job;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Picture\FrameKind;

/** Frames of a session folder, by when each was seen first; raw and jpeg of one name are one. */
final readonly class SessionFrames implements FramesTaken
{
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
}
