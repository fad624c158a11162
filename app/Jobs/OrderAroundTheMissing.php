<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desks\People\CallOrderDesk;
use App\Desks\People\PeopleDesk;
use App\Models\Brief\Job;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out beforehand in which order the groups are called while one person is missing, for each of them. */
final class OrderAroundTheMissing implements ShouldQueue
{
    use Queueable;

    public int $timeout = 600;

    public int $tries = 1;

    public function __construct(private readonly int $jobId) {}

    public function handle(PeopleDesk $people, CallOrderDesk $orders): void
    {
        $job = Job::query()->find($this->jobId);
        if ($job !== null) {
            $orders->orderAround($job, $people->named($job), $people->family($job));
        }
    }
}
