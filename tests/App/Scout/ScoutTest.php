<?php

declare(strict_types=1);

namespace Tests\App\Scout;

use App\Devices\StandIn\StandInPhone;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\Travel;
use App\Models\Scout\GroundRecord;
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

    /** A place that was only named is put on the map; then the way to it is likely, and its finding is gone. */
    public function test_another_place_than_the_main_one_is_put_on_the_map(): void
    {
        $chapel = Place::query()->where('name', 'Sundnes Chapel')->firstOrFail();
        $was = $chapel->only(['latitude', 'longitude', 'timezone']);
        $this->page()->assertDontSee('is not on the map');
        $chapel->update(['latitude' => null, 'longitude' => null]);
        Travel::query()->delete();
        $this->page()->assertSee('Sundnes Chapel is not on the map.')->assertSee('not on the map yet');
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('or put Sundnes Chapel on the map under Scout.');
        $url = "/jobs/{$this->job->id}/places/{$chapel->id}";
        $this->put($url, ['where' => ''])->assertSessionHasErrors(['where' => 'A town, coordinates, or a link from a map.']);
        $this->put($url, ['where' => 'Nowhere at all'])->assertSessionHasErrors('where');
        $this->put($url, ['where' => ['x']])->assertSessionHasErrors('where');
        $this->assertNull($chapel->refresh()->latitude);
        $this->put($url, ['where' => "{$was['latitude']}, {$was['longitude']}"])->assertSessionHasNoErrors();
        $this->assertSame($was, $chapel->refresh()->only(['latitude', 'longitude', 'timezone']));
        $this->page()->assertDontSee('is not on the map');
        $this->get("/jobs/{$this->job->id}/plan")->assertSee('are likely by the map')->assertDontSee('on the map under Scout');
        // Where it is the main place of another job, the clock of that job's days stays.
        $this->put($url, ['where' => '60.17, 24.94'])->assertSessionHasNoErrors();
        $this->assertSame('Europe/Helsinki', $chapel->refresh()->timezone);
        Job::query()->where('id', '!=', $this->job->id)->firstOrFail()->update(['place_id' => $chapel->id]);
        $this->put($url, ['where' => '59.91, 10.75'])->assertSessionHasNoErrors();
        $this->assertSame([59.91, 'Europe/Helsinki'], [$chapel->refresh()->latitude, $chapel->timezone]);
        // The main one is the brief's, and of other jobs nothing is moved from here.
        $this->put("/jobs/{$this->job->id}/places/{$this->job->place_id}", ['where' => '1, 1'])->assertNotFound();
        $other = Place::query()->create(['name' => 'Elsewhere', 'timezone' => 'Europe/Stockholm']);
        $this->put("/jobs/{$this->job->id}/places/{$other->id}", ['where' => '1, 1'])->assertNotFound();
    }

    public function test_a_place_that_is_on_no_map_lies_where_its_spot_does(): void
    {
        $shed = Place::query()->create(['name' => 'Net shed', 'timezone' => 'Europe/Stockholm']);
        $fields = ['name' => 'Slip', 'place_id' => $shed->id];
        $this->post("/jobs/{$this->job->id}/spots", $fields)->assertSessionHasNoErrors();
        $this->assertNull($shed->refresh()->latitude);
        $spot = Spot::query()->where('name', 'Slip')->firstOrFail();
        $url = "/jobs/{$this->job->id}/spots/{$spot->id}";
        $this->put($url, [...$fields, 'latitude' => '62.5', 'longitude' => '17.4'])->assertSessionHasNoErrors();
        $this->assertSame([62.5, 17.4], [$shed->refresh()->latitude, $shed->longitude]);
        $this->put($url, [...$fields, 'latitude' => '61', 'longitude' => '17'])->assertSessionHasNoErrors();
        $this->assertSame([62.5, 17.4], [$shed->refresh()->latitude, $shed->longitude], 'what is known stays');
        $shed->update(['latitude' => null, 'longitude' => null]);
        $this->post("/jobs/{$this->job->id}/spots/place", ['spot' => $spot->id, 'latitude' => '62.4', 'longitude' => '17.3']);
        $this->assertSame([62.4, 17.3], [$shed->refresh()->latitude, $shed->longitude]);
        $shed->update(['latitude' => null, 'longitude' => null]);
        $this->post("/jobs/{$this->job->id}/spots", [...$fields, 'name' => 'Quay', 'latitude' => '62.3', 'longitude' => '17.2']);
        $this->assertSame([62.3, 17.2], [$shed->refresh()->latitude, $shed->longitude]);
    }

    public function test_people_walk_up_to_a_spot(): void
    {
        $spot = Spot::query()->where('name', 'Jetty, outer end')->firstOrFail();
        $fields = ['name' => $spot->name, 'place_id' => $spot->place_id, 'facing_deg' => $spot->facing_deg];
        $url = "/jobs/{$this->job->id}/spots/{$spot->id}";
        $spot->update(['walk_m' => null]);
        $this->put($url, [...$fields, 'facing_deg' => '', 'walk_m' => '14'])
            ->assertSessionHasErrors(['walk_deg' => 'Towards where do they walk? A bearing here, or where they face.']);
        $this->put($url, [...$fields, 'walk_m' => '0'])->assertSessionHasErrors('walk_m');
        $this->put($url, [...$fields, 'walk_m' => '14', 'walk_deg' => '360'])->assertSessionHasErrors('walk_deg');
        $this->assertNull($spot->refresh()->walk_m);
        $this->put($url, [...$fields, 'walk_m' => '14'])->assertSessionHasNoErrors();
        $this->page("?spot={$spot->id}&minute=675")->assertSee('walk-way is-lit', false)->assertDontSee('Walking up to Jetty');
        $away = (string) fmod((float) $spot->facing_deg + 180, 360);
        $this->put($url, [...$fields, 'walk_m' => '14', 'walk_deg' => $away])->assertSessionHasNoErrors();
        $this->page("?spot={$spot->id}")
            ->assertSee('class="walk-way"', false)
            ->assertSee('The line up to the dot is the way they walk')
            ->assertSee('Walking up to Jetty, outer end for First look on the jetty they have the sun in their backs.');
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

    /** While nothing is scouted it is said once; of periods that are covered from posts it is not said at all, and nothing is called indoors. */
    public function test_a_match_without_a_spot_is_told_once(): void
    {
        $this->post('/jobs', self::brief(['kind' => 'event', 'name' => 'Cup finals', 'place_name' => 'Lakeside field']));
        $job = (int) Job::query()->max('id');
        $match = ['template' => 'match-day', 'first_anchor' => '18:30', 'second_anchor' => '19:30'];
        $this->post("/jobs/{$job}/template", $match)->assertSessionHasNoErrors();
        $page = fn (): string => html_entity_decode((string) $this->get("/jobs/{$job}/scout")->assertOk()->getContent());
        $this->assertSame(1, substr_count($page(), 'data-code="scout.no-spot"'));
        $this->assertStringContainsString('have no spot yet.', $page());
        $this->assertStringContainsString('They are outdoors: draw the ground and its posts, or put in a spot', $page());
        Segment::query()->where('job_id', $job)->update(['cover' => ['worth' => []]]);
        $this->assertStringNotContainsString('no spot yet', $page());
        $this->assertStringNotContainsString('Nothing outdoors waits for a spot', $page());
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

        // At a wedding there is no ground to put it on.
        $this->get("/jobs/{$this->job->id}/pictures/{$picture->id}")->assertDontSee('zone of the ground');
        $this->post($measure, [...$taps, 'keep' => 'zone', 'name' => 'Mast', 'post' => 'Bank'])->assertSessionHasErrors('post');
        $this->job->update(['kind' => 'event']);
        $ground = GroundRecord::query()->create([
            'place_id' => $spot->place_id, 'kind' => 'shore', 'length_m' => 100, 'width_m' => 60, 'bearing_deg' => 200,
            'zones' => 'Buoy, 40, 12', 'posts' => 'Bank, 30, 5',
        ]);
        $this->get("/jobs/{$this->job->id}/pictures/{$picture->id}")->assertSee('Keep it as a zone of the ground')->assertSee('Bank');
        $this->post($measure, [...$taps, 'keep' => 'zone', 'name' => 'Mast', 'post' => 'Pier'])->assertSessionHasErrors('post');
        $this->post($measure, [...$taps, 'keep' => 'zone', 'name' => 'buoy', 'post' => 'Bank'])->assertSessionHasErrors('name');
        $this->assertSame('Buoy, 40, 12', $ground->refresh()->zones);
        // It looks to 200°, as "across" does, and the thing stands 20 m away: 20 m further across.
        $this->post($measure, [...$taps, 'keep' => 'zone', 'name' => 'Mast', 'post' => 'Bank'])->assertRedirect("/jobs/{$this->job->id}/ground");
        $this->assertSame("Buoy, 40, 12\nMast, 30, 25", $ground->refresh()->zones);
        $this->job->update(['kind' => 'wedding']);

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
