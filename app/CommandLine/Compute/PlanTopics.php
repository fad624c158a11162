<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\Plan\Rehearsal\Rehearsal;
use NorthSatchel\Plan\Rehearsal\RehearsedStart;
use NorthSatchel\Plan\Rehearsal\Stretch;
use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\Replan;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Timeline\Conflict;
use NorthSatchel\Plan\Timeline\LeaveBy;
use NorthSatchel\Plan\Timeline\Part;
use NorthSatchel\Plan\Timeline\Timeline;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;

/** The timed day. */
final class PlanTopics
{
    /** The fields of a segment that is left. */
    public const REST = [
        'id', 'minutes', 'short_minutes', 'value', 'short_value', 'must', 'fixed_start', 'earliest', 'latest_end',
        'place', 'may_move_to',
    ];

    private const MOST_MINUTES = 2880;

    private const MOST_RUNS = 200_000;

    /** @return array<string, mixed> */
    public static function timeline(\stdClass $input): array
    {
        $in = new Fields($input, ['start', 'segments', 'travel']);
        $fields = $in->objects('segments', ['id', 'minutes', 'place', 'fixed_start', 'earliest', 'latest_end', 'after', 'lane']);
        $ids = self::ids($fields);
        $parts = array_map(
            static fn (Fields $f, string $id): Part => new Part(
                id: $id,
                minutes: $f->whole('minutes', 0, self::MOST_MINUTES),
                lane: $f->textIfGiven('lane') ?? 'lead',
                place: $f->textIfGiven('place'),
                fixedStart: $f->clockIfGiven('fixed_start'),
                earliest: $f->clockIfGiven('earliest'),
                latestEnd: $f->clockIfGiven('latest_end'),
                after: $f->texts('after', $ids),
            ),
            $fields,
            $ids,
        );
        $timeline = new Timeline($in->clock('start'), $parts, self::ways($in));

        return [
            'segments' => array_map(
                static fn (string $id): array => [
                    'id' => $id,
                    'earliest_start' => self::face($timeline->earliestStart[$id]),
                    'latest_start' => self::face($timeline->latestStart[$id]),
                    'slack_minutes' => $timeline->slack($id),
                ],
                $ids,
            ),
            'leave_by' => array_map(
                static fn (LeaveBy $l): array => [
                    'lane' => $l->lane,
                    'from' => $l->from,
                    'to' => $l->to,
                    'at' => self::face($l->at),
                    'before' => $l->before,
                ],
                $timeline->leaveBy(),
            ),
            'conflicts' => array_map(
                static fn (Conflict $c): array => ['segments' => $c->ids, 'minutes' => $c->minutes, 'why' => $c->why],
                $timeline->conflicts,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function replan(\stdClass $input): array
    {
        $in = new Fields($input, ['now', 'place', 'segments', 'pockets', 'travel']);
        $pockets = self::pockets($in);
        $known = array_map(strval(...), array_keys($pockets));
        $fields = $in->objects('segments', self::REST);
        $rests = array_map(static fn (Fields $f, string $id): Rest => self::rest($f, $id, $known), $fields, self::ids($fields));
        $plan = (new Replanner($in->clock('now'), $in->textIfGiven('place'), $rests, $pockets, self::ways($in)))->best();

        return self::replanned($plan);
    }

    /** @return array<string, mixed> */
    public static function replanned(Replan $plan): array
    {
        return [
            'feasible' => $plan->isFeasible,
            'choices' => array_map(
                static fn (Choice $c): array => [
                    'id' => $c->id,
                    'how' => $c->how->value,
                    'start' => self::face($c->start),
                    'end' => self::face($c->end),
                    'pocket' => $c->pocket,
                ],
                $plan->choices,
            ),
            'value' => $plan->value,
            'optimal' => $plan->isOptimal,
            'short_by_minutes' => $plan->shortByMinutes,
        ];
    }

    /** @return array<string, mixed> */
    public static function rehearse(\stdClass $input): array
    {
        $in = new Fields($input, ['start', 'segments', 'runs', 'seed', 'correlation']);
        $fields = $in->objects('segments', ['id', 'minutes_low', 'minutes_likely', 'minutes_high', 'fixed_start']);
        $stretches = array_map(
            static function (Fields $f, string $id): Stretch {
                $low = $f->whole('minutes_low', 0, self::MOST_MINUTES);
                $likely = $f->whole('minutes_likely', 0, self::MOST_MINUTES);
                $high = $f->whole('minutes_high', 0, self::MOST_MINUTES);
                if ($likely < $low) {
                    throw $f->refusal('minutes_likely', 'must be at least minutes_low');
                }
                if ($high < $likely) {
                    throw $f->refusal('minutes_high', 'must be at least minutes_likely');
                }

                return new Stretch($id, $low, $likely, $high, $f->clockIfGiven('fixed_start'));
            },
            $fields,
            self::ids($fields),
        );
        $rehearsal = new Rehearsal(
            $in->clock('start'),
            $stretches,
            $in->whole('runs', 1, self::MOST_RUNS),
            $in->whole('seed', -PHP_INT_MAX, PHP_INT_MAX),
            $in->number('correlation', min: 0, max: 1, default: 0),
        );

        return [
            'segments' => array_map(
                static fn (RehearsedStart $s): array => [
                    'id' => $s->id,
                    'start_p50' => self::face((int) round($s->p50)),
                    'start_p90' => self::face((int) round($s->p90)),
                    'on_time' => $s->onTime,
                ],
                $rehearsal->starts,
            ),
            'finish_p50' => self::face((int) round($rehearsal->finishP50)),
            'finish_p90' => self::face((int) round($rehearsal->finishP90)),
            'drivers' => array_map(static fn (Stretch $s): array => ['id' => $s->id, 'share' => $rehearsal->shares[$s->id]], $stretches),
        ];
    }

    /**
     * @return array<string, int> minutes by id
     *
     * @throws Refusal
     */
    public static function pockets(Fields $in): array
    {
        $pockets = [];
        foreach ($in->objects('pockets', ['id', 'minutes'], isOptional: true) as $pocket) {
            $pockets[$pocket->newId($pockets)] = $pocket->whole('minutes', 0, self::MOST_MINUTES);
        }

        return $pockets;
    }

    /** @param  list<string>  $pockets */
    public static function rest(Fields $f, string $id, array $pockets): Rest
    {
        $minutes = $f->whole('minutes', 0, self::MOST_MINUTES);
        $short = $f->wholeIfGiven('short_minutes', 0, self::MOST_MINUTES);
        if ($short !== null && $short >= $minutes) {
            throw $f->refusal('short_minutes', 'must be less than minutes');
        }

        return new Rest(
            id: $id,
            minutes: $minutes,
            value: $f->whole('value', 0, 1000),
            shortMinutes: $short,
            shortValue: $f->wholeIfGiven('short_value', 0, 1000),
            isMust: $f->flag('must'),
            fixedStart: $f->clockIfGiven('fixed_start'),
            earliest: $f->clockIfGiven('earliest'),
            latestEnd: $f->clockIfGiven('latest_end'),
            place: $f->textIfGiven('place'),
            mayMoveTo: array_values(array_unique($f->texts('may_move_to', $pockets))),
        );
    }

    /**
     * @param  list<Fields>  $segments
     * @return list<string>
     */
    public static function ids(array $segments): array
    {
        $ids = [];
        foreach ($segments as $segment) {
            $ids[$segment->newId($ids)] = true;
        }

        return array_map(strval(...), array_keys($ids));
    }

    /** @throws Refusal */
    public static function ways(Fields $in): Ways
    {
        $list = [];
        $seen = [];
        foreach ($in->objects('travel', ['from', 'to', 'minutes'], isOptional: true) as $way) {
            $from = $way->text('from');
            $to = $way->text('to');
            if (isset($seen[$from][$to])) {
                throw $way->refusal('to', "must not be listed twice: the way from {$from} to {$to} is there already");
            }
            $seen[$from][$to] = true;
            $list[] = new Way($from, $to, $way->whole('minutes', 0, self::MOST_MINUTES));
        }

        return new Ways($list);
    }

    /** HH:MM, hours from 24 on the next day's. */
    private static function face(?int $minutes): ?string
    {
        if ($minutes === null) {
            return null;
        }
        $sign = $minutes < 0 ? '-' : '';
        $minutes = abs($minutes);

        return sprintf('%s%02d:%02d', $sign, intdiv($minutes, 60), $minutes % 60);
    }
}
