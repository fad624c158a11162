<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Plan\Segment;
use NorthSatchel\Taps\TapKind;

/** A day as it was lived through, up to a minute: each segment from and until when, by its taps, and by the plan where there are none. */
final class LivedDay
{
    /**
     * @param  list<Segment>  $segments
     * @param  array<string, DayLog>  $logs  by lane
     * @param  array<int, list<LivedShot>>  $shots  by segment
     * @param  int  $now  Unix seconds
     * @return list<LivedSegment> without what was skipped or moved away
     */
    public static function of(array $segments, array $logs, array $shots, int $now): array
    {
        $lived = [];
        foreach ($segments as $segment) {
            $log = $logs[$segment->lane] ?? null;
            $state = $log?->states->of((string) $segment->id) ?? SegmentState::Waiting;
            if (in_array($state, [SegmentState::Skipped, SegmentState::Moved], true)) {
                continue;
            }
            $start = $log === null ? null : self::last($log, $segment, TapKind::Started);
            $done = $log === null ? null : self::last($log, $segment, TapKind::Done);
            $from = $start->at ?? (float) $segment->startsAt;
            $next = $start === null ? null : self::startAfter($log, $start->at);
            $to = $done !== null && $done->at > $from ? $done->at : $next ?? max($from, $segment->startsAt) + 60.0 * $segment->minutes;
            $lived[] = new LivedSegment(
                $segment->id,
                $segment->title,
                array_values(array_unique([$segment->lane, ...$segment->wants->alsoLanes])),
                $from,
                max($from, $to),
                // Nobody tapped anything of it: then the clock says it.
                $state === SegmentState::Done || ($state === SegmentState::Waiting && $start === null && $segment->endsAt() < $now),
                $shots[$segment->id] ?? [],
            );
        }

        return $lived;
    }

    private static function last(DayLog $log, Segment $segment, TapKind $kind): ?LiveEvent
    {
        $of = array_filter($log->log->counted, static fn (LiveEvent $e): bool => $e->kind === $kind && $e->segment === (string) $segment->id);

        return $of === [] ? null : array_values($of)[count($of) - 1];
    }

    private static function startAfter(?DayLog $log, float $at): ?float
    {
        foreach ($log->states->starts ?? [] as $start) {
            if ($start->at > $at) {
                return $start->at;
            }
        }

        return null;
    }
}
