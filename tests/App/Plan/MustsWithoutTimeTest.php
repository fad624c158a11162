<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PlanDesk;
use App\Http\RemedyRoutes;
use App\Models\Plan\Segment;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Time\ClockTime;
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

    public function test_a_must_of_the_dark_gets_an_hour_of_the_dark(): void
    {
        // In June it is never dark there.
        $this->travelTo('2027-10-06 10:00');
        $this->demo();
        $this->post('/jobs/1/shots', ['what' => 'Fireworks', 'priority' => 'must', 'minutes' => 6, 'frames' => 5]);
        $remedy = self::found()?->remedy;
        $sunset = app(PlanDesk::class)->day(BriefDesk::open(1))->sun?->sunset();
        $day = app(PlanDesk::class)->day(BriefDesk::open(1))->day;
        $at = $day->instantOf(ClockTime::of((string) $remedy?->on['start_clock']));
        $this->assertGreaterThanOrEqual($sunset, $at);
        $this->post('/jobs/1/shots', ['what' => 'Quilt', 'priority' => 'must', 'minutes' => 4, 'frames' => 5]);
        $route = RemedyRoutes::of($remedy, BriefDesk::open(1));
        $this->post((string) $route?->url, $route->fields ?? [])->assertSessionHasNoErrors();
        $segment = Segment::query()->where('title', 'Fireworks')->firstOrFail();
        $this->assertSame([['Fireworks'], true], [$segment->shotLines()->pluck('what')->all(), $segment->is_outdoor]);
        $this->assertSame([false, true, false], array_map(ShotHourJudge::isOutdoors(...), ['Interior at dusk', 'Lantern release', 'Rings']));
        $this->assertStringContainsString('“Quilt”', (string) self::found()?->finding, 'the other still waits for its time');
    }

    public function test_a_must_that_names_an_hour_gets_that_hour(): void
    {
        $this->demo();
        $job = BriefDesk::open(1);
        $late = ClockTime::of($job->covered_to)->plus(60);
        $this->post('/jobs/1/shots', ['what' => "Xylophone at {$late->onTheFace()}", 'priority' => 'must', 'minutes' => 7, 'frames' => 5]);
        $remedy = self::found()?->remedy;
        $this->assertSame([$late->text(), 7], [$remedy?->on['start_clock'] ?? null, $remedy?->on['minutes'] ?? null]);
        $route = RemedyRoutes::of($remedy, BriefDesk::open(1));
        $this->post((string) $route?->url, $route->fields ?? [])->assertSessionHasNoErrors();
        $this->assertNull(self::found());
        $this->assertSame($late->text(), Segment::query()->where('title', 'like', 'Xylophone%')->firstOrFail()->start_clock);

        $dance = $job->segments->firstOrFail('is_anchor', true);
        $quilt = 'Quilt at '.ClockTime::shown($dance->start_clock);
        $this->post('/jobs/1/shots', ['what' => $quilt, 'priority' => 'must', 'minutes' => 4, 'frames' => 5]);
        $put = self::found()?->remedy;
        $this->assertSame('shot.put', $put?->action);
        $segment = Segment::query()->findOrFail($put->on['segment']);
        $this->assertLessThanOrEqual($dance->start_clock, $segment->start_clock);
    }
}
