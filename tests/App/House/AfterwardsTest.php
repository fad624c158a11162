<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Hole;
use App\Desks\House\Readiness;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use Illuminate\Support\Carbon;
use NorthSatchel\Verdict;
use Tests\App\TestCase;

/** Nothing is asked for any more that was to be done before a day that is over. */
final class AfterwardsTest extends TestCase
{
    /** @return array<string, list<string>> codes by phase */
    private function codes(Job $job): array
    {
        $this->app->forgetScopedInstances();

        return array_map(
            static fn (iterable $of): array => array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($of, false)),
            app(Readiness::class)->verdicts(BriefDesk::open($job->id)),
        );
    }

    public function test_a_day_that_is_over_asks_for_nothing_and_what_is_due_back_stays(): void
    {
        Carbon::setTestNow('2027-06-16 11:00');
        $job = $this->demo();
        $lent = Item::query()->where('ownership', 'borrowed')->firstOrFail();
        $lent->update(['due_on' => '2027-06-22']);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $lent->id, 'lane' => 'lead']);
        // The last dance ends at half past one on the 21st.
        Carbon::setTestNow('2027-06-21 05:00');
        $this->assertContains('plan.overlap', $this->codes($job)['plan'], 'people may still be at it');
        $this->get("/jobs/{$job->id}/plan")->assertSee('min later</button>', false);
        Carbon::setTestNow('2027-06-21 09:00');
        $codes = $this->codes($job);
        foreach (['scout', 'plan', 'people'] as $phase) {
            $this->assertSame(['brief.over'], $codes[$phase], $phase);
        }
        $this->assertEqualsCanonicalizing(['kit.due', 'brief.over'], $codes['kit'], 'what is lent goes back');
        $this->assertContains('day.over', $codes['day']);
        $holes = array_column(app(Readiness::class)->holes(BriefDesk::open($job->id)), null, 'phase');
        $full = array_map(static fn (Hole $h): array => [$h->isReady, $h->isSafe], [$holes['plan'], $holes['people']]);
        $this->assertSame([[false, false], [false, false]], $full, 'no hole is full of what was not looked at');
        $this->get("/jobs/{$job->id}/plan")
            ->assertSee('The day is over: what was planned for it is judged no more.')
            ->assertDontSee('min later</button>', false);
        $this->get('/')->assertOk()->assertDontSee('Drinks by the stove starts before');
    }
}
