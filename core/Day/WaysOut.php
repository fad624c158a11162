<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\WhatIf\LateDay;
use NorthSatchel\Plan\WhatIf\LateLane;

/** At most two ways out of being late: the one that keeps most, and the one that changes least where that is another. */
final class WaysOut
{
    public const MOST = 'most';

    public const LEAST = 'least';

    /**
     * @return list<WayOut> empty where nothing has to change
     *
     * @throws ImpossibleValue when no such segment is planned
     */
    public static function of(PlannedDay $day, int $segmentId, int $lateMinutes): array
    {
        $most = new LateDay($day, $segmentId, $lateMinutes);
        if (! $most->isFeasible()) {
            return [self::none($most)];
        }
        $ways = [self::told(self::MOST, $day, $most)];
        $least = new LateDay($day, $segmentId, $lateMinutes, true);
        if ($least->isFeasible() && self::weight($least) < self::weight($most)) {
            $ways[] = self::told(self::LEAST, $day, $least);
        }

        return array_values(array_filter($ways, static fn (WayOut $w): bool => $w->says !== []));
    }

    private static function none(LateDay $late): WayOut
    {
        $lane = $late->blocked();
        $short = $lane?->replan->shortByMinutes;

        return new WayOut('none', [
            'No plan keeps every must and every anchor from here'.
                ($short === null ? '' : ": {$short} min are missing").
                '. Say it to the coordinator now: what does not move has to, or a must has to give.',
        ], []);
    }

    private static function told(string $name, PlannedDay $day, LateDay $late): WayOut
    {
        $planned = [];
        foreach ($day->segments as $segment) {
            $planned[$segment->id] = $segment;
        }
        $to = [];
        foreach ($late->choices() as $id => $choice) {
            $segment = $planned[$id] ?? null;
            if ($segment !== null && self::isChange($day, $segment, $choice)) {
                $to[] = new NewTime(
                    $id,
                    $choice->how,
                    $choice->start,
                    $choice->end,
                    $choice->how === How::Moved ? LateLane::pocketOf($choice) : null,
                );
            }
        }

        return new WayOut($name, $late->sentences(), $to);
    }

    private static function isChange(PlannedDay $day, Segment $segment, Choice $choice): bool
    {
        return $choice->how !== How::Full || $choice->start !== DayPasses::minute($day, $segment->startsAt);
    }

    /** How much a way changes: what is cut, moved or dropped. */
    private static function weight(LateDay $late): int
    {
        return count(array_filter($late->choices(), static fn (Choice $c): bool => $c->how !== How::Full));
    }
}
