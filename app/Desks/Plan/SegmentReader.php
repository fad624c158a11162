<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Plan\Segment as StoredSegment;
use App\Models\Plan\ShotLine;
use NorthSatchel\JobKind;
use NorthSatchel\Plan\FrameRates;
use NorthSatchel\Plan\Give;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Wants;
use NorthSatchel\SceneKind;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;

/** From a stored segment to the core's, in this one place. */
final class SegmentReader
{
    /**
     * @param  list<int>  $done  ids of shots that are taken already: they want no minutes any more
     * @param  bool  $namesSpots  where a spot has a way or hours of its own, findings name it
     * @param  bool  $mayFlash  false where the brief forbids flash there
     */
    public static function read(
        StoredSegment $stored,
        LocalDay $day,
        JobKind $kind,
        array $done = [],
        bool $namesSpots = false,
        bool $mayFlash = true,
    ): Segment {
        return new Segment(
            id: $stored->id,
            title: $stored->title,
            lane: $stored->lane,
            startsAt: $day->instantOf(ClockTime::of($stored->start_clock)),
            minutes: $stored->minutes,
            priority: Priority::from($stored->priority),
            setting: new Setting(
                // A rest without a place is wherever one is then; all else without one is at the main place.
                $stored->is_break ? $stored->place_id : $stored->place?->id,
                $stored->is_break ? $stored->ownPlace()?->name : $stored->place?->name,
                $stored->is_outdoor,
                $stored->shotLines->contains('light', 'flash'),
                $namesSpots && $stored->spot_id !== null ? $stored->place?->spots->find($stored->spot_id)?->name : null,
                self::scene($stored, $kind),
                $mayFlash,
            ),
            isAnchor: $stored->is_anchor,
            isBreak: $stored->is_break,
            shotMinutes: (int) $stored->shotLines->whereNotIn('id', $done)->sum('minutes'),
            give: new Give(
                shortMinutes: $stored->short_minutes,
                lowMinutes: $stored->low_minutes,
                highMinutes: $stored->high_minutes,
                mayMove: $stored->may_move,
                takesInMinutes: $stored->takes_in_minutes,
            ),
            wants: self::wants($stored, $day),
        );
    }

    private static function wants(StoredSegment $stored, LocalDay $day): Wants
    {
        $at = static fn (?string $clock): ?int => $clock === null ? null : $day->instantOf(ClockTime::of($clock));

        return new Wants(
            LightWanted::from($stored->light),
            $at($stored->earliest_clock),
            $at($stored->latest_clock),
            $stored->people ?? [],
            $stored->setup_minutes,
            $stored->worth,
            $stored->also_lanes ?? [],
            $stored->spot_id,
        );
    }

    public static function scene(StoredSegment $segment, JobKind $kind): SceneKind
    {
        return SceneKind::of($segment->title, $kind, $segment->cover !== null);
    }

    /** Frames beyond those of its lines, where such a scene usually takes more; none where nobody in it photographs. */
    public static function usualFrames(StoredSegment $segment, JobKind $kind): int
    {
        if (Lane::photographers($segment->lanes(), $segment->shotLines->isNotEmpty()) === []) {
            return 0;
        }

        return FrameRates::more(
            self::scene($segment, $kind),
            $segment->minutes,
            $segment->is_break,
            array_values($segment->shotLines->map(static fn (ShotLine $l): int => $l->frames)->all()),
        );
    }
}
