<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Tests\App\TestCase;

final class WhatIfTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
        // The second job of the demo, with nothing planned yet.
        Segment::query()->where('job_id', 2)->forceDelete();
    }

    private function segment(string $title): Segment
    {
        return Segment::query()->where('title', $title)->firstOrFail();
    }

    private function ask(string $title, int $late): \Illuminate\Testing\TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/what-if?segment={$this->segment($title)->id}&late={$late}");
    }

    /** On a day of 23 hours a re-plan lands on the clock, not on the minutes since midnight. */
    public function test_a_re_plan_on_a_day_on_which_the_clocks_change(): void
    {
        $this->job->update(['date' => '2027-03-28']);
        $first = $this->segment('First look on the jetty');
        $this->ask('First look on the jetty', 10)->assertSee('First look on the jetty starts at 11:25 instead of 11:15, in full.');
        $this->post("/jobs/{$this->job->id}/what-if", ['segment' => $first->id, 'late' => 10])->assertRedirect();
        $this->assertSame('11:25', $first->refresh()->start_clock);
    }

    public function test_what_is_meant_for_the_dark_is_said_so_with_one_press(): void
    {
        $late = $this->segment('Surprise: lanterns on the water');
        $late->update(['light' => 'any', 'title' => 'Rowers return', 'is_outdoor' => true]);
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('Rowers return is outdoors in the dark.')->assertSee('It is meant for the dark');
        $this->post("/segments/{$late->id}/light", ['light' => 'moon'])->assertSessionHasErrors('light');
        $this->assertSame('any', $late->refresh()->light);
        $this->post("/segments/{$late->id}/light", ['light' => 'dark'])->assertSessionHasNoErrors();
        $this->assertSame('dark', $late->refresh()->light);
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('Rowers return is outdoors');
    }

    public function test_the_groups_move_into_the_dinner_and_back(): void
    {
        $groups = $this->segment('Family groups');
        $dinner = $this->segment('Dinner and speeches');
        $before = Segment::query()
            ->orderBy('id')
            ->get(['id', 'start_clock', 'minutes'])
            ->toArray();
        $this->ask('Family groups', 60)
            ->assertOk()
            ->assertSee('Family groups moves into Dinner and speeches, 20 min of it.')
            ->assertSee('No other way keeps more: all were weighed.');

        $this->post("/jobs/{$this->job->id}/what-if", ['segment' => $groups->id, 'late' => 60])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
        $this->assertNull(Segment::query()->find($groups->id));
        $this->assertSame(6, ShotLine::query()->where('segment_id', $dinner->id)->count(), 'two of its own and the four of the groups');
        $this->get("/jobs/{$this->job->id}/plan")->assertSeeInOrder(['Dinner and speeches', "Emrik's brother plays", 'Both grandmothers']);

        $change = PlanChange::query()->firstOrFail();
        $this->get("/jobs/{$this->job->id}/what-if")->assertSee('The last change of the plan: 1 h late.');
        $this->post("/plan-changes/{$change->id}/undo")->assertRedirect();
        $this->assertSame(
            $before,
            Segment::query()
                ->orderBy('id')
                ->get(['id', 'start_clock', 'minutes'])
                ->toArray(),
        );
        $this->assertSame(4, ShotLine::query()->where('segment_id', $groups->id)->count());
        $this->post("/plan-changes/{$change->id}/undo")->assertRedirect();
        $this->assertSame(
            $before,
            Segment::query()
                ->orderBy('id')
                ->get(['id', 'start_clock', 'minutes'])
                ->toArray(),
            'undone once is undone',
        );
    }

    public function test_an_anchor_that_cannot_be_kept_is_said_and_nothing_is_applied(): void
    {
        $this->ask('Ceremony', 15)
            ->assertSee('No plan of the lead photographer keeps every must and every anchor.')
            ->assertSee('15 min are missing');
        $this->post("/jobs/{$this->job->id}/what-if", ['segment' => $this->segment('Ceremony')->id, 'late' => 15])->assertSessionHasErrors(
            'refused',
        );
        $this->assertSame(0, PlanChange::query()->count());
    }

    public function test_a_delay_that_the_slack_takes_changes_nothing_behind_it(): void
    {
        $this->ask('Details and getting ready', 10)->assertSee('Details and getting ready starts at 09:40 instead of 09:30, in full.');
    }

    public function test_the_weather_moves_everything_outdoors_and_the_verdicts_follow(): void
    {
        $first = $this->segment('First look on the jetty');
        $ceremony = $this->segment('Ceremony');
        $this->get("/jobs/{$this->job->id}/what-if?hours=12")
            ->assertOk()
            ->assertSee('First look on the jetty is outdoors in the dark.')
            ->assertDontSee('It is meant for the dark')
            ->assertSee('The delay gives the lead photographer')
            ->assertSee('Nobody drives home tired');
        $this->assertSame('11:15', $first->refresh()->start_clock, 'only shown');
        $this->post("/jobs/{$this->job->id}/delay", ['hours' => 2])->assertSessionHasNoErrors();
        $this->assertSame(['13:15', $ceremony->start_clock], [$first->refresh()->start_clock, $ceremony->refresh()->start_clock]);
        $this->post('/plan-changes/'.PlanChange::query()->firstOrFail()->id.'/undo');
        $this->assertSame('11:15', $first->refresh()->start_clock);
        $this->post("/jobs/{$this->job->id}/delay", ['hours' => 0])->assertSessionHasErrors('hours');
    }

    /** What the rehearsal offers is pressed, makes nothing that has to be mended, and is said with its way back. */
    public function test_the_best_buffer_is_no_new_trouble(): void
    {
        $page = $this->get("/jobs/{$this->job->id}/rehearse")->assertOk();
        $form = '~action="(/segments/\d+/shift)"[^>]*>.*?name="minutes" value="-(\d+)"~s';
        $this->assertSame(1, preg_match($form, (string) $page->getContent(), $found));
        $open = fn (): int => substr_count((string) $this->get("/jobs/{$this->job->id}/plan")->getContent(), 'class="verdict stop"');
        $before = $open();
        $undo = $this->post($found[1], ['say' => '1', 'minutes' => -(int) $found[2]])->assertSessionHas('said')->getSession()->get('undo');
        $this->assertLessThanOrEqual($before, $open());
        $this->post($undo)->assertRedirect();
    }

    public function test_odd_questions_get_an_answer(): void
    {
        $this->get("/jobs/{$this->job->id}/what-if?segment=999&late=99999")->assertOk();
        $this->get('/jobs/2/what-if')->assertOk()->assertSee('Nothing is planned yet.');
        $this->get('/jobs/2/rehearse')->assertOk()->assertSee('Nothing is planned yet.');
        $this->post("/jobs/{$this->job->id}/what-if", ['segment' => 1, 'late' => 601])->assertSessionHasErrors('late');
    }

    public function test_the_rehearsal_names_a_chance_for_each_start(): void
    {
        $this->get("/jobs/{$this->job->id}/rehearse")
            ->assertOk()
            ->assertSee('Ceremony')
            ->assertSee('does not move')
            ->assertSee('100 %');
        $this->get("/jobs/{$this->job->id}/rehearse?lane=second")
            ->assertOk()
            ->assertSee('Guests arrive')
            ->assertDontSee('Lakeside portraits</th>', false);
    }

    public function test_slack_and_leave_by_stand_in_the_plan(): void
    {
        $this->get("/jobs/{$this->job->id}/plan")
            ->assertSee('of slack')
            ->assertSee('leave at ')
            ->assertSee('at the latest');
    }

    public function test_what_a_segment_can_give_is_kept_and_checked(): void
    {
        $fields = ['title' => 'Cake', 'start_clock' => '21:00', 'minutes' => 20, 'priority' => 'should', 'lane' => 'lead'];
        $this->post("/jobs/{$this->job->id}/segments", [
            ...$fields,
            'short_minutes' => 8,
            'low_minutes' => 10,
            'high_minutes' => 40,
            'takes_in_minutes' => 5,
            'may_move' => 1,
        ])->assertSessionHasNoErrors();
        $cake = $this->segment('Cake');
        $this->assertSame(
            [8, 10, 40, 5, true],
            [$cake->short_minutes, $cake->low_minutes, $cake->high_minutes, $cake->takes_in_minutes, $cake->may_move],
        );
        foreach (['short_minutes' => 20, 'low_minutes' => 21, 'high_minutes' => 19, 'takes_in_minutes' => -1] as $field => $value) {
            $this->put("/segments/{$cake->id}", [...$fields, $field => $value])->assertSessionHasErrors($field);
        }
    }
}
