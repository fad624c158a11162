<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/**
 * The kit of a day with several jobs, stop by stop: what comes out of the car, what goes on from the stop before, what
 * may stay in it; and whether a thing can be at both where it is wanted.
 */
final readonly class DayKit
{
    /** Used at one stop, not ready for the next: cards may not be formatted before their copies, cells are empty. */
    private const SPENT = ['card', 'cell'];

    private const NAMED = 4;

    /** @var list<KitStop> in the order of time */
    public array $stops;

    /**
     * @param  list<KitStop>  $stops
     * @param  \Closure(int, int): int  $way  minutes from the one job to the other, by job id
     */
    public function __construct(array $stops, private \Closure $way)
    {
        usort($stops, static fn (KitStop $a, KitStop $b): int => [$a->from, $a->jobId] <=> [$b->from, $b->jobId]);
        $this->stops = $stops;
    }

    /**
     * @return list<StopRow> labels: from the car, from the stop
     * before, of the day's kit not wanted here
     */
    public function rows(): array
    {
        $rows = [];
        $before = null;
        foreach ($this->stops as $stop) {
            $on = $before === null ? [] : array_intersect_key($stop->items, $before->items);
            $rest = array_diff_key($this->all(), $stop->items);
            $rows[] = new StopRow(
                stop: $stop,
                out: $stop->labels(...array_keys(array_diff_key($stop->items, $on))),
                on: $stop->labels(...array_keys($on)),
                home: self::sorted($rest),
            );
            $before = $stop;
        }

        return $rows;
    }

    /**
     * @param  int|null  $jobId  only what concerns this one
     * @return list<Verdict>
     */
    public function verdicts(?int $jobId = null): array
    {
        $verdicts = [];
        foreach ($this->stops as $i => $one) {
            foreach (array_slice($this->stops, $i + 1) as $skipped => $other) {
                $both = array_keys(array_intersect_key($one->items, $other->items));
                if ($both === [] || ($jobId !== null && $jobId !== $one->jobId && $jobId !== $other->jobId)) {
                    continue;
                }
                $verdicts = [
                    ...$verdicts,
                    ...$this->between(
                        $one,
                        $other,
                        $both,
                        array_replace(
                            [],
                            ...array_map(static fn (KitStop $s): array => $s->items, array_slice($this->stops, $i + 1, $skipped)),
                        ),
                    ),
                ];
            }
        }

        return $verdicts;
    }

    /**
     * @param  non-empty-list<int>  $both
     * @param  array<int, StopThing>  $meanwhile  what stops in between want: from there it goes on
     * @return list<Verdict>
     */
    private function between(KitStop $one, KitStop $other, array $both, array $meanwhile): array
    {
        $way = ($this->way)($one->jobId, $other->jobId);
        $spare = $other->from - $one->to - $way;
        if ($spare < 0) {
            return [
                Verdict::fix(
                    'pack.two-jobs',
                    self::named($one->labels(...$both)).Plural::of(count($both), ' is', ' are').' in two jobs that day.',
                    "“{$one->name}” is over at ".
                        ClockTime::ofMinutes($one->to)->text().
                        ', '.
                        ($way > 0 ? 'the way takes '.Span::hours($way).', and ' : '').
                        "“{$other->name}” starts at ".
                        ClockTime::ofMinutes($other->from)->text().
                        ': '.
                        Span::hours(-$spare).
                        ' too early. Move one of them, or one takes other things.',
                    ['missing_minutes' => -$spare, 'things' => count($both)],
                ),
            ];
        }
        $verdicts = [];
        foreach (self::SPENT as $kind) {
            $spent = array_values(array_filter($both, static fn (int $id): bool => $one->items[$id]->kind === $kind));
            if ($spent !== []) {
                $verdicts[] = Verdict::fix(
                    "pack.spent-{$kind}",
                    self::named($one->labels(...$spent)).
                        Plural::of(count($spent), ' comes', ' come').
                        " from “{$one->name}” ".
                        ($kind === 'card' ? 'full of its frames.' : 'used.'),
                    $kind === 'card'
                        ? "“{$other->name}” wants ".
                            Plural::of(count($spent), 'it', 'them').
                            ' too, '.
                            Span::hours($spare).
                            ' later, and no card is formatted before its copies are made and verified: put others on that list.'
                        : "“{$other->name}” wants ".
                            Plural::of(count($spent), 'it', 'them').
                            ' too: charge in the car in the '.
                            Span::hours($spare).
                            ' between, or put others on that list.',
                    ['things' => count($spent)],
                );
            }
        }
        $goOn = array_values(
            array_filter(
                $both,
                static fn (int $id): bool => ! isset($meanwhile[$id]) && ! in_array($one->items[$id]->kind, self::SPENT, true),
            ),
        );
        if ($goOn !== []) {
            $verdicts[] = Verdict::mind(
                'pack.goes-on',
                self::named($one->labels(...$goOn)).
                    Plural::of(count($goOn), ' goes', ' go').
                    " on from “{$one->name}” to “{$other->name}”.",
                'Over at '.
                    ClockTime::ofMinutes($one->to)->text().
                    ($way > 0 ? ', '.Span::hours($way).' of way' : '').
                    ', wanted again at '.
                    ClockTime::ofMinutes($other->from)->text().
                    ': '.
                    $spare.
                    ' min to pack up and unpack.',
                ['things' => count($goOn), 'spare_minutes' => $spare],
            );
        }

        return $verdicts;
    }

    /** @return array<int, StopThing> */
    private function all(): array
    {
        return array_replace([], ...array_map(static fn (KitStop $s): array => $s->items, $this->stops));
    }

    /**
     * @param  array<int, StopThing>  $items
     * @return list<string>
     */
    private static function sorted(array $items): array
    {
        $labels = array_column($items, 'label');
        sort($labels);

        return $labels;
    }

    /** @param  list<string>  $labels */
    private static function named(array $labels): string
    {
        return Some::of($labels, self::NAMED);
    }
}
