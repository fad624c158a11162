<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Judge\DaylightJudge;
use NorthSatchel\Plan\Judge\WayJudge;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Will the day hold? Overlaps, ways, daylight, and shots that do not fit their segment. */
final class PlanJudge
{
    /** Less than this between two neighbours is called thin. */
    private const THIN_MINUTES = 10;

    public static function of(PlannedDay $day): Verdicts
    {
        $verdicts = [];
        foreach (self::pairs($day) as $handover) {
            $verdicts[] = self::handover($day, $handover);
        }
        array_push($verdicts, ...WayJudge::of($day));
        array_push($verdicts, ...DaylightJudge::of($day), ...array_map(self::shots(...), $day->segments));
        if ($day->segments === []) {
            $verdicts[] = Verdict::mind('plan.empty', 'The day has no segments yet.', 'Nothing is planned, so nothing can be judged.');
        }

        return new Verdicts(array_filter($verdicts));
    }

    /** What all judges of a day found, and, where none of them found anything open, that it holds. */
    public static function concluded(PlannedDay $day, Verdicts $found): Verdicts
    {
        $looked = Looked::at(count($day->segments), 'segment');

        return $looked === null || $found->open() > 0 ? $found : $found->with(new Verdicts([self::holds($day, $looked)]));
    }

    /** @return array<string, Handover> what two lanes share counts once */
    private static function pairs(PlannedDay $day): array
    {
        $pairs = [];
        foreach ($day->handovers() as $h) {
            $pairs["{$h->before->id} {$h->after->id}"] ??= $h;
        }

        return $pairs;
    }

    private static function handover(PlannedDay $day, Handover $h): ?Verdict
    {
        [$before, $after] = [$h->before, $h->after];
        if ($h->gapMinutes() < 0) {
            $late = -$h->gapMinutes();

            return Verdict::stop(
                'plan.overlap',
                "{$after->title} starts before {$before->title} has ended.",
                "{$before->title} runs until {$day->day->face($before->endsAt())}, {$after->title} starts at {$day->day->face(
                    $after->startsAt,
                )}: ".Span::hours($late).' too early for one photographer.',
                ['overlap_minutes' => $late],
                self::makeRoom($day, $h, $late + ($h->travelMinutes ?? 0) + $h->after->wants->setupMinutes),
            );
        }
        if ($h->travelMinutes === null) {
            return null;
        }
        $setup = $after->wants->setupMinutes;
        if ($h->slackMinutes() < 0) {
            return Verdict::stop(
                'plan.travel-too-long',
                $h->travelMinutes === 0 ? "There is no time to set up for {$after->title}." : "There is no time to get to {$after->title}.",
                ($h->travelMinutes === 0
                    ? "Setting up takes {$setup} min"
                    : "The way from {$before->title} to {$after->setting->name()} takes ".Span::hours($h->travelMinutes).self::gates($h).
                        ($setup > 0 ? ", setting up {$setup}" : '')).', and only '.Span::hours($h->gapMinutes()).' lie between them.',
                ['travel_minutes' => $h->travelMinutes, 'setup_minutes' => $setup, 'gap_minutes' => $h->gapMinutes()],
                self::makeRoom($day, $h, -$h->slackMinutes()),
            );
        }
        if ($h->slackMinutes() < self::THIN_MINUTES && $after->isAnchor) {
            $leave = $day->day->face($after->startsAt - ($h->travelMinutes + $setup) * 60);

            // A way that must go to the minute goes wrong; at one place one is there already.
            return ($h->slackMinutes() === 0 && $h->travelMinutes > 0 ? Verdict::fix(...) : Verdict::mind(...))(
                'plan.thin',
                "{$after->title} cannot move, and only {$h->slackMinutes()} min of slack lie before it.",
                "{$before->title} ends at {$day->day->face($before->endsAt())}, it starts at {$day->day->face($after->startsAt)}".
                    ($h->travelMinutes > 0
                        ? "; leave by {$leave}, the way takes ".Span::hours($h->travelMinutes).
                            self::gates($h).
                            ($setup > 0 ? " and setting up {$setup}." : '.')
                        : ($setup > 0
                            ? "; setting up takes {$setup} min."
                            : ', at the same place.')),
                ['slack_minutes' => $h->slackMinutes()],
                $h->travelMinutes > 0 ? self::makeRoom($day, $h, -$h->slackMinutes()) : null,
            );
        }

        return null;
    }

    /** How much of a way are gates and stairs. */
    private static function gates(Handover $h): string
    {
        return $h->gateMinutes === 0 ? '' : ", {$h->gateMinutes} of them gates and stairs";
    }

    /**
     * An anchor does not move: then the segment before it is cut, else the later one starts later. Before an anchor with a way to it some
     * minutes more are made, for ways take longer.
     */
    private static function makeRoom(PlannedDay $day, Handover $h, int $minutes): ?Remedy
    {
        $minutes += $h->after->isAnchor && $h->travelMinutes > 0 ? self::THIN_MINUTES : 0;
        if (! $h->after->isAnchor) {
            $at = $day->day->face($h->after->startsAt + $minutes * 60);

            return new Remedy('segment.later', "Start {$h->after->title} at {$at}", ['segment' => $h->after->id, 'minutes' => $minutes]);
        }
        $left = $h->before->minutes - $minutes;

        return $left < 1
            ? null
            : new Remedy('segment.shorten', "Shorten {$h->before->title} to {$left} min", [
                'segment' => $h->before->id,
                'minutes' => $left,
            ]);
    }

    private static function shots(Segment $segment): ?Verdict
    {
        $over = $segment->shotMinutes - $segment->minutes;
        if ($over <= 0) {
            return null;
        }

        return Verdict::fix(
            'plan.shots-too-long',
            "{$segment->title} has more shots than minutes.",
            "Its shot lines add up to {$segment->shotMinutes} min, the segment has {$segment->minutes}: {$over} min too many.",
            ['over_minutes' => $over],
            new Remedy('segment.shorten', "Give it {$segment->shotMinutes} min", [
                'segment' => $segment->id,
                'minutes' => $segment->shotMinutes,
            ]),
        );
    }

    private static function holds(PlannedDay $day, Looked $looked): Verdict
    {
        $thinnest = null;
        foreach ($day->handovers() as $h) {
            $thinnest = $thinnest === null || $h->slackMinutes() < $thinnest->slackMinutes() ? $h : $thinnest;
        }
        $because =
            $thinnest === null
                ? 'Each photographer has one at the most'.($day->sun === null ? '.' : ', and none runs into the dark.')
                : "The thinnest spot is before {$thinnest->after->title}: ".Span::hours($thinnest->slackMinutes()).' of slack'.
                    ($thinnest->travelMinutes > 0 ? ' after '.Span::hours($thinnest->travelMinutes).' of way.' : '.');

        return Verdict::fine('plan.holds', 'The day holds as planned.', "{$looked->words}. {$because}", $looked, [
            'least_slack_minutes' => $thinnest?->slackMinutes(),
        ]);
    }
}
