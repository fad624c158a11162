<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desks\Copies\RunWork;
use App\Models\Cards\Run;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Hands a run to the work; a second try would find its own traces and go on. */
final class CarryOutRun implements ShouldQueue
{
    use Queueable;

    public int $timeout = 6 * 3600;

    public int $tries = 1;

    public function __construct(private readonly int $runId) {}

    public function handle(RunWork $work): void
    {
        $work->carryOut(Run::query()->findOrFail($this->runId));
    }

    public function failed(?\Throwable $e): void
    {
        Run::query()->find($this->runId)?->update([
            'state' => 'trouble',
            'report' => [['good' => false, 'text' => 'The work stopped: '.($e?->getMessage() ?? 'no reason given')]],
        ]);
    }
}
