<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Scout\GroundDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Scout\GroundRecord;
use Illuminate\Support\Collection;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Posts\CoverPage;
use NorthSatchel\Plan\Posts\GroundCover;
use NorthSatchel\Plan\Posts\PlayedPeriod;
use NorthSatchel\Plan\Posts\PostJudge;
use NorthSatchel\Plan\Posts\PostStop;
use NorthSatchel\Plan\Posts\Shooter;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdicts;

/** Who stands where in which period of an event. */
final readonly class CoverDesk
{
    /** @var \WeakMap<Job, array<int, array<string, PostStop>>> worked out once for a job as it was opened */
    private \WeakMap $stops;

    /** @var \WeakMap<Job, GroundCover> */
    private \WeakMap $covers;

    public function __construct(private GroundDesk $grounds, private ReachAtHand $reach)
    {
        $this->stops = new \WeakMap();
        $this->covers = new \WeakMap();
    }

    /** The ground of the place that a job is at; null where none was drawn. */
    public function ground(Job $job): ?GroundRecord
    {
        return $this->grounds->of($job->place_id);
    }

    /** @return Collection<int, Segment> of the job at that place, in the order of time */
    public function segments(Job $job): Collection
    {
        return $job->segments
            ->filter(static fn (Segment $s): bool => ($s->place->id ?? $job->place_id) === $job->place_id)
            ->sortBy([['day', 'asc'], ['start_clock', 'asc']])
            ->values();
    }

    public function cover(Job $job, GroundRecord $ground): GroundCover
    {
        return $this->covers[$job] ??= $this->coverOf($job, $ground);
    }

    private function coverOf(Job $job, GroundRecord $ground): GroundCover
    {
        $periods = $this->segments($job)->whereNotNull('cover')->values();
        $lanes = $periods->flatMap(static fn (Segment $s): array => $s->lanes())->unique()->all();
        $reaches = array_intersect_key($this->reach->reaches($job), array_flip($lanes));

        return new GroundCover(
            GroundDesk::read($ground),
            array_values($periods->map(static fn (Segment $s): PlayedPeriod => self::period($job, $s))->all()),
            array_values($reaches),
            $periods->mapWithKeys(static fn (Segment $s): array => [$s->id => $s->cover['hand'] ?? []])->all(),
        );
    }

    /** @return list<string> photographers of the periods who carry no lens */
    public function withoutLens(Job $job, GroundCover $cover): array
    {
        $lanes = $this->segments($job)->whereNotNull('cover')->flatMap(static fn (Segment $s): array => $s->lanes());

        return array_values(array_diff($lanes->unique()->all(), array_map(static fn (Shooter $s): string => $s->id, $cover->shooters)));
    }

    /** Of a job that has a ground and periods on it; else nothing. @param  PlannedDay|null  $otherwise  a day of it that is planned otherwise */
    public function verdicts(Job $job, ?PlannedDay $otherwise = null): Verdicts
    {
        $ground = $job->segments->whereNotNull('cover')->isEmpty() ? null : $this->ground($job);

        try {
            $cover = $ground === null ? null : $this->cover($job, $ground);
            $cover = $otherwise === null ? $cover : $cover?->on($otherwise);

            return $cover === null ? new Verdicts() : PostJudge::of($cover, $job->id);
        } catch (ImpossibleValue) {
            // The ground says beside its field what cannot be read.
            return new Verdicts();
        }
    }

    /** Null where there is nothing to be worked out yet, or where it cannot be. */
    public function page(GroundCover $cover, float $aloneMm): ?CoverPage
    {
        try {
            $best = $cover->isAsked() ? $cover->best() : null;
        } catch (ImpossibleValue) {
            return null;
        }

        return $best === null ? null : new CoverPage($best, $cover->byHand($best), $cover->gains($best, $aloneMm));
    }

    public function isPeriodMarked(Job $job): bool
    {
        return $this->segments($job)->whereNotNull('cover')->isNotEmpty();
    }

    /** @return array<int, array<string, PostStop>> by segment and photographer, as chosen and else as worked out */
    public function stops(Job $job): array
    {
        return $this->stops[$job] ??= $this->worked($job);
    }

    /** @return array<int, array<string, PostStop>> */
    private function worked(Job $job): array
    {
        $ground = $this->isPeriodMarked($job) ? $this->ground($job) : null;
        try {
            $cover = $ground === null ? null : $this->cover($job, $ground);
            $best = $cover?->isAsked() ? $cover->best() : null;
        } catch (ImpossibleValue) {
            return [];
        }
        $stops = [];
        foreach ($best === null ? [] : (new CoverPage($best, $cover->byHand($best), []))->days($cover) as $day) {
            foreach ($day->stops as $stop) {
                $stops[$stop->period->segment][$day->shooter->id] = $stop;
            }
        }

        return $stops;
    }

    /** @return array<int, array<string, string>> by segment and photographer: the post, and where one goes when the action moves */
    public function posts(Job $job): array
    {
        return array_map(static fn (array $of): array => array_map(
            static fn (PostStop $s): string => $s->post->name.($s->move === null ? '' : " ({$s->move})"), $of,
        ), $this->stops($job));
    }

    /**
     * The last job at the same ground, and where everybody stood.
     *
     * @return array<string, array<string, string>> by the title of the period, posts by photographer; none where there was none
     */
    public function lastTime(Job $job): array
    {
        $last = Job::query()
            ->where('place_id', $job->place_id)
            ->where('date', '<', $job->date)
            ->whereHas('segments', static fn ($query) => $query->whereNotNull('cover'))
            ->orderByDesc('date')
            ->first();
        $opened = $last === null ? null : BriefDesk::open($last->id);
        $stood = [];
        foreach ($opened === null ? [] : $this->posts($opened) as $segment => $posts) {
            $stood[(string) $opened->segments->firstWhere('id', $segment)?->title] = $posts;
        }

        return $stood;
    }

    public static function period(Job $job, Segment $segment): PlayedPeriod
    {
        $clock = ClockTime::of($segment->start_clock);

        return new PlayedPeriod(
            $segment->id,
            $segment->title,
            JobDay::of($job, $segment->day)->instantOf($clock),
            $segment->minutes,
            $clock->minutes + $segment->minutes,
            array_map(intval(...), $segment->cover['worth'] ?? []),
            $segment->lanes(),
            array_values($segment->shotLines->where('priority', Priority::Must->value)->pluck('what')->all()),
            $segment->is_outdoor,
            $segment->day,
        );
    }

    /**
     * Which segments are periods.
     *
     * @param  list<int>  $ids
     */
    public function mark(Job $job, array $ids): void
    {
        foreach ($this->segments($job) as $segment) {
            $is = in_array($segment->id, $ids, true);
            if ($is !== ($segment->cover !== null)) {
                $segment->update(['cover' => $is ? ['worth' => [], 'hand' => []] : null]);
            }
        }
    }

    /**
     * What each zone is worth in each period, and who was chosen for which post; what is not given stays.
     *
     * @param  array<int, array<string, int>>  $worth  by segment and zone
     * @param  array<int, array<string, string|null>>  $hand  by segment and photographer
     */
    public function choose(Job $job, array $worth, array $hand): void
    {
        foreach ($this->segments($job)->whereNotNull('cover') as $segment) {
            $segment->update(['cover' => [
                'worth' => $worth[$segment->id] ?? $segment->cover['worth'] ?? [],
                'hand' => array_filter(
                    $hand[$segment->id] ?? $segment->cover['hand'] ?? [],
                    static fn (?string $post): bool => $post !== null && $post !== '',
                ),
            ]]);
        }
    }

    /**
     * The proven cover becomes the chosen one.
     *
     * @throws ImpossibleValue when there is none
     */
    public function take(Job $job): void
    {
        $ground = $this->ground($job);
        if ($ground === null) {
            return;
        }
        $cover = $this->cover($job, $ground);
        $best = $cover->best();
        $hand = $worth = [];
        foreach ($cover->periods as $period) {
            $hand[$period->segment] = $best->at($period->key());
            $worth[$period->segment] = $period->worth;
        }
        $this->choose($job, $worth, $hand);
    }
}
