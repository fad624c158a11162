<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Arrival;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * When to be there: everything that must stand before the doors open, done in the order in which it is listed by as many hands as there
 * are, and time for trouble before the doors. Schools go from two hours to six (common practice, no source); this one counts.
 */
final readonly class Arrival
{
    private const EARLY_SCHOOL_MIN = 360;

    private const LATE_SCHOOL_MIN = 120;

    private const MOST_NAMED = 3;

    /** @var list<DoneTask> in the order in which they begin */
    public array $done;

    public ClockTime $at;

    /** Minutes from coming to the last task's end. */
    public int $minutes;

    /**
     * @param  list<Task>  $tasks  each after those that it waits for
     * @param  int  $spareMinutes  for trouble, before the doors
     * @param  bool  $isStudio  the first picture is taken then, and no doors are opened
     *
     * @throws ImpossibleValue when a task wants more hands than there are, or the day has too few hours
     */
    public function __construct(
        array $tasks,
        private ClockTime $doors,
        int $hands,
        private int $spareMinutes,
        private bool $isStudio = false,
    ) {
        $crew = new Hands(max(1, $hands));
        $ends = $starts = [];
        foreach ($tasks as $task) {
            $waits = array_map(static fn (string $name): int => $ends[$name] ?? 0, $task->after);
            $start = $crew->take($task, max([0, ...$waits]));
            $ends[$task->name] = $start + $task->minutes;
            $starts[] = [$task, $start];
        }
        $this->minutes = $ends === [] ? 0 : max($ends);
        $at = $doors->minutes - $spareMinutes - $this->minutes;
        if ($at < 0) {
            throw ImpossibleValue::of('doors_clock', 'must leave time for '.($this->minutes + $spareMinutes).' minutes before it');
        }
        $this->at = ClockTime::ofMinutes($at);
        usort($starts, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $this->done = array_map(
            fn (array $s): DoneTask => new DoneTask($s[0], $this->at->plus($s[1]), $this->at->plus($s[1] + $s[0]->minutes)),
            $starts,
        );
    }

    /**
     * What somebody else says must stand, and is on no line; null where all of it is.
     *
     * @param  list<Task>  $others
     */
    public function unlisted(array $others): ?Verdict
    {
        $listed = array_map(static fn (DoneTask $d): string => mb_strtolower($d->task->name), $this->done);
        $missing = array_values(array_filter($others, static fn (Task $t): bool => ! in_array(mb_strtolower($t->name), $listed, true)));
        if ($missing === []) {
            return null;
        }

        return Verdict::mind(
            'arrive.unlisted',
            Some::of(array_map(static fn (Task $t): string => "“{$t->name}”", $missing), self::MOST_NAMED).
                Plural::of(count($missing), ' is on no line here.', ' are on no line here.'),
            Plural::of(count($missing), 'A camera that stands alone', 'Cameras that stand alone').', with the walk there and back '.
                Span::hours(array_sum(array_map(static fn (Task $t): int => $t->minutes, $missing))).
                ($this->done === [] ? '.' : ": {$this->at->text()} is the time to be there without it."),
            ['tasks' => count($missing)],
        );
    }

    /**
     * @param  int|null  $coversFrom  minutes of the clock from which the job is covered; null where nobody said
     * @param  list<Task>  $others  what somebody else says must stand: while some of it is on no line no time is called right
     */
    public function verdicts(?int $coversFrom, array $others = []): Verdicts
    {
        $unlisted = $this->unlisted($others);
        $more = new Verdicts($unlisted === null ? [] : [$unlisted]);
        $looked = Looked::at(count($this->done), 'task');
        if ($looked === null) {
            return (new Verdicts([
                Verdict::mind(
                    'arrive.nothing',
                    'Nothing is listed that must stand '.($this->isStudio ? 'for the first picture.' : 'before the doors open.'),
                    $this->isStudio
                        ? 'Background, lights, camera, test frame, marks: a line each, with its minutes.'
                        : 'Lone cameras, wires, tests, the walk around: a line each, with its minutes.',
                ),
            ]))->with($more);
        }
        $before = $this->doors->minutes - $this->at->minutes;
        $spare = $this->spareMinutes === 0 ? 'none' : Span::hours($this->spareMinutes);
        $why = Span::hours($this->minutes)." of work and {$spare} for trouble before {$this->doors->text()}.".($this->isStudio
            ? ''
            : ' The school of two hours comes '.self::against(self::LATE_SCHOOL_MIN - $before).
                ', that of six '.self::against(self::EARLY_SCHOOL_MIN - $before).'.');
        if ($coversFrom !== null && $this->at->minutes < $coversFrom) {
            return (new Verdicts([
                Verdict::fix(
                    'arrive.before-hours',
                    "Be there at {$this->at->text()}: that is before the covered hours begin.",
                    $why.' Agree on it, or take something off the list.',
                    ['minutes' => $coversFrom - $this->at->minutes],
                    new Remedy('brief.hours', "Cover from {$this->at->text()}", ['covered_from' => $this->at->text()]),
                ),
            ]))->with($more);
        }

        return $unlisted !== null ? $more : new Verdicts([
            Verdict::fine('arrive.at', "Be there at {$this->at->text()}.", "{$looked->words}: {$why}", $looked, ['minutes' => $before]),
        ]);
    }

    private static function against(int $minutes): string
    {
        return match (true) {
            $minutes === 0 => 'at the same minute',
            $minutes > 0 => Span::later(-$minutes),
            default => Span::hours(-$minutes).' too late',
        };
    }
}
