<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Plan\ShotSet;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Plan\Viewpoint\SceneCount;
use NorthSatchel\Plan\Viewpoint\ShotView;

/** Shots of a scene that are kept for other jobs, and taken over from them. */
final class ShotSetDesk
{
    /** What of a line is worth keeping for another job. */
    private const REUSED = [
        'what', 'priority', 'minutes', 'frames', 'focal_mm', 'distance', 'height', 'side', 'light', 'cue',
        'cue_seconds', 'prompt', 'empty_percent',
    ];

    public function __construct(private readonly ShotDesk $shots) {}

    /**
     * @return Collection<int, ShotSet> those of the job's kind first
     */
    public function sets(Job $job): Collection
    {
        return ShotSet::query()
            ->orderByRaw('kind = ? desc', [$job->kind->value])
            ->orderBy('name')
            ->get();
    }

    /** @throws ValidationException when the segment has no shots, or the name is taken */
    public function keepSet(Segment $segment, string $name): ShotSet
    {
        if ($segment->shotLines->isEmpty() || ShotSet::query()->where('name', $name)->exists()) {
            throw ValidationException::withMessages([
                'set_name' => $segment->shotLines->isEmpty()
                    ? 'This segment has no shots to keep.'
                    : 'There is a set of that name already.',
            ]);
        }

        return ShotSet::query()->create([
            'name' => $name,
            'kind' => $segment->job->kind->value,
            'lines' => $segment->shotLines->map(static fn (ShotLine $l): array => $l->only(self::REUSED))->values()->all(),
        ]);
    }

    /** @return SceneCount what was taken over makes up together */
    public function addSet(Segment $segment, ShotSet $set): SceneCount
    {
        return DB::transaction(fn (): SceneCount => SceneCount::of(
            array_map(
                fn (array $line): ShotView => ShotJudgement::view(
                    $this->shots->add($segment, array_intersect_key($line, array_flip(self::REUSED))),
                    $segment->title,
                ),
                array_values($set->lines),
            ),
        ));
    }
}
