<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Plan\ShotSet;
use App\Models\Plan\Travel;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class PlanTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->post('/jobs', self::brief());
        $this->job = Job::query()->firstOrFail();
    }

    /** @return array<string, mixed> */
    private static function segment(array $changes = []): array
    {
        return [
            'title' => 'Sound check',
            'start_clock' => '16:00',
            'minutes' => '40',
            'priority' => 'should',
            'lane' => 'lead',
            'place_name' => 'The quarry',
            ...$changes,
        ];
    }

    private function add(array $changes = []): Segment
    {
        $this->post("/jobs/{$this->job->id}/segments", self::segment($changes))->assertRedirect();

        return Segment::query()->latest('id')->firstOrFail();
    }

    public function test_a_segment_is_added_drawn_and_listed(): void
    {
        $this->add(['title' => 'Choir on the ledge', 'is_outdoor' => '1', 'is_anchor' => '1']);
        $page = $this->get('/jobs/1/plan')->assertOk();
        $page
            ->assertSee('16:00 – 16:40')
            ->assertSee('Choir on the ledge')
            ->assertSee('class="nail"', false)
            ->assertSee('16:00 to 16:40 Choir on the ledge');
    }

    public function test_a_segment_is_edited_moved_and_removed_and_the_removal_undone(): void
    {
        $segment = $this->add();
        $this->put("/segments/{$segment->id}", self::segment(['title' => 'Long sound check', 'minutes' => '70']))->assertRedirect();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 15]);
        $this->assertSame(['Long sound check', 70, '16:15'], [$segment->refresh()->title, $segment->minutes, $segment->start_clock]);

        $this->followingRedirects()
            ->delete("/segments/{$segment->id}")
            ->assertSee('is off the plan')
            ->assertSee("/segments/{$segment->id}/restore", false);
        $this->assertSame(0, Segment::query()->count());
        $this->post("/segments/{$segment->id}/restore");
        $this->assertSame(1, Segment::query()->count());
    }

    public function test_a_new_place_is_made_by_naming_it(): void
    {
        $this->assertNull($this->add(['place_name' => 'The old crane'])->place?->latitude);
        $this->assertNull($this->add(['place_name' => ''])->place_id);
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function wrong(): array
    {
        return [
            'no title' => [['title' => ''], 'This is needed.'],
            'no length' => [['minutes' => '0'], 'A segment lasts from 1'],
            'negative' => [['minutes' => '-5'], 'A segment lasts from 1'],
            'no number' => [['minutes' => 'long'], 'whole number'],
            'no time' => [['start_clock' => 'at seven'], 'This must be a time'],
            'skipped by summer time' => [['start_clock' => '02:15'], '02:15 is skipped'],
        ];
    }

    /** @param  array<string, string>  $changes */
    #[DataProvider('wrong')]
    public function test_a_wrong_segment_is_refused_beside_its_field(array $changes, string $said): void
    {
        $page = $this->from('/jobs/1/plan')
            ->followingRedirects()
            ->post('/jobs/1/segments', self::segment(['place_name' => 'Typed place', ...$changes, '_form' => 'segment-new']));
        $page->assertSee($said)->assertSee('Typed place');
        $this->assertSame(0, Segment::query()->count());
    }

    public function test_a_move_out_of_the_day_or_into_the_skipped_hour_changes_nothing(): void
    {
        $segment = $this->add(['start_clock' => '01:50']);
        $this->from('/jobs/1/plan')
            ->post("/segments/{$segment->id}/shift", ['minutes' => 20])
            ->assertSessionHasErrors('start_clock');
        $this->post("/segments/{$segment->id}/shift", ['minutes' => -200])->assertSessionHasErrors('start_clock');
        $this->assertSame('01:50', $segment->refresh()->start_clock);
    }

    public function test_shots_take_their_times_from_the_segment_in_their_order(): void
    {
        $segment = $this->add();
        foreach ([['Cables', 10], ['The choir arrives', 5], ['Conductor alone', 8]] as [$what, $minutes]) {
            $this->post("/segments/{$segment->id}/shots", [
                'what' => $what,
                'priority' => 'must',
                'minutes' => $minutes,
                'frames' => 9,
                'focal_mm' => '',
            ]);
        }
        $this->get('/jobs/1/plan')->assertSeeInOrder(['16:00', 'Cables', '16:10', 'The choir arrives', '16:15', 'Conductor alone']);
        $last = ShotLine::query()->where('what', 'Conductor alone')->firstOrFail();
        $this->post("/shots/{$last->id}/move", ['way' => 'up']);
        $this->post("/shots/{$last->id}/move", ['way' => 'up']);
        $this->post("/shots/{$last->id}/move", ['way' => 'up']);
        $this->get('/jobs/1/plan')->assertSeeInOrder(['16:00', 'Conductor alone', '16:08', 'Cables', '16:18', 'The choir arrives']);
    }

    public function test_a_shot_is_edited_removed_and_brought_back(): void
    {
        $segment = $this->add();
        $fields = ['what' => 'Cables', 'priority' => 'nice', 'minutes' => 3, 'frames' => 4, 'focal_mm' => 35];
        $this->post("/segments/{$segment->id}/shots", $fields);
        $this->put('/shots/1', [...$fields, 'what' => 'Cables, close', 'focal_mm' => 85]);
        $this->assertSame(85, ShotLine::query()->firstOrFail()->focal_mm);
        $this->delete('/shots/1');
        $this->assertSame(0, ShotLine::query()->count());
        $this->post('/shots/1/restore');
        $this->assertSame('Cables, close', ShotLine::query()->firstOrFail()->what);
        $this->from('/jobs/1/plan')
            ->put('/shots/1', [...$fields, 'frames' => '-1'])
            ->assertSessionHasErrors('frames');
    }

    public function test_the_margin_finds_an_overlap_and_its_button_mends_it(): void
    {
        $this->add();
        $second = $this->add(['title' => 'Interviews', 'start_clock' => '16:30']);
        $this->get('/jobs/1/plan')
            ->assertSee('Interviews starts before Sound check has ended.')
            ->assertSee('Start Interviews at 16:40')
            ->assertSee("/segments/{$second->id}/shift", false);
        $this->post("/segments/{$second->id}/shift", ['minutes' => 10]);
        $this->get('/jobs/1/plan')
            ->assertDontSee('has ended.')
            ->assertDontSee('The day holds as planned.')
            ->assertSee('is among the words of no segment and no shot');
        Job::query()->whereKey(1)->update(['must_haves' => null]);
        $this->get('/jobs/1/plan')->assertSee('The day holds as planned.');
    }

    public function test_an_unknown_way_is_planned_on_one_press(): void
    {
        $this->post('/jobs', self::brief(['place_name' => 'Town hall', 'latitude' => '58.5', 'longitude' => '15.7']));
        $this->add();
        $this->add(['title' => 'Reception', 'start_clock' => '18:30', 'place_name' => 'Town hall']);
        $this->get('/jobs/1/plan')->assertSee('How long is the way from ')->assertSee('min of travel');
        $this->post('/jobs/1/travels', ['from' => 1, 'to' => 2, 'minutes' => 25])->assertRedirect();
        $this->assertSame(25, Travel::query()->firstOrFail()->minutes);
        $this->get('/jobs/1/plan')->assertDontSee('How long is the way');
        $this->post('/jobs/1/travels', ['from' => 1, 'to' => 1, 'minutes' => 25])->assertSessionHasErrors('to');
    }

    public function test_a_template_is_laid_out_backwards_from_its_anchors(): void
    {
        $this->get('/jobs/1/plan')->assertSee('Lay the day out from a template');
        $template = ['template' => 'wedding-first-look', 'first_anchor' => '15:00', 'second_anchor' => '18:30'];
        $this->post('/jobs/1/template', $template)->assertSessionHasErrors('first_anchor');
        Job::query()->whereKey(1)->update(['covered_from' => '13:00']);
        $this->post('/jobs/1/template', $template)->assertSessionHasNoErrors();
        $said = (string) session('said');
        $this->assertStringContainsString('Left out, for want of room in the covered hours: ', $said);
        $laid = Segment::query()->pluck('title')->all();
        foreach (explode(', ', rtrim(explode('hours: ', $said)[1], '.')) as $title) {
            $this->assertNotContains($title, $laid);
        }
        $this->assertSame(0, Segment::query()->where('start_clock', '<', '13:00')->count());
        $this->assertSame(['second'], Segment::query()->where('title', 'Ceremony')->firstOrFail()->also_lanes);
        $count = Segment::query()->count();
        $this->post('/jobs/1/template', $template)->assertSessionHasErrors('beside');
        $this->assertSame($count, Segment::query()->count(), 'laid twice it asks first');
        $this->get('/jobs/1/plan')->assertDontSee('data-code="plan.overlap"', false);
        $this->assertSame('15:00', Segment::query()->where('title', 'Ceremony')->firstOrFail()->start_clock);
        $this->assertSame('14:30', Segment::query()->where('title', 'Closest family')->firstOrFail()->start_clock);
        $page = $this->get('/jobs/1/plan')->assertOk();
        $page->assertSee('Vows')->assertSee('min of slack');
        // Planned from a template as a newcomer would, the margin holds findings that follow from computation.
        $this->assertGreaterThanOrEqual(1, substr_count((string) $page->getContent(), 'data-code="plan.'));
    }

    public function test_a_match_in_a_hall_is_laid_under_its_roof(): void
    {
        $hall = ['kind' => 'event', 'name' => 'Handball finals', 'covered_from' => '09:30', 'covered_to' => '18:00'];
        $match = ['template' => 'match-day', 'first_anchor' => '11:00', 'second_anchor' => '12:00'];
        $this->post('/jobs', self::brief($hall));
        $job = (int) Job::query()->max('id');
        $this->followingRedirects()->post("/jobs/{$job}/template", $match)->assertSee('Taken as indoors, by the word “handball”');
        $this->assertSame([], Segment::query()->where('job_id', $job)->where('is_outdoor', true)->pluck('title')->all());
        $this->post('/jobs', self::brief([...$hall, 'name' => 'Cup finals', 'place_name' => 'Lakeside field']));
        $job = (int) Job::query()->max('id');
        $this->followingRedirects()->post("/jobs/{$job}/template", $match)->assertDontSee('Taken as indoors');
        $this->assertNotSame([], Segment::query()->where('job_id', $job)->where('is_outdoor', true)->pluck('title')->all());
    }

    public function test_a_template_that_does_not_fit_is_refused_whole(): void
    {
        Job::query()->whereKey(1)->update(['covered_from' => '00:30']);
        $this->post('/jobs/1/template', [
            'template' => 'wedding',
            'first_anchor' => '15:00',
            'second_anchor' => '15:10',
        ])->assertSessionHasErrors('second_anchor');
        $this->post('/jobs/1/template', [
            'template' => 'wedding',
            'first_anchor' => '01:00',
            'second_anchor' => '15:10',
        ])->assertSessionHasErrors('first_anchor');
        $this->post('/jobs/1/template', [
            'template' => 'regatta',
            'first_anchor' => '15:00',
            'second_anchor' => '18:10',
        ])->assertSessionHasErrors('template');
        // Laid back from 05:00, something would start at 02:15, an hour that is skipped that day.
        $this->post('/jobs/1/template', [
            'template' => 'stage-event',
            'first_anchor' => '04:20',
            'second_anchor' => '18:10',
        ])->assertSessionHasErrors('first_anchor');
        $this->assertSame(0, Segment::query()->count());
    }

    public function test_viewpoints_and_meals_are_kept(): void
    {
        $segment = $this->add(['is_break' => '1']);
        $this->assertTrue($segment->is_break);
        $this->post("/segments/{$segment->id}/shots", [
            'what' => 'X',
            'priority' => 'must',
            'minutes' => 1,
            'frames' => 1,
            'distance' => 'tight',
            'height' => 'low',
            'side' => 'profile',
        ])->assertSessionHasNoErrors();
        $this->assertSame(
            ['tight', 'low', 'profile'],
            array_values(
                ShotLine::query()
                    ->firstOrFail()
                    ->only(['distance', 'height', 'side']),
            ),
        );
        $this->put('/shots/1', [
            'what' => 'X',
            'priority' => 'must',
            'minutes' => 1,
            'frames' => 1,
            'distance' => 'very far',
        ])->assertSessionHasErrors('distance');
    }

    public function test_a_segment_form_opens_in_place(): void
    {
        $segment = $this->add();
        $this->get("/jobs/1/plan?edit=segment-{$segment->id}")
            ->assertSee("id=\"segment-{$segment->id}-title\"", false)
            ->assertSee('Cancel');
    }

    public function test_room_for_words_is_planned_and_goes_along_with_a_set(): void
    {
        $this->job->update(['client' => 'The town magazine']);
        $segment = $this->add();
        $url = "/segments/{$segment->id}";
        $this->post("{$url}/shots", ['what' => 'Crane', 'priority' => 'should', 'minutes' => 3, 'frames' => 5, 'empty_percent' => '95'])
            ->assertSessionHasErrors('empty_percent');
        $this->post("{$url}/shots/paste", ['lines' => "Crane, wide shot\nHook, close up"]);
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('No shot leaves room for words.')->assertSee('1 pair of wide and tight');
        $this->post("{$url}/shots/paste", ['lines' => 'Sky above the crane, a third empty']);
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('No shot leaves room for words.')->assertSee('33 % left empty');
        $this->post("{$url}/sets", ['set_name' => 'Cranes']);
        $other = $this->add(['title' => 'Encore', 'start_clock' => '18:00']);
        $this->post("/segments/{$other->id}/sets/add", ['set' => ShotSet::query()->where('name', 'Cranes')->value('id')])
            ->assertSessionHas('said', 'Cranes is on the list: 1 pair of wide and tight, 1 with room for words, 33 % of the frame.');
    }
}
