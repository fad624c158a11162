<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Job;
use App\Models\Place;
use App\Models\Segment as StoredSegment;
use App\Models\ShotLine;
use App\Models\Travel;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\ClockTime;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\DayRuler;
use NorthSatchel\Plan\LocalDay;
use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Priority;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\ShotText;
use NorthSatchel\Plan\Template\DayTemplate;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\Viewpoint\ShotView;
use NorthSatchel\Plan\Viewpoint\ViewpointJudge;
use NorthSatchel\Plan\Welfare;
use NorthSatchel\Scout\GeoPoint;
use NorthSatchel\Scout\SunDay;
use NorthSatchel\Verdicts;

/** Plan: the timed day. */
final class PlanDesk
{
    private ?Travels $travels = null;

    /** @var array<int, PlannedDay> by job id, for this request */
    private array $days = [];

    public function day(Job $job): PlannedDay
    {
        return $this->days[$job->id] ??= $this->build($job);
    }

    public function verdicts(Job $job): Verdicts
    {
        $views = [];
        foreach ($job->segments as $segment) {
            foreach ($segment->shotLines as $line) {
                $views[] = new ShotView($segment->title, $line->distance, $line->height, $line->side);
            }
        }

        return PlanJudge::of($this->day($job))->with(Welfare::of($this->day($job)))->with(ViewpointJudge::of($views));
    }

    public function ruler(Job $job): DayRuler
    {
        $day = $this->day($job);

        return DayRuler::of(
            $day,
            self::point($job->place),
            $day->day->instantOf(ClockTime::of($job->covered_from)),
            $day->day->instantOf(ClockTime::of($job->covered_to)),
        );
    }

    /**
     * The day as a list: segments in the order of time, each shot with the time its segment gives it.
     *
     * @return list<array{segment: StoredSegment, from: string, to: string, slack: int|null, leaveAt: string|null, leaveBy: string|null, shots: list<array{line: ShotLine, at: string}>, shotMinutes: int, frames: int}>
     */
    public function list(Job $job): array
    {
        $day = self::localDay($job);
        $passes = DayPasses::of($this->day($job));
        $leave = $passes->leaveAt();
        $latest = $passes->leaveBy();
        $rows = [];
        foreach ($job->segments->sortBy([['start_clock', 'asc'], ['lane', 'asc'], ['id', 'asc']]) as $segment) {
            $start = $day->instantOf(ClockTime::of($segment->start_clock));
            $at = $start;
            $shots = [];
            foreach ($segment->shotLines as $line) {
                $shots[] = ['line' => $line, 'at' => $day->face($at)];
                $at += $line->minutes * 60;
            }
            $rows[] = [
                'segment' => $segment,
                'from' => $day->face($start),
                'to' => $day->face($start + $segment->minutes * 60),
                'slack' => $passes->slack($segment->id),
                'leaveAt' => isset($leave[$segment->id]) ? $day->face($leave[$segment->id]) : null,
                'leaveBy' => isset($latest[$segment->id]) ? $day->face($latest[$segment->id]) : null,
                'shots' => $shots,
                'shotMinutes' => (int) $segment->shotLines->sum('minutes'),
                'frames' => (int) $segment->shotLines->sum('frames'),
            ];
        }

        return $rows;
    }

    public static function localDay(Job $job): LocalDay
    {
        return LocalDay::of($job->date, $job->place->timezone);
    }

    public static function point(Place $place): ?GeoPoint
    {
        return $place->latitude === null || $place->longitude === null ? null : GeoPoint::of($place->latitude, $place->longitude);
    }

    /**
     * @param  array<string, mixed>  $fields
     *
     * @throws ValidationException when that time does not exist that day
     */
    public function saveSegment(Job $job, array $fields, ?StoredSegment $segment = null): StoredSegment
    {
        $this->refuseSkippedTime($job, (string) $fields['start_clock']);
        $segment ??= new StoredSegment(['job_id' => $job->id]);
        $segment->fill($fields)->save();

        return $segment;
    }

    /** Moves a segment by minutes, earlier when negative. */
    public function shift(Job $job, StoredSegment $segment, int $minutes): void
    {
        try {
            $clock = ClockTime::of($segment->start_clock)->plus($minutes)->text();
        } catch (ImpossibleValue) {
            throw ValidationException::withMessages(['start_clock' => 'That would leave the day: times run from 00:00 to 47:59.']);
        }
        $this->refuseSkippedTime($job, $clock);
        $segment->update(['start_clock' => $clock]);
    }

    public function setTravel(int $from, int $to, int $minutes): void
    {
        Travel::query()->updateOrCreate(['from_place_id' => $from, 'to_place_id' => $to], ['minutes' => $minutes]);
    }

