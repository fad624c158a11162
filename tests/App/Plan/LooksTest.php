<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use NorthSatchel\Plan\Looks\LooksText;
use Tests\App\TestCase;

/** Looks and rooms through their pages. */
final class LooksTest extends TestCase
{
    public function test_looks_are_laid_kept_and_picked(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', 'Wool%')->firstOrFail();
        $url = "/jobs/{$job->id}/looks";
        $record = StudioRecord::query()->where('job_id', $job->id)->firstOrFail();
        $this->get($url)->assertOk()->assertSee('Shawl thrown')->assertSee('their box');
        $this->get("/jobs/{$job->id}/plan")->assertSee('box.')->assertSee($url);
        $good = ['looks' => "Hat <b>, with Mio\n  Close, 5 min", 'look_minutes' => '60', 'look_hands' => '1'];
        foreach (['looks' => "A\na", 'look_minutes' => '0', 'look_hands' => 'two'] as $field => $bad) {
            $this->from($url)->put($url, [...$good, $field => $bad])->assertSessionHasErrors($field);
        }
        $this->assertStringContainsString('Mittens', (string) $record->refresh()->looks);
        $this->put($url, $good)->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Hat &lt;b&gt;', false)->assertDontSee('Hat <b>', false)->assertSee('The looks fit into their box.');
        $this->post('/events', ['kind' => 'check', 'job' => $job->id, 'line' => LooksText::read($good['looks'])[0]->wallLine()]);
        $this->get($url)->assertSee('Every look has its frame for a wall.');
    }

    public function test_rooms_by_the_lenses_and_the_sun(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', 'Slope house%')->firstOrFail();
        $url = "/jobs/{$job->id}/rooms";
        $this->get($url)->assertOk()->assertSee('stops apart')->assertSee('sun on it')->assertSee('Bathroom');
        $this->get("/jobs/{$job->id}/scout")->assertSee('Bathroom');
        $this->from($url)->put($url, ['rooms' => 'Hall, cosy'])->assertSessionHasErrors('rooms');
        $this->put($url, ['rooms' => 'Hall <i>, 5 × 9 m, 10 min'])->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Hall &lt;i&gt;', false)->assertDontSee('Hall <i>', false)->assertSee('16 mm');
    }

    public function test_the_station_is_drawn_with_its_slowest_part(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
        $this->get("/jobs/{$job->id}/station")->assertOk()->assertSee('Extension')->assertSee(', the slowest')
            ->assertSee('parts of the station have no spare');
        $this->get("/jobs/{$job->id}/kit")->assertSee('parts of the station have no spare');
        $other = Job::query()->where('name', 'like', 'Wool%')->firstOrFail();
        $this->get("/jobs/{$other->id}/station")->assertOk()->assertSee('No wire and no computer');
    }
}
