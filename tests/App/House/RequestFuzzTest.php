<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\StandInDesk;
use App\Jobs\ReadBoards;
use Illuminate\Support\Facades\Bus;
use Tests\App\TestCase;
use Tests\Support\RequestFuzz;

/** Requests harmed in one place, answered or refused and never met with an error of the server; `./satchel trust fuzz` sends 20,000. */
final class RequestFuzzTest extends TestCase
{
    private const REQUESTS = 240;

    public function test_a_request_that_is_harmed_anywhere_is_answered(): void
    {
        $job = $this->demo();
        $this->app->forgetScopedInstances();
        app(StandInDesk::class)->shootDay(BriefDesk::open($job->id), 1);
        // An answer as a person gets it, without the trace. Pictures are looked through for boards in a test of their own.
        config(['satchel.proof_seconds' => 0.1, 'app.debug' => false]);
        Bus::fake([ReadBoards::class]);
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/cards/seal');
        $this->post('/jobs/1/cards/twin');
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $fuzz = new RequestFuzz(7);
        $this->assertGreaterThan(300, $fuzz->count());
        $this->assertSame(
            0,
            $fuzz->run(self::REQUESTS),
            json_encode($fuzz->errors, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR) ?: '',
        );
        $this->assertGreaterThan(self::REQUESTS / 4, $fuzz->answers['4xx'] ?? 0, 'much of it is refused');
        $this->assertGreaterThan(self::REQUESTS / 20, $fuzz->answers['2xx'] ?? 0, 'some of it is answered');
    }
}
