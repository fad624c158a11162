<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is the pass or the zone open at that minute (M33)? A zone that no pass names is open. */
final class AccessJudge
{
    /** @param  list<AccessWindow>  $windows of that day */
    public static function of(PlannedDay $day, array $windows): Verdicts
    {
        $verdicts = [];
        foreach ($day->lanes() as $lane => $segments) {
            foreach ($segments as $segment) {
                $zone = self::zone($segment, $windows);
                $verdicts[] = $zone === [] ? null : self::judge($day, $segment, $lane, $zone);
            }
        }

        return new Verdicts(array_filter($verdicts));
    }

    /**
     * The windows of the spot where it has its own, else those of the place.
     *
     * @param  list<AccessWindow>  $windows
     * @return list<AccessWindow>
     */
    private static function zone(Segment $segment, array $windows): array
    {
        $at = static fn (?int $spot): array => array_values(
            array_filter($windows, static fn (AccessWindow $w): bool => $w->placeId === $segment->setting->placeId && $w->spotId === $spot),
        );
        $ofSpot = $segment->wants->spotId === null ? [] : $at($segment->wants->spotId);

        return $ofSpot === [] ? $at(null) : $ofSpot;
    }

    /** @param  non-empty-list<AccessWindow>  $zone */
    private static function judge(PlannedDay $day, Segment $segment, string $lane, array $zone): ?Verdict
    {
        $where = ucfirst($zone[0]->spotId === null ? (string) $segment->setting->placeName : (string) $segment->setting->name());
        $mine = array_values(array_filter($zone, static fn (AccessWindow $w): bool => $w->isFor($lane)));
        if ($mine === []) {
            $passes = implode(' or ', array_unique(array_map(static fn (AccessWindow $w): string => $w->pass, $zone)));

            return Verdict::stop(
                'plan.no-pass',
                ucfirst(Lane::person($lane))." has no pass for {$segment->title}.",
                "{$where} opens with {$passes} only: ask for another pass, or give the segment to who has one.",
            );
        }
        $best = null;
        foreach ($mine as $window) {
            $early = max(0, $window->opensAt + 60 * $window->gateMinutes - $segment->startsAt);
            $late = max(0, $segment->endsAt() - $window->closesAt);
            if ($early + $late === 0) {
                return null;
            }
            if ($best === null || $early + $late < $best[1] + $best[2]) {
                $best = [$window, $early, $late];
            }
        }
        [$window, $early, $late] = $best;
        $missing = (int) ceil(($early + $late) / 60);
        $isEarly = $early > 0;
        $gate = $window->gateMinutes > 0 ? ", and gates and stairs take {$window->gateMinutes} min" : '';
        $because = "{$window->pass} opens it from {$day->day->face($window->opensAt)} to {$day->day->face(
            $window->closesAt,
        )}{$gate}; {$segment->title} is planned from {$day->day->face($segment->startsAt)} to {$day->day->face(
            $segment->endsAt(),
        )}: ".Span::hours($missing).' outside. Ask for that pass '.implode(' and ', array_filter([
            $early > 0 ? 'from '.$day->day->face($segment->startsAt - 60 * $window->gateMinutes) : '',
            $late > 0 ? 'until '.$day->day->face($segment->endsAt()) : '',
        ])).', or move it.';
        $remedy = match (true) {
            $segment->isAnchor || ($isEarly && $late > 0) => null,
            $isEarly => new Remedy('segment.later', 'Start it '.Span::later($missing), ['segment' => $segment->id, 'minutes' => $missing]),
            default => new Remedy('segment.later', 'Start it '.Span::later(-$missing), ['segment' => $segment->id, 'minutes' => -$missing]),
        };

        return Verdict::stop(
            'plan.zone-closed',
            $isEarly
                ? "{$where} is not open yet when {$segment->title} starts."
                : "{$where} closes before {$segment->title} is over.",
            $because,
            ['missing_minutes' => $missing],
            $remedy,
        );
    }
}
