<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use Illuminate\Support\Carbon;
use Tests\App\TestCase;
use Tests\Support\PermitWorld;

/** Random histories, the permit beside a reference that looks at every byte; `./satchel trust permit` lives through ten thousand. */
final class PermitHistoriesTest extends TestCase
{
    private const HISTORIES = 12;

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_no_false_grant_and_no_false_refusal_in_random_histories(): void
    {
        $counts = [];
        for ($seed = 1; $seed <= self::HISTORIES; $seed++) {
            \Illuminate\Support\Facades\DB::beginTransaction();
            $world = new PermitWorld($this->folder("world-{$seed}"), $seed);
            $world->live(25);
            \Illuminate\Support\Facades\DB::rollBack();
            $this->assertSame([], $world->wrong, "seed {$seed}:\n".implode("\n", $world->log));
            foreach ($world->counts as $what => $count) {
                $counts[$what] = ($counts[$what] ?? 0) + $count;
            }
        }
        foreach (['granted', 'refused', 'formatted', 'compared'] as $what) {
            $this->assertGreaterThan(3, $counts[$what], "{$what}: the histories try both answers");
        }
    }
}
