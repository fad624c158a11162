<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;
use NorthSatchel\Time\Priority;
use NorthSatchel\Time\Span;

/** The elements of a list in an order, laid into a day's hours around its breaks. */
final readonly class ElementDay
{
    /** @var list<TimedElement> */
    public array $timed;

    /** Minutes of the clock at which the last is taken. */
    public int $ends;

    public function __construct(private ElementList $list, public SetupOrder $order, public DayFrame $frame, private ?string $start = null)
    {
        $elements = $list->byId();
        $changes = $list->changes();
        $at = $frame->from;
        $setup = $start;
        $timed = [];
        foreach ($order->order as $id) {
            $element = $elements[(int) $id];
            $change = $setup === null || $setup === $element->setup ? 0 : $changes->between($setup, (string) $element->setup);
            $changeFrom = $change === 0 ? null : $frame->begins($at, $change);
            $from = $frame->begins(($changeFrom ?? $at) + $change, $element->minutes);
            $timed[] = new TimedElement($element, $changeFrom, $from, $from + $element->minutes);
            $at = $from + $element->minutes;
            $setup = $element->setup;
        }
        $this->timed = $timed;
        $this->ends = $at;
    }

    public function lateMinutes(): int
    {
        return max(0, $this->ends - $this->frame->to);
    }

    /** What of the clock goes to breaks, and to the wait for one before which the next does not fit, in words; empty where nothing does. */
    public function held(): string
    {
        $breaks = array_sum(array_map(
            fn (DayBreak $b): int => max(0, min($b->to, $this->ends) - max($b->from, $this->frame->from)),
            $this->frame->breaks,
        ));
        $wait = $this->ends - $this->frame->from - $this->order->minutes - $breaks;
        $words = [
            ...$breaks > 0 ? [Span::hours($breaks).' of breaks'] : [],
            ...$wait > 0 ? [Span::hours($wait).' of waiting for them'] : [],
        ];

        return $words === [] ? '' : ', and '.implode(', ', $words);
    }

    /** The longest time from the first element to the last without a break. */
    public function longestOnFoot(): OnFoot
    {
        $since = $this->frame->from;
        $longest = new OnFoot($since, $since);
        $breaks = $this->frame->breaks;
        usort($breaks, static fn (DayBreak $a, DayBreak $b): int => $a->from <=> $b->from);
        foreach ([...$breaks, new DayBreak($this->ends, $this->ends)] as $break) {
            $stretch = new OnFoot($since, min($break->from, $this->ends));
            $longest = $stretch->minutes() > $longest->minutes() ? $stretch : $longest;
            $since = max($since, $break->to);
        }

        return $longest;
    }

    /** @return list<PersonHours> by their names */
    public function people(): array
    {
        $people = [];
        foreach ($this->timed as $one) {
            foreach ($one->element->people as $name) {
                $people[$name] = new PersonHours($name, ($people[$name] ?? $one)->from, $one->to);
            }
        }
        ksort($people);

        return array_values($people);
    }

    /**
     * What gives when it does not fit into the hours: the re-planner over the elements in this order. An element may be cut to the time of
     * one alternative; what is a must is never left out.
     *
     * @return list<string>|null a sentence each; null where nothing that may give is enough
     */
    public function gives(): ?array
    {
        $elements = $this->list->byId();
        $rests = [];
        foreach ($this->order->order as $id) {
            $e = $elements[(int) $id];
            $short = $e->wanted > 1 ? (int) ceil($e->minutes / $e->wanted) : null;
            $value = $e->priority->value();
            $rests[] = new Rest(
                $id,
                $e->minutes,
                $value,
                $short,
                $short === null ? null : intdiv($value, 2),
                $e->priority === Priority::Must,
                latestEnd: $this->frame->to,
                place: $e->setup,
            );
        }
        $plan = (new Replanner($this->frame->from, $this->start, $this->withBreaks($rests), [], $this->ways()))->best();
        if (! $plan->isFeasible) {
            return null;
        }
        $changed = array_filter($plan->choices, static fn (Choice $c): bool => isset($elements[(int) $c->id]) && $c->how !== How::Full);

        return array_values(array_map(static fn (Choice $c): string => $c->how === How::Short
            ? "{$elements[(int) $c->id]->title()}: one alternative instead of {$elements[(int) $c->id]->wanted}."
            : "{$elements[(int) $c->id]->title()} is left out.", $changed));
    }

    /**
     * The breaks stand where they stand, each before the first that would begin behind it.
     *
     * @param  list<Rest>  $rests
     * @return list<Rest>
     */
    private function withBreaks(array $rests): array
    {
        $all = [];
        $breaks = $this->frame->breaks;
        foreach ($this->timed as $number => $one) {
            while ($breaks !== [] && $breaks[0]->from <= ($one->changeFrom ?? $one->from)) {
                $all[] = self::rest($breaks[0]);
                array_shift($breaks);
            }
            $all[] = $rests[$number];
        }

        return $all;
    }

    private static function rest(DayBreak $break): Rest
    {
        return new Rest("break {$break->from}", $break->to - $break->from, 0, isMust: true, fixedStart: $break->from);
    }

    private function ways(): Ways
    {
        $changes = $this->list->changes();
        $ways = [];
        foreach ($this->list->setups() as $from) {
            foreach ($this->list->setups() as $to) {
                $ways[] = new Way($from, $to, $changes->between($from, $to));
            }
        }

        return new Ways($ways);
    }
}
