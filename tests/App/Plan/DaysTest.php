<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use Tests\App\TestCase;

/** Several jobs on one day, and jobs that are put off. */
final class DaysTest extends TestCase
{
    private const DATE = '2027-05-12';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        // Three villages on a road, 0.1 degree of latitude apart: 11 km, with the detour 18 min and 5 to park.
        foreach (
            [
                'Alder' => [60.0, '09:00', '10:00', '09:00', '12:00'],
                'Birch' => [60.1, '10:10', '11:10', '09:00', '09:30'],
                'Cedar' => [60.2, '13:00', '14:00', null, null],
            ] as $name => [$latitude, $from, $to, $opens, $closes]
        ) {
            $place = Place::query()->create([
                'name' => $name,
                'latitude' => $latitude,
                'longitude' => 15,
                'timezone' => 'Europe/Stockholm',
            ]);
            $job = Job::query()->create([
                'name' => "{$name} house",
                'kind' => 'commercial',
                'date' => self::DATE,
                'place_id' => $place->id,
                'covered_from' => $from,
                'covered_to' => $to,
                'appointment_from' => $opens,
                'appointment_to' => $closes,
            ]);
            $job->segments()->create(['title' => "Rooms of {$name}", 'start_clock' => $from, 'minutes' => 60, 'place_id' => $place->id]);
        }
    }

    /** What one job's plan says and what the day says of it are one. */
    public function test_a_job_s_own_plan_knows_of_the_others(): void
    {
        $alder = Job::query()->where('name', 'Alder house')->firstOrFail();
        $this->get("/jobs/{$alder->id}/plan")
            ->assertSee('You cannot get from “Alder house” to “Birch house” in time.')
            ->assertSee('the way takes 23 min, and “Birch house” starts at 10:10: 13 min are missing.')
            ->assertDontSee('The day holds as planned');
        Job::query()->where('name', 'Birch house')->firstOrFail()->update(['date' => '2027-05-13']);
        $this->get("/jobs/{$alder->id}/plan")->assertSee('The day holds as planned')->assertDontSee('You cannot get from');
        $cedar = Job::query()->where('name', 'Cedar house')->firstOrFail();
        $cedar->place->update(['latitude' => null, 'longitude' => null]);
        $this->get("/jobs/{$alder->id}/plan")->assertSee('No way is known from “Alder house” to “Cedar house”')->assertDontSee('The day holds');
        $this->get('/days/'.self::DATE.'?from=08:30')
            ->assertSee('Nobody knows the way between Alder house and Cedar house.')
            ->assertDontSee('all were weighed')
            ->assertDontSee('The order of the day is the one');
        $cedar->update(['covered_from' => '09:30', 'covered_to' => '11:00']);
        $this->get("/jobs/{$cedar->id}/plan")->assertSee('“Cedar house” starts before “Alder house” is over.');
        // A job of the evening before that runs beyond midnight, and one of several days.
        $cedar->update(['date' => '2027-05-11', 'covered_from' => '18:00', 'covered_to' => '33:30', 'place_id' => $alder->place_id]);
        $this->get("/jobs/{$alder->id}/plan")->assertSee('“Alder house” starts before “Cedar house” is over.');
        $cedar->update(['date' => '2027-05-10', 'covered_from' => '08:00', 'covered_to' => '09:30']);
        $this->get("/jobs/{$alder->id}/plan")->assertDontSee('Cedar house');
        $cedar->segments()->create(['title' => 'Third day', 'start_clock' => '08:00', 'minutes' => 60, 'day' => 2]);
        $this->get("/jobs/{$alder->id}/plan")->assertSee('“Alder house” starts before “Cedar house” is over.');
    }

    public function test_the_order_with_the_most_slack_is_shown_taken_and_undone(): void
    {
        $page = $this->get('/days/'.self::DATE.'?from=08:30')->assertOk();
        $page
            ->assertSee('Birch house is planned outside its appointment')
            ->assertSee('You cannot get from Alder house to Birch house in time')
            ->assertSee('Another order leaves the most slack');
        $this->get('/')->assertSee('3 jobs: which first?');
        $this->post('/days/'.self::DATE.'/order', ['from' => '08:30'])->assertSessionHasNoErrors();
        $starts = Job::query()->orderBy('id')->pluck('covered_from', 'name')->all();
        $this->assertSame(['Alder house', 'Birch house', 'Cedar house'], array_keys($starts));
        // Birch first, at nine; its hour, then 23 min to Alder.
        $this->assertSame(['10:23', '09:00', '13:00'], array_values($starts));
        $this->assertSame(['10:23', '09:00', '13:00'], Segment::query()->orderBy('id')->pluck('start_clock')->all());
        $this->get('/days/'.self::DATE.'?from=08:30')
            ->assertSee('The order of the day is the one with the most slack')
            ->assertDontSee('outside its appointment');
        $this->post('/plan-changes/'.PlanChange::query()->firstOrFail()->id.'/undo');
        $this->assertSame(['09:00', '10:10', '13:00'], Job::query()->orderBy('id')->pluck('covered_from')->all());
        $this->assertSame(['09:00', '10:10', '13:00'], Segment::query()->orderBy('id')->pluck('start_clock')->all());
    }

    public function test_a_day_that_cannot_work_names_what_to_leave_out(): void
    {
        Job::query()
            ->where('name', 'Alder house')
            ->update(['appointment_from' => '09:00', 'appointment_to' => '09:10']);
        $this->get('/days/'.self::DATE)
            ->assertSee('No order keeps every appointment')
            ->assertSee('It would without Alder house, or without Birch house');
        $this->post('/days/'.self::DATE.'/order')->assertSessionHasErrors('refused');
        $this->assertSame(0, PlanChange::query()->count());
    }

    public function test_jobs_rained_off_are_put_where_they_fit(): void
    {
        $busy = Place::query()->where('name', 'Cedar')->firstOrFail();
        Job::query()->create([
            'name' => 'All day long',
            'kind' => 'event',
            'date' => '2027-05-13',
            'place_id' => $busy->id,
            'covered_from' => '08:00',
            'covered_to' => '20:00',
        ]);
        $ids = Job::query()
            ->whereIn('name', ['Alder house', 'Birch house'])
            ->pluck('id')
            ->all();
        $query = http_build_query(['jobs' => $ids, 'dates' => ['2027-05-13', '2027-05-14', '']]);
        $this->get('/days/'.self::DATE.'?'.$query)
            ->assertOk()
            ->assertSee('2027-05-14 at 09:00')
            ->assertDontSee('fits on none');
        $this->get('/days/'.self::DATE.'?'.http_build_query(['jobs' => $ids, 'dates' => ['2027-05-13']]))->assertSee(
            'fits on none of these days',
        );
        $this->post('/days/'.self::DATE.'/restack', ['jobs' => $ids, 'dates' => ['2027-05-13']])->assertSessionHasErrors('refused');
        $this->post('/days/'.self::DATE.'/restack', [
            'jobs' => $ids,
            'dates' => ['2027-05-13', '2027-05-14'],
        ])->assertSessionHasNoErrors();
        $this->assertSame(['2027-05-14', '2027-05-14', self::DATE, '2027-05-13'], Job::query()->orderBy('id')->pluck('date')->all());
        $this->post('/plan-changes/'.PlanChange::query()->firstOrFail()->id.'/undo');
        $this->assertSame([self::DATE, self::DATE], Job::query()->whereIn('id', $ids)->pluck('date')->all());
        $this->get('/days/2027-99-99')->assertNotFound();
        $this->from('/')
            ->get('/days/'.self::DATE.'?from=late')
            ->assertSessionHasErrors('from');
    }
}
