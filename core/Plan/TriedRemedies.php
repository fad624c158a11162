<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * A remedy is tried on a copy of the day before it is offered: it takes its finding away and makes no new stop. Where a segment cannot
 * move alone, it is tried together with those that touch it; a segment that is offered is tried in its place; what else a remedy costs
 * is said.
 */
final readonly class TriedRemedies
{
    private const MOVES = ['segment.later', 'segment.shorten'];

    /** A segment that is not there yet. */
    private const ADDS = ['segment.meal', 'shots.segment'];

    private const NEW_ID = 0;

    /** What it costs, by name. */
    private const NAMED = 2;

    /**
     * @param  \Closure(PlannedDay): Verdicts  $judge
     * @param  \Closure(PlannedDay): Verdicts  $elsewhere
     */
    private function __construct(
        private PlannedDay $day,
        private \Closure $judge,
        private Verdicts $before,
        private \Closure $elsewhere,
        private Verdicts $beforeElsewhere,
        private ?Setting $where,
    ) {}

    /**
     * @param  Verdicts  $found  of that day, whose remedies are tried
     * @param  \Closure(PlannedDay): Verdicts  $judge  what is said of a day, the findings with it
     * @param  (\Closure(PlannedDay): Verdicts)|null  $elsewhere  what others say of it: asked only of what has passed the first
     * @param  Setting|null  $where  a new segment is as long as nobody says where; a rest is wherever one is then
     */
    public static function of(PlannedDay $day, Verdicts $found, \Closure $judge, ?\Closure $elsewhere = null, ?Setting $where = null): Verdicts
    {
        $isTried = static fn (Verdict $v): bool => in_array($v->remedy?->action, [...self::MOVES, ...self::ADDS], true)
            && ($v->remedy->on['date'] ?? $day->day->date) === $day->day->date;
        $wanted = array_filter(iterator_to_array($found), $isTried);
        if ($wanted === []) {
            return $found;
        }
        $elsewhere ??= static fn (PlannedDay $tried): Verdicts => new Verdicts();
        $tried = new self($day, $judge, $judge($day), $elsewhere, $elsewhere($day), $where);

        return new Verdicts(array_map(static fn (Verdict $v): Verdict => $isTried($v) ? $tried->one($v) : $v, iterator_to_array($found)));
    }

    private function one(Verdict $verdict): Verdict
    {
        $on = $verdict->remedy->on ?? [];
        if (in_array($verdict->remedy?->action, self::ADDS, true)) {
            $cost = $this->cost($verdict, self::NEW_ID, $this->day->with([...$this->day->segments, $this->added($verdict->remedy)]));

            return $cost === null ? $verdict->with(null) : $verdict->with($verdict->remedy, $cost);
        }
        $id = (int) ($on['segment'] ?? 0);
        $minutes = (int) ($on['minutes'] ?? 0);
        $isShorter = $verdict->remedy?->action === 'segment.shorten';
        // Nobody's minutes are cut where they can begin earlier at no cost.
        foreach ($isShorter ? $this->earlier($id, $minutes) : [] as [$remedy, $day]) {
            if ($this->cost($verdict, $id, $day) === '') {
                return $verdict->with($remedy, '');
            }
        }
        $ways = $isShorter
            ? [[$verdict->remedy, $this->resized($id, $minutes)]]
            : [[$verdict->remedy, $this->moved([$id], $minutes)], $this->chain($id, $minutes)];
        foreach (array_filter($ways) as [$remedy, $day]) {
            $cost = $day === null ? null : $this->cost($verdict, $id, $day);
            if ($cost !== null) {
                return $verdict->with($remedy, $cost);
            }
        }

        return $verdict->with(null);
    }

    /**
     * Instead of cutting a segment to so many minutes: it begins as much earlier, alone or with those before it.
     *
     * @return list<array{Remedy, PlannedDay}>
     */
    private function earlier(int $id, int $minutes): array
    {
        $segment = $this->day->segment($id);
        $by = ($segment->minutes ?? 0) - $minutes;
        if ($segment === null || $by <= 0) {
            return [];
        }
        $alone = $this->moved([$id], -$by);
        $at = $this->day->day->face($segment->startsAt - 60 * $by);

        return array_values(array_filter([
            $alone === null
                ? null
                : [new Remedy('segment.later', "Start {$segment->title} at {$at}", ['segment' => $id, 'minutes' => -$by]), $alone],
            $this->chain($id, -$by),
        ]));
    }

    private function added(Remedy $remedy): Segment
    {
        $isMeal = $remedy->action === 'segment.meal';

        return new Segment(
            self::NEW_ID,
            $isMeal ? 'Meal' : 'Musts of the list',
            (string) $remedy->on['lane'],
            $this->day->day->instantOf(ClockTime::of((string) $remedy->on['start_clock'])),
            (int) $remedy->on['minutes'],
            $isMeal ? Priority::Should : Priority::Must,
            $isMeal ? new Setting() : $this->where ?? new Setting(),
            isBreak: $isMeal,
        );
    }

    /** @param  list<int>  $ids */
    private function moved(array $ids, int $minutes): ?PlannedDay
    {
        foreach ($this->day->segments as $segment) {
            if (in_array($segment->id, $ids, true) && ($segment->isAnchor || ! $this->isOnTheClock($segment->startsAt + 60 * $minutes))) {
                return null;
            }
        }

        return $this->day->with(
            array_map(
                static fn (Segment $s): Segment => in_array($s->id, $ids, true) ? $s->at($s->startsAt + 60 * $minutes, $s->minutes) : $s,
                $this->day->segments,
            ),
        );
    }

    /** A plan reaches from the first midnight to the third. */
    private function isOnTheClock(int $startsAt): bool
    {
        try {
            $this->day->day->clockOf($startsAt);
        } catch (ImpossibleValue) {
            return false;
        }

        return true;
    }

    private function resized(int $id, int $minutes): ?PlannedDay
    {
        return $minutes < 1
            ? null
            : $this->day->with(
                array_map(static fn (Segment $s): Segment => $s->id === $id ? $s->at($s->startsAt, $minutes) : $s, $this->day->segments),
            );
    }

    /**
     * The segment with those before it (earlier) or after it (later) in its lane that would be in the way, up to what does not move.
     *
     * @return array{Remedy, PlannedDay}|null
     */
    private function chain(int $id, int $minutes): ?array
    {
        $lane = array_values(array_filter($this->day->lanes(), static fn (array $of): bool => in_array($id, array_column($of, 'id'), true)))[0] ?? [];
        $lane = $minutes < 0 ? array_reverse($lane) : $lane;
        $at = (int) array_search($id, array_column($lane, 'id'), true);
        $ids = [$id];
        for ($i = $at + 1; $i < count($lane); $i++) {
            [$one, $next] = [$lane[$i - 1], $lane[$i]];
            $gap = $minutes < 0 ? $one->startsAt - $next->endsAt() : $next->startsAt - $one->endsAt();
            $way = $this->day->likelyWay($this->day->siteOf($one), $this->day->siteOf($next));
            if ($gap - 60 * $way >= 60 * abs($minutes)) {
                break;
            }
            $ids[] = $next->id;
        }
        $day = count($ids) < 2 ? null : $this->moved($ids, $minutes);
        $more = count($ids) - 1;

        return $day === null
            ? null
            : [
                new Remedy(
                    'segments.move',
                    ($minutes < 0 ? 'Pull ' : 'Push ').
                        $lane[$at]->title.
                        ' and '.
                        Plural::of($more, 'the one', "the {$more}").
                        ($minutes < 0 ? ' before it ' : ' after it ').
                        Span::later($minutes),
                    ['segments' => implode(',', $ids), 'minutes' => $minutes],
                ),
                $day,
            ];
    }

    /** @return string|null what it costs elsewhere, in words, empty for nothing; null where it does not take the finding away, or stops the day */
    private function cost(Verdict $verdict, int $id, PlannedDay $day): ?string
    {
        $title = array_column($this->day->segments, 'title', 'id')[$id] ?? '';
        $after = ($this->judge)($day);
        foreach ($after as $now) {
            $isOfIt = ($now->remedy->on['segment'] ?? null) === $id || ($title !== '' && str_contains($now->finding, $title))
                || ($id === self::NEW_ID && $now->finding === $verdict->finding);
            if ($now->code === $verdict->code && $isOfIt) {
                return null;
            }
        }
        $here = new DaysCompared($this->before, $after);
        $there = $here->isStopped() ? null : new DaysCompared($this->beforeElsewhere, ($this->elsewhere)($day));
        if ($there === null || $there->isStopped()) {
            return null;
        }
        $new = [...$here->fixes(), ...$there->fixes()];

        $named = implode('; ', array_map(lcfirst(...), array_slice($new, 0, self::NAMED)));

        return $new === [] ? '' : " It costs: {$named}".(count($new) > self::NAMED ? ', and '.(count($new) - self::NAMED).' more' : '').'.';
    }
}
