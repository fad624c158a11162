<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Tests\App\TestCase;

/** Whatever was done to a plan can be undone, from one list. */
final class HistoryTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
    }

    /** @return array<string, mixed> */
    private static function state(): array
    {
        return [
            Segment::query()->where('job_id', 1)->orderBy('id')->get(['id', 'title', 'start_clock', 'minutes'])->toArray(),
            ShotLine::query()->where('job_id', 1)->orderBy('id')->get(['id', 'what', 'segment_id', 'position', 'priority'])->toArray(),
            Job::query()->findOrFail(1)->only(['covered_from', 'covered_to']),
        ];
    }

    public function test_every_edit_is_on_the_list_and_goes_back(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        $shot = ShotLine::query()->where('job_id', 1)->whereNotNull('segment_id')->firstOrFail();
        $edits = [
            fn () => $this->post("/segments/{$segment->id}/shift", ['minutes' => 5]),
            fn () => $this->post("/segments/{$segment->id}/length", ['minutes' => 41]),
            fn () => $this->post('/jobs/1/segments/move', ['segments' => (string) $segment->id, 'minutes' => -10]),
            fn () => $this->delete("/segments/{$segment->id}"),
            fn () => $this->delete("/shots/{$shot->id}"),
            fn () => $this->post("/segments/{$segment->id}/shots/paste", ['lines' => "One\nTwo"]),
            fn () => $this->post('/jobs/1/shots/must', ['what' => 'The weather vane']),
            fn () => $this->post('/jobs/1/hours', ['covered_to' => '25:00']),
            fn () => $this->post('/jobs/1/meal', [
                'lane' => 'lead',
                'start_clock' => '17:05',
                'minutes' => 20,
                'date' => Job::query()->findOrFail(1)->date,
            ]),
        ];
        foreach ($edits as $number => $edit) {
            $before = self::state();
            $edit()->assertSessionHasNoErrors();
            $this->assertNotSame($before, self::state(), "edit {$number} changes something");
            $change = PlanChange::query()->where('job_id', 1)->orderByDesc('id')->firstOrFail();
            $this->assertNull($change->undone_at);
            $this->get('/jobs/1/plan')->assertSee('What was done, and back')->assertSee($change->said);
            $this->post("/plan-changes/{$change->id}/undo")->assertRedirect('/jobs/1/plan');
            $this->assertSame($before, self::state(), "edit {$number} is undone");
        }
    }

    public function test_back_to_before_an_older_one_takes_the_later_ones_along(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        $before = self::state();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 5]);
        $first = PlanChange::query()->orderByDesc('id')->firstOrFail();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 10]);
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 10]);
        $this->post("/plan-changes/{$first->id}/undo");
        $this->assertSame($before, self::state());
        $this->get('/jobs/1/plan')->assertDontSee('What was done, and back');
    }

    public function test_what_changes_nothing_is_not_on_the_list(): void
    {
        $this->post('/jobs/1/segments/move', ['segments' => 'all', 'minutes' => 5])->assertSessionHasErrors('segments');
        $this->post('/jobs/1/segments/move', ['segments' => '999999', 'minutes' => 5])->assertNotFound();
        $this->get('/jobs/1/plan')->assertOk();
        $this->assertSame(0, PlanChange::query()->count());
    }

    public function test_many_changes_keep_the_last(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        for ($i = 0; $i < 44; $i++) {
            $this->post("/segments/{$segment->id}/length", ['minutes' => 20 + $i]);
        }
        $this->assertSame(40, PlanChange::query()->where('job_id', 1)->count());
    }
}
