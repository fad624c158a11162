<?php

declare(strict_types=1);

namespace App\Desks\Plan;

/** A plan as its rows stand at one moment, with what is typed as lists and known of its places: what a way back leads to. */
final readonly class PlanSnapshot
{
    /**
     * @param  list<array<string, mixed>>  $segments  rows, those that were taken away too
     * @param  list<array<string, mixed>>  $shots
     * @param  list<array<string, mixed>>  $jobs  what of the job goes back with its plan
     * @param  array<string, list<array<string, mixed>>>  $places  rows by table
     * @param  array<string, list<array<string, mixed>>>  $lists  rows by table
     */
    public function __construct(public array $segments, public array $shots, public array $jobs, public array $places, public array $lists) {}

    public function isSameAs(self $other): bool
    {
        return $this->rows() === $other->rows();
    }

    /** What a segment or a shot of it is called; null for one that it does not have. */
    public function called(int $segmentId, int $shotId): ?string
    {
        $titles = array_column($this->segments, 'title', 'id');
        $shots = array_column($this->shots, 'what', 'id');
        $found = $titles[$segmentId] ?? $shots[$shotId] ?? null;

        return is_string($found) ? $found : null;
    }

    /** @return array<string, mixed> as it is stored */
    public function rows(): array
    {
        return [
            'is_whole' => true,
            'segments' => $this->segments,
            'shots' => $this->shots,
            'jobs' => $this->jobs,
            'places' => $this->places,
            'lists' => $this->lists,
        ];
    }
}
