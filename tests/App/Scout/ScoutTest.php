<?php

declare(strict_types=1);

namespace Tests\App\Scout;

use App\Devices\StandIn\StandInPhone;
use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Scout\Obstacle;
use App\Models\Scout\Spot;
use App\Models\Scout\TestPicture;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class ScoutTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    private function page(string $query = ''): \Illuminate\Testing\TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/scout{$query}")->assertOk();
    }

    public function test_the_shadow_of_the_spruce_is_found_and_taken_away_with_it(): void
    {
        $this->page()->assertSee('The shadow of Spruce')->assertSee('class="shade"', false);
        $this->get('/')->assertOk();
        $this->delete("/jobs/{$this->job->id}/obstacles/".Obstacle::query()->firstOrFail()->id)->assertRedirect();
        $this->page()->assertDontSee('The shadow of Spruce')->assertSee('the sun shines into their eyes');
        $spot = Spot::query()->where('name', 'Jetty, outer end')->firstOrFail();
        $better = (int) round(fmod((float) $spot->facing_deg + 180, 360));
        $this->post("/jobs/{$this->job->id}/spots/turn", ['spot' => $spot->id, 'facing' => $better])->assertRedirect();
        $this->page()->assertDontSee('data-code="scout.sun-in-eyes"', false);
        $this->assertSame((float) $better, $spot->refresh()->facing_deg);
    }

    public function test_a_segment_goes_to_another_spot_by_one_press_and_back(): void
    {
        $segment = Segment::query()->where('job_id', $this->job->id)->where('title', 'First look on the jetty')->firstOrFail();
        $was = $segment->spot_id;
        $store = Spot::query()->where('name', 'Boat store')->firstOrFail();
        $this->page("?for={$segment->id}")
            ->assertSee('Which spot for First look on the jetty')
            ->assertSeeInOrder(['Reeds', 'Boat store', 'it is here'])
            ->assertSee('decide at the first that serves, by 11:10.');
        $this->post("/segments/{$segment->id}/spot", ['spot' => 999])->assertSessionHasErrors('spot');
        $this->post("/segments/{$segment->id}/spot", ['spot' => $store->id])->assertSessionHasNoErrors();
        $this->assertSame([$store->id, false], [$segment->refresh()->spot_id, $segment->is_outdoor]);
        $this->page("?for={$segment->id}")->assertDontSee('data-code="scout.shadow-edge"', false);
        $this->post('/plan-changes/'.PlanChange::query()->latest('id')->firstOrFail()->id.'/undo');
        $this->assertSame([$was, true], [$segment->refresh()->spot_id, $segment->is_outdoor]);
    }

    public function test_an_outdoor_segment_without_a_spot_is_led_to_the_choice(): void
    {
        $segment = Segment::query()->where('job_id', $this->job->id)->where('title', 'First look on the jetty')->firstOrFail();
        $segment->update(['spot_id' => null]);
        $this->page()->assertSee("/jobs/{$this->job->id}/scout?for={$segment->id}#which", false);
    }

    public function test_the_slider_moves_the_sun(): void
    {
        $noon = (string) $this->page('?spot=1&minute=720')->assertSee('12:00')->getContent();
        $later = (string) $this->page('?spot=1&minute=800')->assertSee('13:20')->getContent();
        $sun = static fn (string $html): string => preg_match('/<circle cx="([\d.]+)" cy="[\d.]+" r="12"/', $html, $m) === 1 ? $m[1] : '';
        $this->assertNotSame('', $sun($noon));
        $this->assertGreaterThan((float) $sun($later), (float) $sun($noon), 'north of the tropics the afternoon sun goes west');
        $this->page('?spot=1&minute=100000');
    }

    public function test_a_spot_is_remembered_with_its_place(): void
    {
        $fields = ['name' => 'Boat slip', 'place_id' => 1, 'facing_deg' => '271.5', 'room_m' => '9', 'notes' => 'Plan B: the shed'];
        $this->post("/jobs/{$this->job->id}/spots", $fields)->assertSessionHasNoErrors();
        $this->post("/jobs/{$this->job->id}/spots", $fields)->assertSessionHasErrors('name');
        $this->post('/jobs', self::brief(['place_name' => 'Granvik Boathouse', 'latitude' => '63.182', 'longitude' => '14.551']));
        $job = Job::query()->latest('id')->firstOrFail();
        $this->get("/jobs/{$job->id}/scout")
            ->assertSee('Boat slip')
            ->assertSee('Jetty, outer end')
            ->assertDontSee('Reeds');
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function wrong(): array
    {
        return [
            'bearing 360' => [['bearing_deg' => '360'], 'bearing_deg'],
            'no distance' => [['distance_m' => '0'], 'distance_m'],
            'upside down' => [['height_m' => '-3'], 'height_m'],
            'words' => [['width_m' => 'wide'], 'width_m'],
            'no name' => [['name' => ''], 'name'],
        ];
    }

    /** @param  array<string, string>  $change */
    #[DataProvider('wrong')]
    public function test_a_wrong_thing_is_refused_by_its_field(array $change, string $field): void
    {
        $before = Obstacle::query()->count();
        $fields = [
            'name' => 'Mast',
            'bearing_deg' => '200',
            'distance_m' => '30',
            'height_m' => '12',
            'width_m' => '0.4',
            '_form' => 'obstacle',
        ];
        $this->post("/jobs/{$this->job->id}/spots/1/obstacles", [...$fields, ...$change])->assertSessionHasErrors($field);
        $this->assertSame($before, Obstacle::query()->count());
        $this->post("/jobs/{$this->job->id}/spots/1/obstacles", $fields)->assertSessionHasNoErrors();
        $this->page('?spot=1')->assertSee('Mast');
    }

    public function test_an_outdoor_segment_without_a_spot_is_named(): void
    {
        Segment::query()
            ->where('title', 'Lakeside portraits')
            ->update(['spot_id' => null]);
        $this->page()->assertSee('Lakeside portraits has no spot yet.');
    }

    public function test_a_place_without_coordinates_says_what_is_missing(): void
    {
        $this->post('/jobs', self::brief(['latitude' => '', 'longitude' => '']));
        $job = Job::query()->latest('id')->firstOrFail();
        $this->post("/jobs/{$job->id}/spots", ['name' => 'Ledge', 'place_id' => $job->place_id]);
        $this->get("/jobs/{$job->id}/scout")
            ->assertOk()
            ->assertSee('has no coordinates');
    }

    public function test_a_spot_is_edited_with_its_skyline_and_windows(): void
    {
        $spot = Spot::query()->where('name', 'Reeds')->firstOrFail();
        $fields = [
            '_form' => 'spot-'.$spot->id,
            'name' => 'Reeds',
            'place_id' => $spot->place_id,
            'facing_deg' => '40',
            'plan_b' => 'the shed',
            'plan_b_trigger' => 'wind above a breeze',
            'skyline' => "200 3\n230 4.5",
            'windows' => '',
        ];
        $this->put("/jobs/{$this->job->id}/spots/{$spot->id}", [...$fields, 'skyline' => '200 high'])->assertSessionHasErrors('skyline');
        $this->get("/jobs/{$this->job->id}/scout?spot={$spot->id}")
            ->assertSee('needs a bearing and an angle in line 1')
            ->assertSee('200 high');
        $this->put("/jobs/{$this->job->id}/spots/{$spot->id}", [
            ...$fields,
            'name' => 'Upper room, bay window',
            'place_id' => 1,
        ])->assertSessionHasErrors('name');
        $this->put("/jobs/{$this->job->id}/spots/{$spot->id}", $fields)->assertSessionHasNoErrors();
        $this->page("?spot={$spot->id}")
            ->assertSee('the shed, at wind above a breeze')
            ->assertSee('230 4.5')
            ->assertDontSee('Reeds has no plan B');
    }

    public function test_a_test_picture_is_read_and_measured_in(): void
    {
        $spot = Spot::query()->where('name', 'Lawn')->firstOrFail();
        $jpeg = (new StandInPhone(63.1825, 14.552, 200, time(), 3600, 2.0, 250, 100))->treeAt(20, 8, 2, 0);
        $to = "/jobs/{$this->job->id}/spots/{$spot->id}/pictures";
        $this->post($to, ['picture' => UploadedFile::fake()->createWithContent('notes.jpg', 'no picture')])->assertSessionHasErrors(
            'picture',
        );
        $this->post($to, ['picture' => UploadedFile::fake()->image('stripped.jpg', 40, 30)])->assertSessionHasErrors('picture');
        $this->assertSame(1, TestPicture::query()->count(), 'only the one of the demo');
        $this->post($to, ['picture' => UploadedFile::fake()->createWithContent('<b>lawn.jpg', $jpeg)])->assertSessionHasNoErrors();
        $picture = TestPicture::query()->latest('id')->firstOrFail();
        $this->assertSame($jpeg, (string) file_get_contents(config('satchel.pictures').'/'.$picture->file), 'kept as it came');
        $this->get("/pictures/{$picture->id}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/jobs/{$this->job->id}/pictures/{$picture->id}")
            ->assertSee('looking 200°')
            ->assertSee('&lt;b&gt;lawn', false)
            ->assertDontSee('<b>lawn', false);

        $focal = (26 * 1500) / 43.2666;
        $taps = [
            'foot_x' => '0.5',
            'foot_y' => (string) (0.5 + ((1.6 / 20) * $focal) / 900),
            'top_x' => '0.5',
            'top_y' => (string) (0.5 - ((6.4 / 20) * $focal) / 900),
            'eye_m' => '1.6',
        ];
        $measure = "/jobs/{$this->job->id}/pictures/{$picture->id}/measure";
        $this->post($measure, [...$taps, 'keep' => 'no'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/pictures/{$picture->id}")->assertSee('It stands 20 m away at 200° and is 8 m high');
        $this->post($measure, [...$taps, 'keep' => 'thing'])->assertSessionHasErrors('name');
        $this->post($measure, [...$taps, 'top_y' => '0.9', 'keep' => 'skyline'])->assertSessionHasErrors('taps');
        $this->post($measure, [...$taps, 'keep' => 'thing', 'name' => 'Birch'])->assertSessionHasNoErrors();
        $birch = Obstacle::query()->where('name', 'Birch')->firstOrFail();
        $this->assertEqualsWithDelta([200, 20, 8], [$birch->bearing_deg, $birch->distance_m, $birch->height_m], 0.11);
        $this->post($measure, [...$taps, 'keep' => 'skyline'])->assertSessionHasNoErrors();
        $this->assertSame('200 '.round(rad2deg(atan(6.4 / 20)), 1), $spot->refresh()->skyline);

        $this->page("?spot={$spot->id}")->assertSee('Put the spot there');
        $this->post("/jobs/{$this->job->id}/spots/place", [
            'spot' => $spot->id,
            'latitude' => '63.1825',
            'longitude' => '14.552',
        ])->assertSessionHasNoErrors();
        $this->page("?spot={$spot->id}")->assertDontSee('Put the spot there');
        $this->post('/sign-out');
        $this->get("/pictures/{$picture->id}")->assertRedirect('/sign-in');
    }
}
