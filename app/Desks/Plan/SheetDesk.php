<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Plan\ShotLine;
use App\Tables\CsvTable;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\Posts\PostStop;
use NorthSatchel\Plan\Sheet\Sheet;
use NorthSatchel\Plan\Sheet\SheetRow;
use NorthSatchel\Plan\Sheet\SheetShot;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** What goes out: sheets for print, calendar and table, each for one audience. */
final class SheetDesk
{
    public function __construct(private readonly PlanDesk $plan, private readonly CoverDesk $cover) {}

    public function sheet(Job $job, Audience $audience): Sheet
    {
        $leave = [];
        for ($number = 0; $number < JobDay::count($job); $number++) {
            $leave += DayPasses::of($this->plan->day($job, $number))->leaveAt();
        }
        $done = OwedShots::done($job);
        $stops = $this->cover->stops($job);
        $rows = [];
        foreach ($job->segments as $segment) {
            $day = JobDay::of($job, $segment->day);
            $start = $day->instantOf(ClockTime::of($segment->start_clock));
            $shots = [];
            $times = ShotDesk::times($job, $segment, $day, $done);
            foreach ($segment->shotLines->values() as $i => $line) {
                $shots[] = new SheetShot(
                    $times[$i],
                    $line->what,
                    $line->priority,
                    $line->minutes,
                    self::audiences($line->hidden_from),
                    self::cue($line),
                    $line->prompt,
                    in_array($line->id, $done, true),
                );
            }
            $rows[] = new SheetRow(
                id: $segment->id,
                lane: $segment->lane,
                alsoLanes: $segment->also_lanes ?? [],
                date: $day->date,
                title: $segment->title,
                place: $segment->ownPlace()?->name,
                startsAt: $start,
                endsAt: $start + $segment->minutes * 60,
                isAnchor: $segment->is_anchor,
                leaveAt: $leave[$segment->id] ?? null,
                shots: $shots,
                hiddenFrom: self::audiences($segment->hidden_from),
                spot: $segment->spot_id === null ? null : $segment->place?->spots->firstWhere('id', $segment->spot_id)?->name,
                posts: array_map(static fn (PostStop $stop): string => $stop->says(), $stops[$segment->id] ?? []),
            );
        }

        return Sheet::for($audience, $rows);
    }

    /** RFC 5545: an event a segment, with its zone, and an alarm at the time to leave. */
    public function calendar(Job $job, Audience $audience): string
    {
        return DayCalendar::of($job, $this->sheet($job, $audience), JobDay::of($job));
    }

    /** A table for spreadsheets; a cell that would be taken for a formula is made a text. */
    public function table(Job $job, Audience $audience): string
    {
        $day = JobDay::of($job);
        $lines = [];
        foreach ($this->sheet($job, $audience)->rows as $row) {
            $cells = [
                $row->date,
                $day->face($row->startsAt),
                $day->face($row->endsAt),
                (string) intdiv($row->endsAt - $row->startsAt, 60),
                $row->title,
                (string) $row->place,
                implode(' and ', array_unique([$row->lane, ...$row->alsoLanes])),
                self::face($day, $row->leaveAt),
            ];
            $at = $row->where($audience, isPlaceTold: false);
            $lines[] = [...$cells, '', '', $at];
            foreach ($row->shots as $shot) {
                $lines[] = [...$cells, $shot->what.($shot->isDone ? ' (shot already)' : ''), $shot->at, $at];
            }
        }

        return CsvTable::write(
            ['date', 'start', 'end', 'minutes', 'segment', 'place', 'photographer', 'leave at', 'shot', 'shot at', 'stands at'],
            $lines,
        );
    }

    /** Whether the words of the brief may stand on this sheet. */
    public static function mayReadBrief(Job $job, Audience $audience): bool
    {
        return $audience->isPhotographer() || ! $job->is_confidential;
    }

    private static function cue(ShotLine $line): ?string
    {
        return $line->cue === null ? null : "after {$line->cue}".($line->cue_seconds === null ? '' : ", within {$line->cue_seconds} s");
    }

    private static function face(LocalDay $day, ?int $at): string
    {
        return $at === null ? '' : $day->face($at);
    }

    /**
     * @param  list<string>|null  $names
     * @return list<Audience>
     */
    private static function audiences(?array $names): array
    {
        return array_values(array_filter(array_map(static fn (string $name): ?Audience => Audience::tryFrom($name), $names ?? [])));
    }
}
