<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\AccessWindow;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Plan\ShotSet;
use Tests\App\TestCase;

/** Days, wants, ways, passes and pairs of a plan, and its shot list. */
final class PlanRulesTest extends TestCase
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
    private static function fields(array $changes = []): array
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

    public function test_the_pass_of_one_photographer_makes_nobody_elses_way_longer(): void
    {
        $plan = "/jobs/{$this->job->id}";
        foreach (['lead' => 'Ledge', 'second' => 'Ledge too'] as $lane => $title) {
            $this->post("{$plan}/segments", self::fields(['title' => "First {$lane}", 'start_clock' => '17:00', 'lane' => $lane]));
            $up = ['title' => $title, 'start_clock' => '19:00', 'lane' => $lane, 'place_name' => 'The ledge'];
            $this->post("{$plan}/segments", self::fields($up));
        }
        [$quarry, $ledge] = Place::query()->whereIn('name', ['The quarry', 'The ledge'])->orderByDesc('name')->pluck('id')->all();
        $this->post("{$plan}/travels", ['from' => $quarry, 'to' => $ledge, 'walk_minutes' => '4', 'minutes' => '0'])->assertSessionHasNoErrors();
        $pass = ['place_id' => $ledge, 'opens_clock' => '10:00', 'closes_clock' => '23:00'];
        $this->post("{$plan}/access", [...$pass, 'pass' => 'Lift card', 'lanes' => ['lead'], 'gate_minutes' => '1'])->assertSessionHasNoErrors();
        $this->post("{$plan}/access", [...$pass, 'pass' => 'Stair key', 'lanes' => ['second'], 'gate_minutes' => '8', 'out_minutes' => 'six'])
            ->assertSessionHasErrors('out_minutes');
        $this->post("{$plan}/access", [...$pass, 'pass' => 'Stair key', 'lanes' => ['second'], 'gate_minutes' => '8', 'out_minutes' => '6']);
        $this->get("{$plan}/plan?rules=1")
            ->assertSee('8 min of gates and stairs, 6 min out')
            ->assertSee('leave at 18:55')
            ->assertSee('leave at 18:48');
    }

    public function test_a_job_of_two_days_is_planned_day_by_day(): void
    {
        $this->post("/jobs/{$this->job->id}/segments", [
            ...self::fields(['title' => 'Pre-light', 'start_clock' => '21:00', 'minutes' => '120']),
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$this->job->id}/segments", [
            ...self::fields(['title' => 'Shoot', 'start_clock' => '07:00', 'day' => '1']),
        ])->assertRedirect("/jobs/{$this->job->id}/plan?day=1");
        $this->get("/jobs/{$this->job->id}/plan")
            ->assertSee('Pre-light')
            ->assertSee('The night before day 2 has only')
            ->assertSee('Day 2');
        $second = $this->get("/jobs/{$this->job->id}/plan?day=1")->assertOk();
        $this->assertStringContainsString(
            'id="segment-'.Segment::query()->where('title', 'Shoot')->value('id'),
            (string) $second->getContent(),
        );
        $this->assertStringNotContainsString(
            'id="segment-'.Segment::query()->where('title', 'Pre-light')->value('id'),
            (string) $second->getContent(),
        );
        $this->get("/jobs/{$this->job->id}/sheets/lead")->assertSeeInOrder(['Pre-light', 'Shoot']);
        $this->assertStringContainsString('2027-03-29,07:00', (string) $this->get("/jobs/{$this->job->id}/table/lead")->getContent());
        $this->get("/jobs/{$this->job->id}/rehearse?day=1")
            ->assertSee('Shoot')
            ->assertDontSee('Pre-light');
        $this->post("/jobs/{$this->job->id}/segments", self::fields(['day' => '30']))->assertSessionHasErrors('day');
    }

    public function test_what_a_segment_wants_is_kept_and_judged(): void
    {
        $this->post(
            "/jobs/{$this->job->id}/segments",
            self::fields([
                'title' => 'Choir',
                'start_clock' => '16:30',
                'light' => 'golden',
                'earliest_clock' => '17:00',
                'people' => 'Maj, Ove;  Maj',
                'setup_minutes' => '10',
                'worth' => '150',
                'also_lanes' => ['second', 'lead'],
            ]),
        )->assertSessionHasNoErrors();
        $stored = Segment::query()->where('title', 'Choir')->firstOrFail();
        $this->assertSame(
            [['Maj', 'Ove'], ['second'], 150, 10],
            [$stored->people, $stored->also_lanes, $stored->worth, $stored->setup_minutes],
        );
        $this->get("/jobs/{$this->job->id}/plan")
            ->assertSee('Choir starts before it can')
            ->assertSee('Choir misses the golden light')
            ->assertSee('lead and second');
        foreach (['light' => 'moon', 'earliest_clock' => 'soon', 'setup_minutes' => '-4', 'worth' => '5000'] as $field => $wrong) {
            $this->post("/jobs/{$this->job->id}/segments", self::fields([$field => $wrong]))->assertSessionHasErrors($field);
        }
        $this->post("/jobs/{$this->job->id}/segments", self::fields(['earliest_clock' => '02:30']))->assertSessionHasErrors(
            'earliest_clock',
        );
    }

    public function test_ways_passes_and_pairs_are_entered_and_taken_away(): void
    {
        $this->post(
            "/jobs/{$this->job->id}/segments",
            self::fields(['title' => 'Ledge', 'start_clock' => '19:00', 'minutes' => '60', 'place_name' => 'The ledge']),
        );
        $ledge = Place::query()->where('name', 'The ledge')->firstOrFail();
        $way = ['from' => $this->job->place_id, 'to' => $ledge->id, 'minutes' => '10', 'parking_minutes' => '5', 'walk_minutes' => '7'];
        $this->post("/jobs/{$this->job->id}/travels", $way)->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/plan?rules=1")->assertSee('22 min: 10 on the road, 5 parking, 7 walking');
        $this->post("/jobs/{$this->job->id}/travels", [...$way, 'to' => $this->job->place_id])->assertSessionHasErrors('to');
        $this->post("/jobs/{$this->job->id}/travels", [...$way, 'walk_minutes' => 'far'])->assertSessionHasErrors('walk_minutes');

        $pass = [
            'pass' => 'Ledge pass',
            'place_id' => $ledge->id,
            'opens_clock' => '18:00',
            'closes_clock' => '19:30',
            'gate_minutes' => '3',
        ];
        $this->post("/jobs/{$this->job->id}/access", [...$pass, 'closes_clock' => '17:00'])->assertSessionHasErrors('closes_clock');
        $this->post("/jobs/{$this->job->id}/access", $pass)->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/plan")
            ->assertSee('The ledge closes before Ledge is over')
            ->assertSee('Start it 30 min earlier');
        $this->delete('/access/'.AccessWindow::query()->firstOrFail()->id);
        $lamp = $ledge->spots()->create(['name' => 'the lamp room']);
        Segment::query()
            ->where('title', 'Ledge')
            ->update(['spot_id' => $lamp->id]);
        $this->post("/jobs/{$this->job->id}/access", [...$pass, 'spot_id' => $lamp->id])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('The lamp room, The ledge closes before Ledge is over');
        $this->delete('/access/'.AccessWindow::query()->firstOrFail()->id);
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('closes before Ledge');

        $this->post("/jobs/{$this->job->id}/separations", ['first' => 'Maj', 'second' => 'Maj'])->assertSessionHasErrors('second');
        $this->post("/jobs/{$this->job->id}/separations", ['first' => 'Maj', 'second' => 'Ove', 'until' => ''])->assertSessionHasNoErrors();
        Segment::query()
            ->where('title', 'Ledge')
            ->update(['people' => json_encode(['Maj', 'Ove'])]);
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('Maj and Ove are both in Ledge');
        $this->get("/jobs/{$this->job->id}/sheets/client")
            ->assertDontSee('Ove')
            ->assertDontSee('Ledge pass');
        $this->delete("/jobs/{$this->job->id}/separations/0");
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('Maj and Ove are both');
    }

    public function test_a_list_for_the_whole_job_is_placed_dragged_and_kept_as_a_set(): void
    {
        foreach (['Choir' => '16:30', 'Fireworks' => '22:00'] as $title => $start) {
            $this->post("/jobs/{$this->job->id}/segments", self::fields(['title' => $title, 'start_clock' => $start, 'minutes' => '60']));
        }
        [$choir, $fire] = [
            Segment::query()->where('title', 'Choir')->firstOrFail(),
            Segment::query()->where('title', 'Fireworks')->firstOrFail(),
        ];
        $this->post("/jobs/{$this->job->id}/shots/paste", [
            'lines' => "Choir from behind\nFireworks:\nCrowd looking up\nThe mayor, must",
        ])->assertSessionHas('said', '3 shots are placed.');
        // What stands there already is not doubled; it takes what the new list says more.
        $this->post("/jobs/{$this->job->id}/shots/paste", ['lines' => "Fireworks:\ncrowd looking up, 24 mm"])
            ->assertSessionHas('said', '0 shots are placed, 1 stood there already.');
        $crowd = $fire->shotLines()->where('what', 'Crowd looking up')->get();
        $this->assertSame([[24, 'should', 10]], $crowd->map(static fn (ShotLine $l): array => [$l->focal_mm, $l->priority, $l->frames])->all());
        $this->post("/jobs/{$this->job->id}/shots/paste", ['lines' => 'Dog on a boat, must'])->assertSessionHas(
            'said',
            '0 shots are placed, 1 stand free until a segment takes them.',
        );
        $this->get("/jobs/{$this->job->id}/plan")
            ->assertSee('“Dog on a boat” has no time in the day')
            ->assertSee('Shots without a segment');
        $line = static fn (string $what): ShotLine => ShotLine::query()->where('what', $what)->firstOrFail();
        $this->post('/shots/'.$line('Dog on a boat')->id.'/put', [
            'segment' => $fire->id,
            'before' => $line('The mayor')->id,
        ])->assertSessionHasNoErrors();
        $this->assertSame(['Crowd looking up', 'Dog on a boat', 'The mayor'], $fire->shotLines()->pluck('what')->all());
        $this->post('/shots/'.$line('The mayor')->id.'/put', ['segment' => $choir->id])->assertSessionHasNoErrors();
        $this->assertSame(['Choir from behind', 'The mayor'], $choir->shotLines()->pluck('what')->all());
        $this->post('/shots/'.$line('The mayor')->id.'/move', ['way' => 'up']);
        $this->assertSame(['The mayor', 'Choir from behind'], $choir->shotLines()->pluck('what')->all());
        $this->get("/jobs/{$this->job->id}/plan")->assertDontSee('Shots without a segment');

        $this->post("/segments/{$choir->id}/sets", ['set_name' => 'Choirs'])->assertSessionHasNoErrors();
        $this->post("/segments/{$choir->id}/sets", ['set_name' => 'Choirs'])->assertSessionHasErrors('set_name');
        $this->post("/segments/{$fire->id}/sets/add", ['set' => ShotSet::query()->firstOrFail()->id])->assertSessionHasNoErrors();
        $this->assertSame(
            ['Crowd looking up', 'Dog on a boat', 'The mayor', 'Choir from behind'],
            $fire->shotLines()->pluck('what')->all(),
        );
        $other = Job::query()->create([...$this->job->only(['name', 'kind', 'date', 'place_id', 'covered_from', 'covered_to'])]);
        $theirs = $other->segments()->create(['title' => 'Theirs', 'start_clock' => '10:00', 'minutes' => 10]);
        $this->post('/shots/'.$line('Crowd looking up')->id.'/put', ['segment' => $theirs->id])->assertNotFound();
    }

    public function test_scenes_are_put_in_the_order_of_the_sun(): void
    {
        $this->post(
            "/jobs/{$this->job->id}/segments",
            self::fields(['title' => 'Shore', 'start_clock' => '17:00', 'minutes' => '60', 'is_outdoor' => '1']),
        );
        $shore = Segment::query()->where('title', 'Shore')->firstOrFail();
        foreach (['Backlit' => 'against', 'Faces' => 'front'] as $what => $light) {
            $this->post("/segments/{$shore->id}/shots", [
                'what' => $what,
                'priority' => 'must',
                'minutes' => '5',
                'frames' => '5',
                'light' => $light,
                'cue' => 'the bell',
                'cue_seconds' => '40',
                'people' => 'Maj, Ove',
            ])->assertSessionHasNoErrors();
        }
        $this->get("/jobs/{$this->job->id}/plan")
            ->assertSee('The scenes of Shore go against the falling sun')
            ->assertSee('After the bell, expect Faces within 40 s');
        $this->post("/segments/{$shore->id}/shots/sun-order")->assertSessionHasNoErrors();
        $this->assertSame(['Faces', 'Backlit'], $shore->shotLines()->pluck('what')->all());
        $this->get("/jobs/{$this->job->id}/sheets/lead")->assertSee('after the bell, within 40 s; ready?');
    }

    public function test_shots_on_the_way_are_planned_by_one_press_and_take_no_minutes(): void
    {
        $job = $this->demo();
        $portraits = $job->segments()->where('title', 'Lakeside portraits')->firstOrFail();
        $ceremony = $job->segments()->where('title', 'Ceremony')->firstOrFail();
        $this->post("/jobs/{$job->id}/travels", [
            'from' => $portraits->place_id,
            'to' => $ceremony->place_id,
            'minutes' => 0,
            'walk_minutes' => 9,
        ])->assertSessionHasNoErrors();
        $minutes = (int) $ceremony->shotLines()->sum('minutes');
        $this->get("/jobs/{$job->id}/plan")->assertSee('9 min on foot lie before Ceremony')->assertSee('Plan two on the way');
        $this->post("/segments/{$ceremony->id}/shots/walk")->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/plan")->assertDontSee('min on foot lie before Ceremony');
        $this->assertSame($minutes, (int) $ceremony->shotLines()->sum('minutes'));
        $shots = $ceremony->shotLines()->pluck('what');
        $this->assertSame(['On the way: walking, from ahead', 'On the way: hand in hand, from behind'], $shots->take(2)->all());
        $sheet = (string) $this->get("/jobs/{$job->id}/sheets/lead")->getContent();
        $this->assertMatchesRegularExpression('#class="figures"></span>\s+On the way: walking#', $sheet, 'before it begins, at no minute of it');
    }
}
