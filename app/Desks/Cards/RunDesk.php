<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Jobs\CarryOutRun;
use App\Models\Brief\Job;
use App\Models\Cards\Run;
use App\Models\Cards\RunKind;
use App\Models\Cards\RunState;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Long work of a job: begun, paused, gone on with; RunWork does it. */
final class RunDesk
{
    /** A run that has not been heard of for so long has died with its worker. */
    private const SILENT_S = 90;

    /** Remedies that begin a run. */
    private const BEGIN = ['copy.start', 'copy.to', 'copy.repair', 'copy.verify', 'card.twin'];

    /** @var array<int, Run|null> by job, for this request */
    private array $last = [];

    public function __construct(private readonly CardLog $log, private readonly CardsDesk $cards) {}

    /**
     * @param  list<int>  $cardIds
     * @param  list<int>  $destinationIds
     *
     * @throws ValidationException
     */
    public function start(Job $job, RunKind $kind, array $cardIds, array $destinationIds = []): Run
    {
        if ($this->active($job) !== null) {
            throw ValidationException::withMessages(['run' => 'Other work is under way for this job: let it end first.']);
        }
        $cards = $this->cards->cards($job)->whereIn('id', $cardIds);
        foreach ($cards as $card) {
            if (! $this->log->lifeOf($card)->isSealed) {
                throw ValidationException::withMessages(['run' => "{$card->item->label} has not been sealed: seal it first."]);
            }
        }
        if ($cards->isEmpty()) {
            throw ValidationException::withMessages(['run' => 'Choose at least one sealed card of this job.']);
        }
        if ($kind->wantsDestinations() && $destinationIds === []) {
            throw ValidationException::withMessages(['run' => 'Choose at least one destination.']);
        }
        $run = Run::query()->create([
            'job_id' => $job->id, 'kind' => $kind, 'state' => RunState::Waiting,
            'card_ids' => $cards->pluck('id')->values()->all(), 'destination_ids' => array_values($destinationIds),
        ]);
        $this->last = [];
        CarryOutRun::dispatch($run->id);

        return $run;
    }

    public function active(Job $job): ?Run
    {
        $last = $this->last($job);

        return $last !== null && $last->state->isUnderWay() && ! $this->isSilent($last) ? $last : null;
    }

    /**
     * Before anything else of a page is read: a run that ends meanwhile is then shown as running, and the page looks again. The other
     * way round the page would say that it is done, beside what lay there before.
     */
    public function look(int $jobId): void
    {
        $this->last[$jobId] ??= Run::query()->where('job_id', $jobId)->orderBy('id', 'desc')->first();
    }

    public function last(Job $job): ?Run
    {
        $this->look($job->id);

        return $this->last[$job->id];
    }

    public function isSilent(Run $run): bool
    {
        $heard = $run->told_at ?? (float) $run->getAttribute('created_at')->format('U.u');

        return $run->state->isUnderWay() && microtime(true) - $heard > self::SILENT_S;
    }

    /** What begins work is not offered while other work of the job is under way: it would be refused. */
    public function withheld(Job $job, Verdicts $verdicts): Verdicts
    {
        return $verdicts->map(
            fn (Verdict $v): Verdict => in_array($v->remedy?->action, self::BEGIN, true) && $this->active($job) !== null
                ? $v->with(null, ' Other work is under way: once that has ended, this can be pressed here.')
                : $v,
        );
    }

    /** The work stops within a moment; where it is already over, nothing happens. */
    public function askToPause(Job $job): void
    {
        $run = $this->active($job);
        $run?->update(['pause_asked' => true] + ($run->state === RunState::Waiting ? ['state' => RunState::Paused] : []));
        $this->last = [];
    }

    /** @throws ValidationException when there is nothing to go on with */
    public function goOn(Job $job): Run
    {
        $run = $this->last($job);
        if ($run?->state !== RunState::Paused) {
            throw ValidationException::withMessages(['run' => 'No work of this job is paused.']);
        }

        return $this->start($job, $run->kind, $run->card_ids, $run->destination_ids);
    }
}
