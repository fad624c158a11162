<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Plan\AccessWindow;
use App\Models\Plan\Segment;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Template\DayTemplate;
use NorthSatchel\Time\ClockTime;

/** What is done to a plan: segments, ways, passes, and a whole day from a template. */
final class PlanWork
{
    public function __construct(private readonly ShotDesk $shots) {}

    /**
     * @param  array<string, mixed>  $fields
     *
     * @throws ValidationException when a time does not exist that day
     */
    public function saveSegment(Job $job, array $fields, ?Segment $segment = null): Segment
    {
        foreach (['start_clock', 'earliest_clock', 'latest_clock'] as $field) {
            if (($fields[$field] ?? null) !== null) {
                $this->refuseSkippedTime($job, (int) ($fields['day'] ?? 0), (string) $fields[$field], $field);
            }
        }
        $segment ??= new Segment(['job_id' => $job->id]);
        $segment->fill($fields)->save();

        return $segment;
    }

    /** Moves a segment by minutes, earlier when negative. */
    public function shift(Job $job, Segment $segment, int $minutes): void
    {
        try {
            $clock = ClockTime::of($segment->start_clock)->plus($minutes)->text();
        } catch (ImpossibleValue) {
            throw ValidationException::withMessages(['start_clock' => 'That would leave the day: times run from 00:00 to 47:59.']);
        }
        $this->refuseSkippedTime($job, $segment->day, $clock, 'start_clock');
        $segment->update(['start_clock' => $clock]);
    }

    /**
     * @param  array<string, mixed>  $fields
     *
     * @throws ValidationException when a time does not exist that day
     */
    public function addAccess(Job $job, array $fields): AccessWindow
    {
        foreach (['opens_clock', 'closes_clock'] as $field) {
            $this->refuseSkippedTime($job, (int) $fields['day'], (string) $fields[$field], $field);
        }
        if (ClockTime::of((string) $fields['closes_clock'])->minutes <= ClockTime::of((string) $fields['opens_clock'])->minutes) {
            throw ValidationException::withMessages(['closes_clock' => 'It must close after it opens.']);
        }

        return $job->accessWindows()->create($fields);
    }

    /** The word by which what a template lays is taken as indoors. */
    public static function roofOver(Job $job, DayTemplate $template): ?string
    {
        return $template->roof("{$job->name} {$job->place->name}");
    }

    /**
     * Lays a template's day onto the plan, all of it or nothing; what is planned already stays.
     *
     * @return list<string> titles of those that found no room in the covered hours
     *
     * @throws ValidationException
     */
    public function fillIn(
        Job $job,
        DayTemplate $template,
        string $first,
        string $second,
        int $day = 0,
        bool $isBeside = false,
        bool $isAlone = false,
    ): array {
        $there = $job->segments->where('day', $day)->count();
        if ($there > 0 && ! $isBeside) {
            throw ValidationException::withMessages([
                'beside' => "This day has {$there} segments already: tick that the template is laid beside them. Nothing was changed.",
            ]);
        }
        foreach (['first_anchor' => $first, 'second_anchor' => $second] as $field => $clock) {
            $at = ClockTime::of($clock)->minutes;
            if ($at < ClockTime::of($job->covered_from)->minutes || $at >= ClockTime::of($job->covered_to)->minutes) {
                throw ValidationException::withMessages([
                    $field => 'It lies outside the covered hours, '.ClockTime::shown($job->covered_from).' to '.
                        ClockTime::shown($job->covered_to).': change them in the brief first.',
                ]);
            }
        }
        try {
            $segments = DayTemplate::fitting(
                $template->fill(ClockTime::of($first)->minutes, ClockTime::of($second)->minutes, $isAlone),
                ClockTime::of($job->covered_from)->minutes,
                ClockTime::of($job->covered_to)->minutes,
                ClockTime::of($second)->minutes,
            );
            foreach ($segments as $segment) {
                JobDay::of($job, $day)->instantOf(ClockTime::ofMinutes($segment->start));
            }
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages([
                in_array($e->field, ['first_anchor', 'second_anchor'], true) ? $e->field : 'first_anchor' => 'This '.$e->must.'.',
            ]);
        }
        $hasSecond = ! $isAlone && $template->isForTwo();
        $isRoofed = self::roofOver($job, $template) !== null;
        DB::transaction(function () use ($job, $segments, $day, $hasSecond, $isRoofed): void {
            foreach ($segments as $s) {
                $stored = $job->segments()->create([
                    'place_id' => $job->place_id,
                    'day' => $day,
                    'title' => $s->title,
                    'lane' => $s->lane,
                    'also_lanes' => $hasSecond && count($s->lanes()) > 1 ? ['second'] : null,
                    'start_clock' => ClockTime::ofMinutes($s->start)->text(),
                    'minutes' => $s->minutes,
                    'priority' => $s->priority->value,
                    'is_outdoor' => $s->isOutdoor && ! $isRoofed,
                    'is_anchor' => $s->isAnchor,
                    'short_minutes' => $s->shortMinutes,
                    'may_move' => $s->mayMove,
                    'takes_in_minutes' => $s->takesIn,
                    'is_break' => $s->isBreak,
                ]);
                foreach ($s->shots as $what) {
                    $this->shots->add($stored, [
                        'what' => $what,
                        'priority' => $s->priority->value,
                        'minutes' => max(1, intdiv($s->minutes, 2 * max(1, count($s->shots)))),
                        'frames' => 10,
                    ]);
                }
            }
        });

        $laid = array_count_values(array_column($segments, 'title'));
        $all = array_count_values($template->titles($isAlone));

        return array_keys(array_filter($all, static fn (int $n, string $title): bool => $n > ($laid[$title] ?? 0), ARRAY_FILTER_USE_BOTH));
    }

    private function refuseSkippedTime(Job $job, int $day, string $clock, string $field): void
    {
        try {
            JobDay::of($job, $day)->instantOf(ClockTime::of($clock));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages([$field => 'This time '.$e->must.'.']);
        }
    }
}
