<?php

declare(strict_types=1);

namespace Tests\App\Brief;

use App\Desks\Brief\Gazetteer;
use App\Models\Brief\Job;
use NorthSatchel\Sky\GeoPoint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\TestCase;

/** Nobody knows latitudes: a town, a link or coordinates in any notation make the place. */
final class PlaceTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @param  array<string, mixed>  $more */
    private function make(string $where, array $more = []): \Illuminate\Testing\TestResponse
    {
        return $this->post('/jobs', self::brief(['latitude' => '', 'longitude' => '', 'timezone' => '', 'where' => $where, ...$more]));
    }

    #[TestWith(['Visby', 57.6, 18.3, 'Europe/Stockholm'])]
    #[TestWith(['geo:-33.92,18.42', -33.92, 18.42, 'Africa/Johannesburg'])]
    #[TestWith(['40°42\'46"N 74°0\'22"W', 40.7128, -74.0061, 'America/New_York'])]
    #[TestWith(['Halle, Lower Saxony', 51.9, 9.6, 'Europe/Berlin'])]
    #[TestWith(['Malmö', 55.6, 13.0, 'Europe/Stockholm'])]
    #[TestWith(['malmo', 55.6, 13.0, 'Europe/Stockholm'])]
    public function test_coordinates_and_zone_follow(string $where, float $latitude, float $longitude, string $zone): void
    {
        $this->make($where)->assertSessionHasNoErrors();
        $place = Job::query()->with('place')->latest('id')->firstOrFail()->place;
        $this->assertEqualsWithDelta([$latitude, $longitude], [$place->latitude, $place->longitude], 0.12);
        $this->assertSame($zone, $place->timezone);
    }

    public function test_several_towns_are_asked_about_and_what_was_typed_stays(): void
    {
        $this->make('Halle')->assertSessionHasErrors('where');
        $this->assertStringContainsString('Lower Saxony', (string) session('errors')?->first('where'));
        $this->get('/jobs/new')->assertSee('value="Halle"', false)->assertSee('Which of them');
        $this->make('Lucerne')->assertSessionHasErrors('where');
        $this->assertMatchesRegularExpression(
            '/Lucerne, California, United States \(\d+\.\d\d, -\d+\.\d\d\); Lucerne, California/',
            (string) session('errors')?->first('where'),
            'two of one name are told apart',
        );
        $this->make('Nowhere at all')->assertSessionHasErrors('where');
        $this->make('')->assertSessionHasErrors('timezone');
        $this->assertSame(0, Job::query()->count());
    }

    public function test_what_is_typed_by_hand_stays(): void
    {
        $this->make('', ['latitude' => '58,4', 'longitude' => '15,6'])->assertSessionHasNoErrors();
        $place = Job::query()->with('place')->latest('id')->firstOrFail()->place;
        $this->assertSame([58.4, 15.6, 'Europe/Stockholm'], [$place->latitude, $place->longitude, $place->timezone], 'decimal commas are read');
        $this->make('', ['latitude' => '58.4', 'longitude' => '15.6', 'timezone' => 'Europe/Oslo', 'place_name' => 'Other']);
        $this->assertSame('Europe/Oslo', Job::query()->with('place')->latest('id')->firstOrFail()->place->timezone);
    }

    public function test_towns_are_offered_while_typing_and_escaped(): void
    {
        $this->get('/places/find?where=visb')->assertOk()->assertSee('<option value="Visby, Gotland, Sweden">', false);
        $this->get('/places/find?where='.urlencode('<b>x'))->assertOk()->assertDontSee('<b>', false);
    }

    #[TestWith(['Bath, UK', 'Bath, England'])]
    #[TestWith(['Portland, OR', 'Portland, Oregon'])]
    #[TestWith(['Portland Oregon', 'Portland, Oregon'])]
    #[TestWith(['near Kiruna, Sweden', 'Kiruna, Norrbotten'])]
    #[TestWith(['7 Mill Lane, Kyoto, Japan', 'Kyoto'])]
    #[TestWith(['Perth WA', 'Perth, Western Australia'])]
    public function test_a_town_is_found_as_people_write_it(string $typed, string $at): void
    {
        $this->make($typed, [])->assertSessionHasNoErrors();
        $this->assertStringContainsString(" It lies at {$at}, ", (string) session('said'), 'and it is said which one was taken');
    }

    public function test_a_town_of_another_country_is_not_taken_for_the_one_that_is_meant(): void
    {
        $this->make('Lake Como, Italy', [])->assertSessionHasErrors('where');
        $said = (string) session('errors')?->first('where');
        $this->assertStringContainsString('None of that name is known there. Known are Lake Como, New Jersey', $said);
        $this->make('Lake Como', [])->assertSessionHasNoErrors();
        $this->assertStringContainsString(' It lies at Lake Como, New Jersey, United States.', (string) session('said'));
    }

    public function test_the_zone_of_the_open_sea_is_that_of_its_meridian(): void
    {
        $this->assertSame('Etc/GMT+8', (new Gazetteer())->zoneAt(GeoPoint::of(-40, -120)));
        $this->assertSame('Etc/GMT-11', (new Gazetteer())->zoneAt(GeoPoint::of(-55, 165)));
        $this->assertSame('UTC', (new Gazetteer())->zoneAt(GeoPoint::of(-50, 2)));
    }
}
