<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Brief\NamedHour;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Plan\Judge\WalkJudge;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Plan\Shots\SegmentShots;
use NorthSatchel\Plan\Shots\ShotPlacer;
use NorthSatchel\Plan\Shots\ShotTimes;
use NorthSatchel\Plan\Shots\SunOrder;
use NorthSatchel\Plan\Shots\TimedShot;
use NorthSatchel\SceneKind;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;

/** What is done to a shot list: lines under segments and free ones, placed and moved. */
final class ShotDesk
{
    /** @param  array<string, mixed>  $fields */
    public function add(Segment $segment, array $fields): ShotLine
    {
        return $segment
            ->shotLines()
            ->create([...$fields, 'job_id' => $segment->job_id, 'position' => 1 + (int) $segment->shotLines()->max('position')]);
    }

    public function moveTo(ShotLine $line, Segment $segment): void
    {
        if ($line->segment_id !== $segment->id) {
            $line->update(['segment_id' => $segment->id, 'position' => 1 + (int) $segment->shotLines()->max('position')]);
        }
    }

    /** @param  array<string, mixed>  $fields */
    public function addFree(Job $job, array $fields): ShotLine
    {
        return $job->freeShots()->create([...$fields, 'position' => 1 + (int) $job->freeShots()->max('position')]);
    }

    /** Gives the free lines to the segments that their words name. */
    public function placeFree(Job $job): int
    {
        $segments = self::places($job);

        return $job->freeShots->filter(fn (ShotLine $line): bool => $this->place($job, $line, $segments) !== null)->count();
    }

    /**
     * The segment that its words name takes it; null where none does.
     *
     * @param  array<int, SegmentShots>|null  $segments  by id, where they are at hand
     */
    public function place(Job $job, ShotLine $line, ?array $segments = null): ?Segment
    {
        $id = ShotPlacer::place($line->what, null, $segments ?? self::places($job), self::hourOf($job, $line->what));
        $segment = $id === null ? null : $job->segments->firstOrFail('id', $id);
        if ($segment !== null) {
            $this->put($line, $segment, null);
        }

        return $segment;
    }

    /**
     * Time of their own for the musts that no segment holds, or for one of them.
     *
     * @param  array<string, mixed>  $given  lane, date, start_clock and minutes; shot: the id of the one
     */
    public function segmentForFree(Job $job, array $given): Segment
    {
        $musts = $job->freeShots->where('priority', Priority::Must->value);
        $one = $musts->firstWhere('id', (int) ($given['shot'] ?? 0));
        $segment = $job->segments()->create([
            'title' => $one === null ? 'Musts of the list' : mb_substr($one->what, 0, 60),
            'lane' => $given['lane'],
            'day' => max(0, (int) round((strtotime((string) $given['date']) - strtotime($job->date)) / 86400)),
            'start_clock' => $given['start_clock'],
            'minutes' => $given['minutes'],
            'priority' => Priority::Must->value,
            'is_outdoor' => $one !== null && ShotHourJudge::isOutdoors($one->what),
        ]);
        $without = $musts->filter(static fn (ShotLine $l): bool => self::hourOf($job, $l->what) === null && ! ShotHourJudge::wantsAnHour($l->what));
        foreach ($one === null ? $without : [$one] as $line) {
            $this->put($line, $segment, null);
        }

        return $segment;
    }

    /** Swaps a shot with its neighbour. */
    public function move(ShotLine $line, bool $isUp): void
    {
        $ids = $this->siblings($line)->pluck('id')->all();
        $at = (int) array_search($line->id, $ids, true);
        $to = $isUp ? $at - 1 : $at + 1;
        if (isset($ids[$to])) {
            [$ids[$at], $ids[$to]] = [$ids[$to], $ids[$at]];
            $this->order(array_values($ids));
        }
    }

    /** Puts a shot into a segment, before one of its lines, or at the end. */
    public function put(ShotLine $line, Segment $segment, ?int $beforeId): void
    {
        DB::transaction(function () use ($line, $segment, $beforeId): void {
            $line->update(['segment_id' => $segment->id]);
            $ids = array_values(array_filter($this->siblings($line)->pluck('id')->all(), static fn (int $id): bool => $id !== $line->id));
            $at = $beforeId === null ? false : array_search($beforeId, $ids, true);
            array_splice($ids, $at === false ? count($ids) : $at, 0, [$line->id]);
            $this->order($ids);
        });
    }

    /** Puts the scenes of a segment in the order of the sun. */
    public function followTheSun(Segment $segment, bool $isFalling): void
    {
        $this->order(
            SunOrder::sorted(
                $segment->shotLines->map(static fn (ShotLine $l): LitLine => new LitLine($l->id, $l->light, $l->what))->values()->all(),
                $isFalling,
            ),
        );
    }

    /** @return \Illuminate\Support\Collection<int, ShotLine> the lines of its segment, or the free ones, in order */
    private function siblings(ShotLine $line): \Illuminate\Support\Collection
    {
        return ShotLine::query()
            ->where('segment_id', $line->segment_id)
            ->where('job_id', $line->job_id)
            ->orderBy('position')
            ->orderBy('id')
            ->get();
    }

    /** @param  list<int>  $ids */
    private function order(array $ids): void
    {
        DB::transaction(static function () use ($ids): void {
            foreach ($ids as $index => $id) {
                ShotLine::query()
                    ->whereKey($id)
                    ->update(['position' => $index + 1]);
            }
        });
    }

    /** The hour that a line names, in minutes since midnight of the job's day. */
    public static function hourOf(Job $job, string $what): ?int
    {
        return NamedHour::in($what, ClockTime::of($job->covered_from)->minutes, ClockTime::of($job->covered_to)->minutes);
    }

    /**
     * When each shot of a segment comes, on the clock; empty where nobody knows.
     *
     * @param  list<int>  $done  ids of shots that take no more time
     * @return list<string>
     */
    public static function times(Job $job, Segment $segment, LocalDay $day, array $done): array
    {
        $from = $day->instantOf(ClockTime::of($segment->start_clock));
        $shots = array_values($segment->shotLines->map(static fn (ShotLine $l): TimedShot => new TimedShot(
            in_array($l->id, $done, true) ? 0 : $l->minutes * 60,
            self::named($day, self::hourOf($job, $l->what)),
            WalkJudge::isOnTheWay($l->what, $l->minutes),
        ))->all());
        $times = ShotTimes::of($from, $from + $segment->minutes * 60, $shots, SceneKind::isPlayed($segment->title, $job->kind));

        return array_map(static fn (?int $at): string => $at === null ? '' : $day->face($at), $times);
    }

    private static function named(LocalDay $day, ?int $minutes): ?int
    {
        try {
            return $minutes === null ? null : $day->instantOf(ClockTime::ofMinutes($minutes));
        } catch (ImpossibleValue) {
            // The clock skips it on that day.
            return null;
        }
    }

    /** @return array<int, SegmentShots> by id, in the order of time */
    public static function places(Job $job): array
    {
        $segments = [];
        foreach ($job->segments->sortBy([['day', 'asc'], ['start_clock', 'asc'], ['id', 'asc']]) as $segment) {
            $segments[$segment->id] = new SegmentShots(
                $segment->title,
                array_values($segment->shotLines->map(static fn (ShotLine $l): string => $l->what)->all()),
                $from = ClockTime::of($segment->start_clock)->minutes,
                $from + $segment->minutes,
                SceneKind::isPlayed($segment->title, $job->kind),
            );
        }

        return $segments;
    }
}
