<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desks\Brief\BriefDesk;
use App\Desks\Wrap\SendQueue;
use App\Models\Brief\Job;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Sends what waits for the editor; a second one beside it does nothing. */
final class SendPictures implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(private readonly int $jobId) {}

    public function handle(SendQueue $queue): void
    {
        if (Job::query()->whereKey($this->jobId)->exists()) {
            $queue->send(BriefDesk::open($this->jobId));
        }
    }
}
