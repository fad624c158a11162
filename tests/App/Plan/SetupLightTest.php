<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\StudioRecord;
use Tests\App\TestCase;

/** The light of the demo's syrup. */
final class SetupLightTest extends TestCase
{
    public function test_drawn_compared_and_measured_again(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
        $url = "/jobs/{$job->id}/setups";
        $this->get($url)->assertOk()->assertSee('From above')->assertSee('does not match')->assertSee('hangs on a boom');
        $this->get("/jobs/{$job->id}/plan")->assertSee('hangs on a boom')->assertSee($url);
        $this->get("{$url}?setup=White+table&beside=Tank,+light+from+behind")->assertOk()->assertSee('Only there: Through diffusion');
        $this->get("{$url}?setup=%3Ci%3E&beside=nothing")->assertOk();
        $this->get("/jobs/{$job->id}/arrive?like=lights")->assertOk()->assertSee('Black card, 5 min')
            ->assertSee('What must stand for the first picture?');
        $had = StudioRecord::query()->where('job_id', $job->id)->firstOrFail()->lights;
        foreach (['lights' => ['lights' => "A\n  Key, bright"], 'measured' => ['measured' => "A\n  Key"]] as $field => $bad) {
            $this->from($url)->put($url, ['lights' => $had, 'measured' => '', ...$bad])->assertSessionHasErrors($field);
        }
        $this->assertSame($had, StudioRecord::query()->where('job_id', $job->id)->firstOrFail()->lights);
        $this->put($url, ['lights' => $had, 'measured' => "White table\n  Key, 1.9 m away, 45° left, 1.8 m high, 1/4 power, 400 Ws, dish 40 cm"]);
        $this->get($url)->assertSee('Key of White table does not stand as it was marked.')->assertSee('was not measured again');
        $this->put($url, ['lights' => "<b>A</b>\n  Key <i>, 1 m", 'measured' => ''])->assertSessionHasNoErrors();
        $this->get($url)->assertSee('&lt;b&gt;A&lt;/b&gt;', false)->assertDontSee('<b>A</b>', false)->assertDontSee('Key <i>', false);
    }
}
