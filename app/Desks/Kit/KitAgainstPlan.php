<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\KeptFindings;
use App\Models\Brief\Job;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\BodiesJudge;
use NorthSatchel\Kit\Judge\BudgetJudge;
use NorthSatchel\Kit\Judge\HoldsJudge;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\LossSearch;
use NorthSatchel\Kit\Judge\PersonLoss;
use NorthSatchel\Kit\Judge\ReachJudge;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What is packed, held against the plan: this is what changes where a segment is moved. */
final class KitAgainstPlan
{
    /** @var \WeakMap<Job, LossReport> of a job as it was opened */
    private \WeakMap $losses;

    /** @var \WeakMap<Job, list<Verdict>> */
    private \WeakMap $reaches;

    /** @var array<string, Verdicts> by what is asked of the kit */
    private array $tried = [];

    public function __construct(private readonly NeedsDesk $needs, private readonly CarryDesk $carry, private readonly RemoteDesk $remotes)
    {
        $this->losses = new \WeakMap();
        $this->reaches = new \WeakMap();
    }

    /**
     * Of a job as it would be: nothing of it is kept for later. What is asked of the kit as before is answered as before: its findings hold,
     * its reasons may name an hour of the day that was tried first, so they are not for printing.
     */
    public function verdictsOn(Job $tried): Verdicts
    {
        return $this->tried[$this->asked($tried)] ??= $this->judged($tried);
    }

    /** What follows from the plan for the kit: the light, the frames and the order of its stretches, and which of them meet. */
    private function asked(Job $job): string
    {
        $stretches = $this->needs->stretches($job);
        $said = [];
        foreach ($stretches as $i => $one) {
            $meets = [];
            foreach ($stretches as $j => $other) {
                $meets[] = $i !== $j && $one->from < $other->to && $other->from < $one->to;
            }
            $said[] = [$one->id, $one->to - $one->from, $one->lanes, $one->ev100, $one->shots, $one->fill, $meets];
        }

        return "{$job->id} ".hash('xxh128', serialize($said));
    }

    private function judged(Job $tried): Verdicts
    {
        return new Verdicts([
            ...$this->met($tried),
            ...$tried->packing->isEmpty() ? [] : [...$this->survived($tried, $this->search($tried, true)), ...$this->remotes->findings($tried)],
        ]);
    }

    /**
     * Bodies, cells, cards and lenses: is there enough of each?
     *
     * @return list<Verdict>
     */
    public function met(Job $job): array
    {
        return [
            // Of an empty bag one thing is said.
            ...($job->packing->isEmpty() ? [] : [
                ...BodiesJudge::of($this->needs->work($job)->framesByLane, $this->carry->carried($job)),
                ...BudgetJudge::of($this->needs->needsOfBag($job), $this->needs->bag($job), $this->needs->usable($job)),
            ]),
            ...$this->reach($job),
        ];
    }

    /**
     * What if one thing breaks, is held by somebody else, or one person is missing?
     *
     * @return list<Verdict>
     */
    public function survived(Job $job, ?LossReport $losses = null): array
    {
        $stretches = $this->needs->stretches($job);
        $reach = $this->reach($job);

        return [
            ...array_filter(($losses ?? $this->losses($job))->verdicts(), static fn (Verdict $v): bool => ! self::isSaid($v, $reach)),
            ...HoldsJudge::of($this->carry->carried($job), $this->needs->needsOfBag($job), $stretches),
            ...PersonLoss::of($stretches),
        ];
    }

    public function losses(Job $job): LossReport
    {
        return $this->losses[$job] ??= $this->search($job, false);
    }

    private function search(Job $job, bool $isTried): LossReport
    {
        [$bag, $rest, $needs] = [$this->needs->bag($job), $this->needs->usable($job), $this->needs->needsOfBag($job)];
        $from = [$bag, $rest, array_map(static fn (Need $n): Need => $n->withoutWords(), $needs)];
        $found = KeptFindings::following($job, 'losses', $from, static fn (): LossSearch => new LossSearch(...$from, isMended: ! $isTried), $isTried);

        return new LossReport($bag, $rest, $needs, $found);
    }

    /** @return list<Verdict> */
    private function reach(Job $job): array
    {
        return $this->reaches[$job] ??= ReachJudge::of(
            new CarriedLenses($this->carry->carried($job)),
            $this->needs->stretches($job),
            $this->needs->rest($job),
        );
    }

    /**
     * Cards, cells and missing reaches have their own findings, with how many are short.
     *
     * @param  list<Verdict>  $reach
     */
    private static function isSaid(Verdict $verdict, array $reach): bool
    {
        $what = $verdict->code === 'kit.unmet' ? NeedWhat::tryFrom((string) $verdict->figures['what']) : null;
        $gaps = array_filter($reach, static fn (Verdict $v): bool => $v->code === 'kit.reach-gap');
        $focals = array_map(static fn (Verdict $v): float => (float) $v->figures['focal_mm'], $gaps);

        return in_array($what, [NeedWhat::Card, NeedWhat::Cell], true) ||
            ($what === NeedWhat::Reach && in_array((float) $verdict->figures['focal_mm'], $focals, true));
    }
}
