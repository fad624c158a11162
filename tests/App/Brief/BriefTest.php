<?php

declare(strict_types=1);

namespace Tests\App\Brief;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class BriefTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_a_job_is_started_and_edited(): void
    {
        $this->post('/jobs', self::brief())->assertRedirect('/jobs/1/plan');
        $job = Job::query()
            ->with(['place', 'people'])
            ->firstOrFail();
        $this->assertSame('The quarry', $job->place->name);
        $this->assertSame(['Maj' => 'conductor', 'Ove' => null], $job->people->pluck('role', 'name')->all());

        $this->put('/jobs/1/brief', self::brief(['name' => 'Quarry concert, second evening', 'people' => 'Ove, sound']))->assertRedirect(
            '/jobs/1/brief',
        );
        $this->get('/jobs/1/brief')
            ->assertOk()
            ->assertSee('Quarry concert, second evening')
            ->assertSee('Ove, sound')
            ->assertDontSee('Maj, conductor');
    }

    public function test_a_place_is_remembered_for_the_next_job_there(): void
    {
        $this->post('/jobs', self::brief());
        $this->post('/jobs', self::brief(['name' => 'Another']));
        $this->assertSame(1, Place::query()->count());
    }

    /** @return array<string, array{array<string, string>, string, string}> changes, the field, what is said */
    public static function wrong(): array
    {
        return [
            'no name' => [['name' => ''], 'name', 'needed'],
            'no such kind' => [['kind' => 'party'], 'kind', 'invalid'],
            'no day' => [['date' => '2027-02-30'], 'date', 'calendar'],
            'no time' => [['covered_from' => 'noon'], 'covered_from', '17:05'],
            'the end before the start' => [['covered_to' => '15:00'], 'covered_to', 'after the start'],
            'a time that summer time skips' => [['covered_from' => '02:30'], 'covered_from', '02:30 is skipped'],
            'off the globe' => [['latitude' => '95'], 'latitude', 'between -90 and 90'],
            'half a place' => [['longitude' => ''], 'longitude', 'both coordinates'],
            'no zone' => [['timezone' => 'Nowhere/Land'], 'timezone', 'Europe/Helsinki'],
            'hot' => [['temperature_c' => '900'], 'temperature_c', '°C'],
        ];
    }

    /** @param  array<string, string>  $changes */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_beside_the_field_and_what_was_typed_is_kept(
        array $changes,
        string $field,
        string $said,
    ): void {
        $page = $this->from('/jobs/new')->followingRedirects()->post('/jobs', self::brief([...$changes, 'client' => 'Typed by hand']));
        $page
            ->assertSee('Typed by hand')
            ->assertSee($said)
            ->assertSee("id=\"f-{$field}-wrong\"", false);
        $this->assertSame(0, Job::query()->count(), 'nothing is changed');
    }

    public function test_the_front_page_lists_the_jobs_by_date_with_what_is_urgent(): void
    {
        Carbon::setTestNow('2027-03-25 10:00:00');
        $this->post('/jobs', self::brief(['name' => 'Later', 'date' => '2027-04-20']));
        $this->post(
            '/jobs',
            self::brief(['name' => 'Sooner', 'date' => '2027-03-26', 'latitude' => '', 'longitude' => '', 'place_name' => 'Somewhere']),
        );
        $this->get('/')
            ->assertOk()
            ->assertSeeInOrder([
                'Fri 26 Mar',
                'tomorrow',
                'Sooner',
                'Somewhere has no coordinates.',
                'Tue 20 Apr',
                '26 days to go',
                'Later',
            ]);
    }

    public function test_what_was_typed_is_shown_as_text(): void
    {
        $this->post('/jobs', self::brief(['name' => '<script>alert(1)</script>', 'must_haves' => '</textarea><img src=x>']));
        $this->get('/jobs/1/brief')
            ->assertDontSee('<script>alert(1)', false)
            ->assertDontSee('<img src=x>', false)
            ->assertSee('&lt;script&gt;alert(1)', false);
    }

    public function test_a_new_day_that_skips_a_planned_hour_is_refused_and_nothing_changes(): void
    {
        $this->post('/jobs', self::brief(['date' => '2027-03-27']));
        $this->post('/jobs/1/segments', [
            'title' => 'Last song',
            'start_clock' => '02:20',
            'minutes' => 20,
            'priority' => 'must',
            'lane' => 'lead',
        ]);
        $this->from('/jobs/1/brief')
            ->followingRedirects()
            ->put('/jobs/1/brief', self::brief(['date' => '2027-03-28', 'client' => 'Somebody else']))
            ->assertSee('Last song of Quarry concert is planned for 02:20, which the clocks skip on that day.')
            ->assertSee('Somebody else');
        $this->assertSame(['2027-03-27', 'Stenbrott Festival'], [Job::query()->firstOrFail()->date, Job::query()->firstOrFail()->client]);
        $this->get('/jobs/1/plan')->assertOk();
    }

    public function test_a_job_that_is_not_there_is_not_found(): void
    {
        $this->get('/jobs/77/brief')->assertNotFound();
        $this->get('/jobs/77/plan')->assertNotFound();
    }

    public function test_jobs_long_past_are_a_press_away(): void
    {
        $this->demo();
        \App\Models\Brief\Job::query()
            ->where('name', 'like', 'Rowing club%')
            ->firstOrFail()
            ->update(['date' => now()->subDays(40)->format('Y-m-d')]);
        $this->get('/')->assertOk()->assertDontSee('Rowing club awards evening')->assertSee('1 earlier job');
        $this->get('/?all=1')->assertOk()->assertSee('Rowing club awards evening')->assertDontSee('earlier job');
    }
}
