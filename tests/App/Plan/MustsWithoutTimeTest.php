<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PlanDesk;
use App\Http\RemedyRoutes;
use App\Models\Plan\Segment;
use NorthSatchel\Verdict;
use Tests\App\TestCase;

/** Musts of the list whose words belong to no segment get time of their own. */
final class MustsWithoutTimeTest extends TestCase
{
    private static function found(): ?Verdict
    {
        foreach (app(PlanDesk::class)->verdicts(BriefDesk::open(1)) as $verdict) {
            if ($verdict->code === 'plan.must-without-time') {
                return $verdict;
            }
        }

        return null;
    }

    public function test_time_of_their_own_is_one_press(): void
    {
        $this->demo();
        $this->assertNull(self::found());
        foreach (['Xylophone', 'Quilt'] as $what) {
            $this->post('/jobs/1/shots', ['what' => $what, 'priority' => 'must', 'minutes' => 4, 'frames' => 5])->assertSessionHasNoErrors();
        }
        $remedy = self::found()?->remedy;
        $this->assertSame('shots.segment', $remedy?->action);
        $this->assertSame(8, $remedy->on['minutes']);
        $route = RemedyRoutes::of($remedy, BriefDesk::open(1));
        $this->assertNotNull($route);
        $this->post($route->url, $route->fields)->assertSessionHasNoErrors();
        $this->assertNull(self::found());
        $segment = Segment::query()->where('title', 'Musts of the list')->firstOrFail();
        $this->assertSame(['Xylophone', 'Quilt'], $segment->shotLines()->orderBy('position')->pluck('what')->all());
        $this->get('/jobs/1/plan')->assertOk()->assertSee('Musts of the list');
        $this->post('/jobs/1/shots/segment', ['lane' => 'lead', 'start_clock' => '25:99', 'minutes' => 8, 'date' => 'x'])->assertSessionHasErrors();
    }
}
