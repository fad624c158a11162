<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Brief\Job;
use App\Models\People\ShareLink;
use App\Models\Plan\StudioRecord;
use Tests\App\TestCase;

/** The call sheet of the demo's syrup, printed and by link. */
final class CallSheetTest extends TestCase
{
    public function test_kept_judged_printed_and_shared(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
        $url = "/jobs/{$job->id}/crew";
        $record = StudioRecord::query()->where('job_id', $job->id)->firstOrFail();
        $this->get($url)->assertOk()->assertSee('Everybody whom the plan names is called for their hours.');
        $this->get($url)->assertSee('nobody sits behind the operator');
        $this->get("/jobs/{$job->id}/people")->assertSee('Everybody whom the plan names is called for their hours.');
        $fields = ['crew' => "<b>Ida</b>, make-up, 9:00 to 12:00\nMio Berg, 12 years", 'hospital' => '', 'parking' => '',
            'call_note' => '', 'floor' => ''];
        foreach (['crew' => "Ida\nIda", 'hospital' => str_repeat('x', 201), 'floor' => 'Ida'] as $field => $bad) {
            $this->from($url)->put($url, [...$fields, $field => $bad])->assertSessionHasErrors($field);
        }
        $this->assertStringContainsString('Runa Vik', (string) $record->refresh()->crew);
        $sheet = $this->get("{$url}/sheet?paper=letter")->assertOk()->assertSee('paper-letter', false)->assertSee('Runa Vik')->assertSee('Storsand');
        $sheet->assertSee('Liv')->assertDontSee('Liv Vik');

        $this->put($url, $fields)->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Mio is a minor, and no guardian is named.')->assertSee('are not on the call sheet')
            ->assertSee('&lt;b&gt;Ida&lt;/b&gt;', false)->assertDontSee('<b>Ida</b>', false);
        $this->get("{$url}/sheet")->assertSee('no guardian is named')->assertDontSee('with a guardian');

        $this->post("{$url}/link")->assertSessionHas('link');
        preg_match('#/sheet/([A-Za-z0-9]{40})#', (string) session('link'), $found);
        $job->update(['restrictions' => 'launch in May', 'is_confidential' => true]);
        auth()->logout();
        $this->get("/sheet/{$found[1]}")->assertOk()->assertSee('make-up')->assertDontSee('Mio Berg')->assertDontSee('launch');
        $this->get("{$url}/sheet")->assertRedirect('/sign-in');
        $this->signIn();
        $this->post("{$url}/link/".ShareLink::query()->where('kind', 'call-sheet')->value('id').'/revoke')->assertRedirect();
        $this->get("/sheet/{$found[1]}")->assertNotFound();
    }

    public function test_who_wears_a_look_and_who_builds_is_called_too(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
        $url = "/jobs/{$job->id}/crew";
        $fine = 'Everybody whom the plan names is called for their hours.';
        $looks = ['looks' => "Apron, with Odd & Tilly Moss\n  Pouring, 4 min", 'look_minutes' => 60, 'look_hands' => 1];
        $this->put("/jobs/{$job->id}/looks", $looks)->assertSessionHasNoErrors();
        $this->get($url)->assertOk()->assertSee('Tilly Moss is not on the call sheet.')->assertSee('Tilly Moss wears a look')->assertDontSee($fine);
        $this->put("/jobs/{$job->id}/looks", ['looks' => ''] + $looks)->assertSessionHasNoErrors();
        $this->get($url)->assertSee($fine);
        $tasks = ['tasks' => 'Tank, 40 min, by Ode Finch', 'doors_clock' => '10:00', 'hands' => 2, 'spare_minutes' => 0];
        $this->put("/jobs/{$job->id}/arrive", $tasks)->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Ode Finch is not on the call sheet.')->assertDontSee($fine);
    }
}
