<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Desks\Brief\BriefDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Tests\App\TestCase;

/**
 * A segment of which nobody said where it is, is where its photographer was before, first at the main place: for passes, pairs, light, ways.
 */
final class MainPlaceTest extends TestCase
{
    private int $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->post('/jobs', self::brief());
        $this->job = Job::query()->firstOrFail()->id;
        $this->add('Sound check', '16:00', ['people' => 'Maj', 'is_outdoor' => '1']);
        $this->add('Warming up', '16:40', ['people' => 'Ove']);
    }

    /** @param  array<string, string>  $more */
    private function add(string $title, string $from, array $more = []): void
    {
        $this->post("/jobs/{$this->job}/segments", [
            'title' => $title, 'start_clock' => $from, 'minutes' => '40', 'priority' => 'must', 'lane' => 'lead', 'place_name' => '', ...$more,
        ])->assertSessionHasNoErrors();
    }

    public function test_passes_of_the_main_place_bind_it(): void
    {
        $place = Job::query()->findOrFail($this->job)->place_id;
        $this->get("/jobs/{$this->job}/plan")->assertDontSee('has no pass');
        $this->post("/jobs/{$this->job}/access", [
            'place_id' => $place, 'pass' => 'Blue', 'opens_clock' => '12:00', 'closes_clock' => '22:00', 'gate_minutes' => '5', 'lanes' => ['second'],
        ])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job}/plan")->assertSee('The lead photographer has no pass for Sound check.');
    }

    public function test_two_who_must_not_meet_meet_there(): void
    {
        $this->post("/jobs/{$this->job}/separations", ['first' => 'Maj', 'second' => 'Ove'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job}/plan")->assertSee('Maj and Ove may see each other');
    }

    public function test_a_way_from_there_is_asked_for_and_a_rest_is_wherever_one_is(): void
    {
        $this->add('Supper', '17:20', ['is_break' => '1']);
        $this->get("/jobs/{$this->job}/plan")->assertDontSee('How long is the way');
        $this->add('Fireworks', '18:30', ['place_name' => 'The pier']);
        $this->get("/jobs/{$this->job}/plan")->assertSee('How long is the way from The quarry to The pier?');
        $this->assertNull(Segment::query()->where('title', 'Sound check')->value('place_id'), 'nothing is stored that nobody typed');
        $this->get("/jobs/{$this->job}/sheets/lead")->assertOk();
    }

    public function test_a_camera_that_stands_alone_there_has_light_cells_and_a_round(): void
    {
        $this->post('/shelf/starter');
        $body = Item::query()->where('kind', 'body')->firstOrFail();
        $this->post("/jobs/{$this->job}/packing", ['item' => $body->id, 'lane' => 'lead'])->assertSessionHasNoErrors();
        $segment = Segment::query()->where('title', 'Sound check')->value('id');
        $this->get("/jobs/{$this->job}/light?segment={$segment}&where=Rail&bearing=250&alone=3&shots=200&walk=4&mounting=20&fetching=10")
            ->assertOk()
            ->assertDontSee('It wants a place with coordinates')
            ->assertSee('It is fetched');
        // Kept, it is asked for among what must stand before the doors open: a walk of four minutes there and back, and twenty of work.
        $camera = 'where=Rail, east&bearing=250&alone=3&shots=200&walk=4&mounting=20&fetching=10';
        $this->post("/jobs/{$this->job}/light/cameras?segment={$segment}&{$camera}")
            ->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job}/arrive")->assertSee('“Rail east” is on no line here.')->assertSee('Add the cameras that stand alone');
        $this->get("/jobs/{$this->job}/arrive?like=cameras")->assertSee('Rail east, 28 min');
        $this->put("/jobs/{$this->job}/arrive", ['tasks' => 'Rail east, 28 min', 'doors_clock' => '17:00', 'hands' => '1', 'spare_minutes' => '30'])
            ->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job}/arrive")->assertSee('Be there at 16:02.')->assertDontSee('is on no line here');
    }

    public function test_what_comes_after_another_place_is_there_too(): void
    {
        $this->add('Fireworks', '18:30', ['place_name' => 'The pier']);
        $this->add('Embers', '19:30');
        $this->add('Backstage', '19:40', ['lane' => 'second']);
        $places = BriefDesk::open($this->job)->segments->mapWithKeys(static fn (Segment $s): array => [$s->title => $s->place?->name])->all();
        $this->assertSame([
            'Sound check' => 'The quarry', 'Warming up' => 'The quarry', 'Fireworks' => 'The pier', 'Embers' => 'The pier',
            'Backstage' => 'The quarry',
        ], $places);
    }

    public function test_no_flash_is_advised_where_the_brief_forbids_it(): void
    {
        $place = Job::query()->findOrFail($this->job)->place_id;
        $this->post("/jobs/{$this->job}/spots", ['name' => 'Ledge', 'place_id' => $place, 'facing_deg' => '90'])->assertSessionHasNoErrors();
        $this->add('Speeches', '22:30', ['is_outdoor' => '1', 'place_name' => 'The quarry']);
        Segment::query()->where('title', 'Speeches')->update(['spot_id' => Spot::query()->where('name', 'Ledge')->value('id')]);
        $this->get("/jobs/{$this->job}/scout")->assertSee('Take a flash or a lamp');
        Job::query()->whereKey($this->job)->update(['restrictions' => 'no flash']);
        $this->get("/jobs/{$this->job}/scout")->assertSee('stops under')->assertSee('more of the lamps there')->assertDontSee('a flash or a lamp');
        $segment = Segment::query()->where('title', 'Speeches')->value('id');
        $this->get("/jobs/{$this->job}/light?segment={$segment}&f=4")->assertSee('The brief forbids flash in “Speeches”.')
            ->assertDontSee('The shutter synchronises.');
        Job::query()->whereKey($this->job)->update(['restrictions' => '']);
        $this->get("/jobs/{$this->job}/light?segment={$segment}&f=4")->assertDontSee('The brief forbids flash');
    }
}
