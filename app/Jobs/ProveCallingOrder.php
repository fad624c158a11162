<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desks\People\CallOrderDesk;
use App\Desks\People\PeopleDesk;
use App\Models\Brief\Job;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Goes on looking for the order in which the groups wait least, on a queue of its own so that no copy waits for it. */
final class ProveCallingOrder implements ShouldQueue
{
    use Queueable;

    public int $timeout = 600;

    public int $tries = 1;

    public function __construct(private readonly int $jobId) {}

    public function handle(PeopleDesk $people, CallOrderDesk $orders): void
    {
        $job = Job::query()->find($this->jobId);
        if ($job !== null) {
            $orders->prove($job, $people->order($job), $people->family($job));
        }
    }
}
