<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\WholeDay;
use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment as StoredSegment;
use App\Models\Scout\GroundRecord;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdict;
use Tests\App\TestCase;

/** A ground is drawn, periods are marked, and who stands where is judged, on the demo's finals and from nothing. */
final class CoverTest extends TestCase
{
    private Job $finals;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->signIn();
        $this->finals = Job::query()->where('name', 'like', '%finals')->firstOrFail();
    }

    public function test_a_ground_is_laid_out_and_changed_and_a_bad_line_changes_nothing(): void
    {
        $job = Job::query()->where('kind', 'event')->whereKeyNot($this->finals->id)->firstOrFail();
        $this->get("/jobs/{$job->id}/scout")->assertSee("/jobs/{$job->id}/ground");
        $this->get("/jobs/{$job->id}/cover")->assertRedirect("/jobs/{$job->id}/ground");
        $this->get("/jobs/{$job->id}/ground")->assertOk()->assertSee('Lay it out');
        $this->post("/jobs/{$job->id}/ground", ['kind' => 'moon'])->assertSessionHasErrors('kind');
        $this->put("/jobs/{$job->id}/ground", ['length_m' => 1, 'width_m' => 1, 'bearing_deg' => 0])->assertNotFound();
        $this->post("/jobs/{$job->id}/ground", ['kind' => 'stage'])->assertRedirect();
        $this->get("/jobs/{$job->id}/ground")->assertSee('Handing over')->assertSee('What each post gives');
        // Another one only where that is meant, and with a way back.
        $this->post("/jobs/{$job->id}/ground", ['kind' => 'hall court'])->assertSessionHasErrors('kind');
        $this->get("/jobs/{$job->id}/ground")->assertSee('Handing over');
        $undo = $this->post("/jobs/{$job->id}/ground", ['kind' => 'hall court', 'anew' => '1'])->getSession()->get('undo');
        $this->get("/jobs/{$job->id}/ground")->assertSee('Left goal')->assertDontSee('Handing over');
        $this->post($undo)->assertRedirect();
        $this->get("/jobs/{$job->id}/ground")->assertSee('Handing over');
        $ground = GroundRecord::query()->where('place_id', $job->place_id)->firstOrFail();
        $fields = [
            'length_m' => '14,5', 'width_m' => '9', 'bearing_deg' => '30',
            'zones' => 'Bowl, 3, 4', 'posts' => 'Door, 1, 1, not Bell', 'ways' => '',
        ];
        $this->from("/jobs/{$job->id}/ground")->put("/jobs/{$job->id}/ground", $fields)->assertSessionHasErrors('posts');
        $this->get("/jobs/{$job->id}/ground")->assertSee('there is no zone “Bell”')->assertSee('Door, 1, 1, not Bell');
        $this->assertSame(12.0, $ground->refresh()->length_m, 'nothing is changed');
        $this->put("/jobs/{$job->id}/ground", [...$fields, 'posts' => 'Door <b>, 1, 1, not Bowl'])->assertSessionHasNoErrors();
        $this->assertSame([14.5, 'Bowl, 3, 4'], [$ground->refresh()->length_m, $ground->zones]);
        $this->get("/jobs/{$job->id}/ground")->assertSee('Door &lt;b&gt;', false)->assertSee('hidden');
        $this->get("/jobs/{$job->id}/cover")->assertOk()->assertSee('No segment is marked as a period.');
        $this->post("/jobs/{$job->id}/ground", ['kind' => 'pitch']);
        $this->assertSame(14.5, $ground->refresh()->length_m, 'what is drawn is not laid out again');
    }

    /** What mends something else may take somebody from a post: whoever judges a day is asked. */
    public function test_a_day_planned_otherwise_is_judged_by_its_posts_too(): void
    {
        $url = "/jobs/{$this->finals->id}/cover";
        $this->post("{$url}/take")->assertRedirect($url);
        $job = BriefDesk::open($this->finals->id);
        $day = app(PlanDesk::class)->day($job);
        $periods = $job->segments->whereNotNull('cover')->sortBy('start_clock')->values();
        $codes = static fn (PlannedDay $of): array => array_map(
            static fn (Verdict $v): string => $v->code,
            iterator_to_array(app(WholeDay::class)->verdictsOn($job, $of, 0)),
        );
        $this->assertNotContains('cover.walk', $codes($day));
        $earlier = static fn (int $id): PlannedDay => $day->with(array_map(static function (Segment $s) use ($id, $periods, $job): Segment {
            $before = $periods->takeUntil(static fn (StoredSegment $p): bool => $p->id === $id)->last();
            $from = $before === null ? $s->startsAt : JobDay::of($job)->instantOf(ClockTime::of($before->start_clock));

            return $s->id === $id ? $s->at($from + 60 * ($before->minutes ?? 0), $s->minutes) : $s;
        }, $day->segments));
        $found = array_merge(...$periods->slice(1)->map(static fn (StoredSegment $p): array => $codes($earlier($p->id)))->all());
        $this->assertContains('cover.walk', $found, 'somebody who changes posts has no break to walk in');
    }

    public function test_the_finals_are_covered_as_far_as_can_be_and_by_hand(): void
    {
        $url = "/jobs/{$this->finals->id}/cover";
        $this->get($url)
            ->assertOk()
            ->assertSee('101 of 110 covered with 1 move; the most that is possible is 101, proven.')->assertSee('a converter for the lead (280 mm)');
        $this->get("/jobs/{$this->finals->id}/plan")->assertSee('4 sides stay open')->assertSee($url);
        $first = StoredSegment::query()->where('title', 'First third')->firstOrFail();
        $hand = ['hand' => [$first->id => ['lead' => 'Gallery', 'second' => '']], 'worth' => [$first->id => [3, 9, 2, 4, 3, 2]]];
        $this->put($url, [...$hand, 'worth' => [$first->id => [101]]])->assertSessionHasErrors();
        $this->assertSame([], $first->refresh()->cover['hand'] ?? null);
        $this->put($url, $hand)->assertSessionHasNoErrors();
        $this->assertSame(['lead' => 'Gallery'], $first->refresh()->cover['hand'] ?? null);
        $this->assertSame(['West goal' => 3, 'East goal' => 9], $first->cover['worth'] ?? null, 'only what differs from the usual');
        $this->get($url)->assertSee('Your own choice covers')->assertSee('Take the proven one');
        $this->post("{$url}/take")->assertRedirect($url);
        $this->get($url)->assertDontSee('Your own choice covers')->assertSee('101 of 110');
        // The phone of the day says the post.
        $pocket = $this->postJson("/jobs/{$this->finals->id}/day/sync", ['events' => []])->assertOk()->json('pocket.segments');
        $posts = collect($pocket)->firstWhere('id', $first->id)['posts'];
        $this->assertSame(['lead', 'second'], array_keys($posts));
        $this->get("/jobs/{$this->finals->id}/day")->assertSee("/jobs/{$this->finals->id}/send");
        // Their sheets say it as well, the coordinator's both, the client's none; the table too.
        $sheet = static fn (string $of): string => "/jobs/{$first->job_id}/sheets/{$of}";
        $stands = $pocket === null ? [] : collect($pocket)->firstWhere('id', $first->id)['posts'];
        $this->get($sheet('lead'))->assertSee($stands['lead'].': for')->assertDontSee('second: ');
        $this->get($sheet('coordinator'))->assertSee("lead: {$stands['lead']}: for")->assertSee("second: {$stands['second']}");
        $this->get($sheet('client'))->assertDontSee($stands['lead'].': for');
        $this->get("/jobs/{$first->job_id}/table/lead")->assertSee($stands['lead'].': for', false);
        $this->get($url)->assertSee('Hour by hour')->assertSee('1 side');
        // What was done stands in the list of changes, and goes back.
        $this->post('/plan-changes/'.PlanChange::query()->max('id').'/undo');
        $this->assertSame(['lead' => 'Gallery'], $first->refresh()->cover['hand'] ?? null);
    }

    /** Posts that are cleared by then are chosen again, and what was chosen by hand is said not to be there any more. */
    public function test_a_delay_chooses_the_posts_again(): void
    {
        StoredSegment::query()->where('job_id', $this->finals->id)->update(['is_outdoor' => true]);
        $ground = GroundRecord::query()->where('place_id', $this->finals->place_id)->firstOrFail();
        $url = "/jobs/{$this->finals->id}/what-if?hours=4";
        $this->get($url)->assertOk()->assertSee('What it gives and takes')->assertDontSee('By then other posts cover more');
        $first = StoredSegment::query()->where('title', 'First third')->firstOrFail();
        $until = ClockTime::of($first->start_clock)->plus(180)->text();
        $east = 'East corner, 42, -2, holds 2, seat';
        $ground->update(['posts' => str_replace($east, "{$east}, until {$until}", $ground->posts)]);
        $this->get($url)->assertSee('By then other posts cover more')->assertSee('not East corner');
        $first->update(['cover' => ['worth' => [], 'hand' => ['lead' => 'East corner']]]);
        $this->get($url)->assertSee('East corner is cleared before First third ends.');
    }

    public function test_two_periods_of_one_name_have_each_their_own_light(): void
    {
        foreach (['First third' => '12:00', 'Second third' => '20:30'] as $title => $from) {
            StoredSegment::query()->where('job_id', $this->finals->id)->where('title', $title)->update([
                'title' => 'Heat', 'start_clock' => $from, 'is_outdoor' => true,
            ]);
        }
        $this->finals->place->update(['latitude' => 62.39, 'longitude' => 17.3]);
        $this->get("/jobs/{$this->finals->id}/ground")->assertSee('from Heat at 20:30 on');
    }

    public function test_periods_are_marked_and_a_delay_moves_them(): void
    {
        $url = "/jobs/{$this->finals->id}/cover";
        $ids = StoredSegment::query()->where('job_id', $this->finals->id)->whereIn('title', ['First third', 'Warming up'])->pluck('id')->all();
        $this->post("{$url}/periods", ['segments' => $ids])->assertRedirect($url);
        $this->assertEqualsCanonicalizing($ids, StoredSegment::query()->where('job_id', $this->finals->id)->whereNotNull('cover')
            ->pluck('id')->all());
        $first = StoredSegment::query()->where('title', 'First third')->firstOrFail();
        $this->assertSame(9, $first->cover['worth']['East goal'] ?? null, 'what stays a period keeps what was typed');
        $this->post("{$url}/periods", [])->assertRedirect($url);
        $this->get($url)->assertSee('No segment is marked as a period.');
    }

    public function test_the_posts_of_the_last_time_are_shown(): void
    {
        $url = "/jobs/{$this->finals->id}/cover";
        $this->get($url)->assertDontSee('the last time here');
        $old = $this->finals->replicate()->fill(['date' => '2025-03-01', 'name' => 'Cup of last year']);
        $old->save();
        foreach ($this->finals->segments()->get() as $segment) {
            $hand = $segment->cover === null ? null : ['worth' => [], 'hand' => ['lead' => 'Gallery']];
            $segment->replicate()->fill(['job_id' => $old->id, 'title' => "Old {$segment->title}", 'cover' => $hand])->save();
        }
        foreach ($this->finals->packing()->get() as $entry) {
            $entry->replicate()->fill(['job_id' => $old->id])->save();
        }
        $this->get($url)->assertSee('Where you stood the last time here')->assertSee('Old First third: lead Gallery');
        $this->get("/jobs/{$old->id}/cover")->assertDontSee('the last time here');
    }

    public function test_who_carries_no_lens_is_named_and_a_ground_that_came_in_broken_is_said(): void
    {
        $this->finals->packing()->where('lane', 'second')->delete();
        $this->get("/jobs/{$this->finals->id}/cover")->assertSee('Second has no lens on the list and is left out here.');
        GroundRecord::query()->where('place_id', $this->finals->place_id)->update(['posts' => 'nonsense']);
        $this->get("/jobs/{$this->finals->id}/cover")->assertRedirect("/jobs/{$this->finals->id}/ground");
        $this->get("/jobs/{$this->finals->id}/ground")->assertOk()->assertSee('after “nonsense” come two numbers');
        $this->get("/jobs/{$this->finals->id}/plan")->assertOk();
    }
}
