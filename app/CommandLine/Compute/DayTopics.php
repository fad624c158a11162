<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\Day\LiveEvent;
use NorthSatchel\Day\LiveLane;
use NorthSatchel\Day\LiveSegment;
use NorthSatchel\Day\SegmentState;
use NorthSatchel\Taps\TapKind;

/** The day as it goes. */
final class DayTopics
{
    private const KINDS = ['started', 'done', 'skipped', 'moved', 'undone'];

    /** @return array<string, mixed> */
    public static function day(\stdClass $input): array
    {
        $in = new Fields($input, ['now', 'segments', 'pockets', 'travel', 'place', 'events', 'offsets']);
        $now = $in->clockWithSeconds('now');
        $pockets = PlanTopics::pockets($in);
        $fields = $in->objects('segments', [...PlanTopics::REST, 'start']);
        $ids = PlanTopics::ids($fields);
        $known = array_map(strval(...), array_keys($pockets));
        $segments = array_map(
            static fn (Fields $f, string $id): LiveSegment => new LiveSegment($f->clock('start'), PlanTopics::rest($f, $id, $known)),
            $fields,
            $ids,
        );
        $lane = new LiveLane((float) $now, $segments, self::events($in), $pockets, PlanTopics::ways($in), $in->textIfGiven('place'));

        return [
            'current' => $lane->running === null
                    ? null
                    : [
                        'segment' => $lane->running->segment->rest->id,
                        'started' => self::face($lane->running->startedAt),
                        'minutes_left' => $lane->running->minutesLeft,
                    ],
            'states' => array_map(
                static fn (string $id, SegmentState $state): array => ['id' => $id, 'state' => $state->value],
                $ids,
                $lane->states,
            ),
            'minutes_late' => $lane->minutesLate,
            'replan' => $lane->replan === null ? null : PlanTopics::replanned($lane->replan),
            'counted' => count($lane->log->counted),
            'ignored' => $lane->log->ignored,
        ];
    }

    /**
     * @return list<LiveEvent> with the clocks of their devices set right
     *
     * @throws Refusal
     */
    private static function events(Fields $in): array
    {
        $ahead = self::offsets($in);
        $events = [];
        foreach ($in->objects('events', ['id', 'kind', 'segment', 'of', 'at', 'device']) as $f) {
            $kind = $f->text('kind');
            if (! in_array($kind, self::KINDS, true)) {
                throw $f->refusal('kind', 'must be one of '.implode(', ', self::KINDS));
            }
            $device = $f->textIfGiven('device');
            $isUndone = $kind === TapKind::Undone->value;
            [$segment, $of] = [
                $isUndone ? $f->textIfGiven('segment') : $f->text('segment'),
                $isUndone ? $f->text('of') : $f->textIfGiven('of'),
            ];
            $at = $f->clockWithSeconds('at') - ($ahead["d{$device}"] ?? 0.0);
            $events[] = new LiveEvent(
                $f->newId([]),
                TapKind::from($kind),
                $at,
                $isUndone ? null : $segment,
                $isUndone ? $of : null,
                $f->written(),
            );
        }

        return $events;
    }

    /**
     * @return array<string, float> seconds that a device's clock is ahead, by "d" and device
     *
     * @throws Refusal
     */
    private static function offsets(Fields $in): array
    {
        $ahead = [];
        foreach ($in->objects('offsets', ['device', 'seconds'], isOptional: true) as $f) {
            $device = 'd'.$f->text('device');
            if (isset($ahead[$device])) {
                throw $f->refusal('device', 'must be listed once');
            }
            $ahead[$device] = $f->number('seconds', min: -1e7, max: 1e7);
        }

        return $ahead;
    }

    /** HH:MM:SS, hours from 24 on the next day's. */
    private static function face(float $seconds): string
    {
        $whole = (int) floor($seconds);
        $sign = $whole < 0 ? '-' : '';
        $whole = abs($whole);

        return sprintf('%s%02d:%02d:%02d', $sign, intdiv($whole, 3600), intdiv($whole, 60) % 60, $whole % 60);
    }
}