    /** @param  array<string, mixed>  $fields */
    public function addShot(StoredSegment $segment, array $fields): ShotLine
    {
        return $segment->shotLines()->create([...$fields, 'position' => 1 + (int) $segment->shotLines()->max('position')]);
    }

    /**
     * Lays a template's day onto the plan, all of it or nothing; what is planned already stays.
     *
     * @throws ValidationException
     */
    public function fillIn(Job $job, DayTemplate $template, string $first, string $second): void
    {
        try {
            $segments = $template->fill(ClockTime::of($first)->minutes, ClockTime::of($second)->minutes);
            foreach ($segments as $segment) {
                self::localDay($job)->instantOf(ClockTime::ofMinutes($segment->start));
            }
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages([in_array($e->field, ['first_anchor', 'second_anchor'], true) ? $e->field : 'first_anchor' => 'This '.$e->must.'.']);
        }
        DB::transaction(function () use ($job, $segments): void {
            foreach ($segments as $s) {
                $stored = $job->segments()->create([
                    'place_id' => $job->place_id, 'title' => $s->title, 'lane' => $s->lane, 'start_clock' => ClockTime::ofMinutes($s->start)->text(), 'minutes' => $s->minutes,
                    'priority' => $s->priority->value, 'is_outdoor' => $s->isOutdoor, 'is_anchor' => $s->isAnchor, 'short_minutes' => $s->shortMinutes,
                    'may_move' => $s->mayMove, 'takes_in_minutes' => $s->takesIn, 'is_break' => $s->isBreak,
                ]);
                foreach ($s->shots as $what) {
                    $this->addShot($stored, ['what' => $what, 'priority' => $s->priority->value, 'minutes' => max(1, intdiv($s->minutes, 2 * max(1, count($s->shots)))), 'frames' => 12]);
                }
            }
        });
    }

    /**
     * @return int how many lines were added
     *
     * @throws ValidationException when there are none, or too many
     */
    public function pasteShots(StoredSegment $segment, string $text): int
    {
        $shots = ShotText::read($text);
        if ($shots === [] || count($shots) > ShotText::MOST_LINES) {
            throw ValidationException::withMessages(['lines' => $shots === [] ? 'Paste at least one line.' : count($shots).' lines are too many at once: '.ShotText::MOST_LINES.' at most. Nothing was added.']);
        }
        DB::transaction(function () use ($segment, $shots): void {
            foreach ($shots as $shot) {
                $this->addShot($segment, $shot);
            }
        });

        return count($shots);
    }

    /** Swaps a shot with its neighbour. */
    public function moveShot(ShotLine $line, bool $isUp): void
    {
        $neighbour = ShotLine::query()
            ->where('segment_id', $line->segment_id)
            ->where('position', $isUp ? '<' : '>', $line->position)
            ->orderBy('position', $isUp ? 'desc' : 'asc')
            ->first();
        if (! $neighbour instanceof ShotLine) {
            return;
        }
        DB::transaction(static function () use ($line, $neighbour): void {
            [$mine, $theirs] = [$line->position, $neighbour->position];
            $line->update(['position' => $theirs]);
            $neighbour->update(['position' => $mine]);
        });
    }

    private function refuseSkippedTime(Job $job, string $clock): void
    {
        try {
            self::localDay($job)->instantOf(ClockTime::of($clock));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['start_clock' => 'This time '.$e->must.'.']);
        }
    }

    private function build(Job $job): PlannedDay
    {
        $day = self::localDay($job);
        $segments = [];
        $points = [];
        foreach ($job->segments as $stored) {
            $place = $stored->place;
            if ($place !== null && ($point = self::point($place)) !== null) {
                $points[$place->id] = $point;
            }
            $segments[] = new Segment(
                id: $stored->id,
                title: $stored->title,
                lane: $stored->lane,
                startsAt: $day->instantOf(ClockTime::of($stored->start_clock)),
                minutes: $stored->minutes,
                priority: Priority::from($stored->priority),
                isOutdoor: $stored->is_outdoor,
                isAnchor: $stored->is_anchor,
                placeId: $stored->place_id,
                placeName: $place?->name,
                shotMinutes: (int) $stored->shotLines->sum('minutes'),
                shortMinutes: $stored->short_minutes,
                lowMinutes: $stored->low_minutes,
                highMinutes: $stored->high_minutes,
                mayMove: $stored->may_move,
                takesInMinutes: $stored->takes_in_minutes,
                isBreak: $stored->is_break,
            );
        }
        $point = self::point($job->place);

        return new PlannedDay($day, $segments, $this->travels(), $points, $point === null ? null : SunDay::of($point, $day));
    }

    private function travels(): Travels
    {
        if ($this->travels === null) {
            $minutes = [];
            foreach (Travel::all() as $travel) {
                $minutes[$travel->from_place_id][$travel->to_place_id] = $travel->minutes;
            }
            $this->travels = new Travels($minutes);
        }

        return $this->travels;
    }
}
