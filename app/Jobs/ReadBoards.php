<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desks\Brief\BriefDesk;
use App\Desks\Wrap\BoardsDesk;
use App\Devices\BoardReader;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks for number boards in the frames of a job, beside what else goes on. */
final class ReadBoards implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $timeout = 600;

    public int $tries = 1;

    public int $uniqueFor = 600;

    /** @param  int  $from  place in the order of time */
    public function __construct(private readonly int $jobId, private readonly int $from = 0)
    {
        $this->onQueue('boards');
    }

    public function uniqueId(): string
    {
        return (string) $this->jobId;
    }

    public function handle(BoardsDesk $desk, BoardReader $reader): void
    {
        $next = $desk->read(BriefDesk::open($this->jobId), $reader, $this->from);
        if ($next !== null) {
            self::dispatch($this->jobId, $next);
        }
    }
}
