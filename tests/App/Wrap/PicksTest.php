<?php

declare(strict_types=1);

namespace Tests\App\Wrap;

use App\Desks\Copies\SessionWatch;
use App\Models\Brief\Job;
use App\Models\Copies\SessionFolder;
use App\Models\People\ShareLink;
use App\Models\Wrap\ClientAnswer;
use App\Models\Wrap\PickRecord;
use Tests\App\TestCase;
use Tests\Support\BoardPictures;

/** Picks of the demo's syrup, shown to a client and answered. */
final class PicksTest extends TestCase
{
    private Job $job;

    private string $url;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->job = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
        $this->url = "/jobs/{$this->job->id}/picks";
    }

    /** A frame of the session, whole and known. */
    private function frame(): string
    {
        $folder = SessionFolder::query()->with(['automatic', 'byHand'])->firstOrFail();
        file_put_contents("{$folder->folder}/syrup_1.jpg", BoardPictures::jpeg(['x'], 1800, 1200));
        $watch = new SessionWatch($folder);
        $now = (float) now()->format('U.u');
        $watch->look($now);
        $watch->look($now + 1);

        return (string) preg_replace('/.*value="(session \d+)".*/s', '$1', (string) $this->get($this->url)->getContent());
    }

    private function link(): string
    {
        $this->post("{$this->url}/link")->assertSessionHas('link');
        preg_match('#/client/([A-Za-z0-9]{40})#', (string) session('link'), $found);
        $this->post('/sign-out');
        auth()->logout();

        return "/client/{$found[1]}";
    }

    public function test_a_pick_is_shown_and_what_cannot_be_is_said(): void
    {
        $this->get($this->url)->assertOk()->assertSee('nothing is taken yet');
        $frame = $this->frame();
        foreach ([
            'picture' => ['picture' => 'Moon', 'from' => $frame],
            'from' => ['picture' => 'Gift box', 'from' => 'session 999'],
        ] as $field => $bad) {
            $this->from($this->url)->post($this->url, $bad)->assertSessionHasErrors($field);
        }
        $this->assertSame(0, PickRecord::query()->count());
        $this->post($this->url, ['picture' => 'Gift box', 'from' => $frame, 'note' => '=dust <b>'])->assertSessionHasNoErrors();
        $this->get($this->url)->assertSee('=dust &lt;b&gt;', false)->assertSee('Gift box waits for the client')
            ->assertSee('final pictures the client is shown nothing');
        $image = $this->get('/picks/'.PickRecord::query()->value('id').'.jpg')->assertOk();
        $this->assertSame(1600, getimagesizefromstring((string) $image->getContent())[0] ?? null);
        $csv = (string) $this->get("{$this->url}/notes.csv")->assertOk()->getContent();
        $this->assertStringNotContainsString(',=dust', $csv, 'no formula');
        $this->assertStringContainsString('dust <b>', $csv);
        $zip = $this->folder('zip').'/notes.zip';
        file_put_contents($zip, $this->get("{$this->url}/notes.zip")->assertOk()->getContent());
        $archive = new \ZipArchive();
        $archive->open($zip);
        $xmp = (string) $archive->getFromName('syrup_1.xmp');
        $this->assertStringContainsString('<photoshop:Instructions>=dust &lt;b&gt;</photoshop:Instructions>', $xmp);
        $archive->close();

        // The same frame for another picture: both notes reach the retoucher.
        $this->post($this->url, ['picture' => 'Bottle, standing', 'from' => $frame, 'note' => 'straighten'])->assertSessionHasNoErrors();
        file_put_contents($zip, $this->get("{$this->url}/notes.zip")->assertOk()->getContent());
        $archive->open($zip);
        $this->assertStringContainsString(
            '<photoshop:Instructions>Gift box: =dust &lt;b&gt;. Bottle, standing: straighten</photoshop:Instructions>',
            (string) $archive->getFromName('syrup_1.xmp'),
        );
    }

    public function test_nothing_picked_gives_no_archive_and_says_so(): void
    {
        $this->from($this->url)->get("{$this->url}/notes.zip")->assertRedirect($this->url)
            ->assertSessionHas('said', 'Nothing was written: there is no frame here yet to write a sidecar for.');
    }

    public function test_a_client_answers_by_link_and_sees_nothing_else(): void
    {
        $this->job->update(['is_confidential' => true, 'restrictions' => 'the launch is in May']);
        $this->post($this->url, ['picture' => 'Gift box', 'from' => $this->frame()]);
        $pick = PickRecord::query()->firstOrFail();
        $other = PickRecord::query()->create(['job_id' => 1, 'picture' => 'X', 'name' => 'x.jpg', 'added_at' => 1]);
        $link = $this->link();
        $page = $this->get($link)->assertOk()->assertSee('Gift box')->assertSee('Waits for an answer');
        $page->assertDontSee('Norrsav Syrup Works')->assertDontSee('launch')->assertDontSee('Bottle, standing');
        $this->get("{$link}/{$pick->id}.jpg")->assertOk();
        $this->get("{$link}/{$other->id}.jpg")->assertNotFound();
        $this->get("/picks/{$pick->id}.jpg")->assertRedirect('/sign-in');

        $yes = ['pick' => $pick->id, 'says' => 'yes', 'name' => 'Odd'];
        foreach ([
            'name' => ['name' => ''], 'words' => ['says' => 'no'], 'mark_x' => ['says' => 'mark'], 'says' => ['says' => 'perhaps'],
        ] as $field => $bad) {
            $this->from($link)->post($link, [...$yes, ...$bad])->assertSessionHasErrors($field);
        }
        $this->post($link, [...$yes, 'pick' => $other->id])->assertNotFound();
        $this->assertSame(0, ClientAnswer::query()->count());
        $this->post($link, [...$yes, 'says' => 'no', 'words' => 'the ribbon <i>'])->assertRedirect();
        $this->post($link, [...$yes, 'says' => 'mark', 'mark_x' => '0.9', 'mark_y' => '0.1', 'words' => 'here']);
        $this->get($link)->assertSee('Not signed off: Odd');
        $this->post($link, $yes);
        $this->post($link, $yes)->assertSessionHasNoErrors();
        $this->get($link)->assertSee('Signed off: Odd');

        $this->demoOwner();
        $this->get($this->url)->assertSee('signed off')->assertSee('the ribbon &lt;i&gt;', false)->assertSee('(right above) here');
        $this->assertSame(4, ClientAnswer::query()->count(), 'every word is kept, who signs twice too');
        $shared = ShareLink::query()->where('kind', 'client')->firstOrFail();
        $this->post("/jobs/1/picks/link/{$shared->id}/revoke")->assertNotFound();
        $this->post("{$this->url}/link/{$shared->id}/revoke")->assertRedirect();
        auth()->logout();
        $this->get($link)->assertNotFound();
        $this->post($link, $yes)->assertNotFound();
        $this->get("{$link}/{$pick->id}.jpg")->assertNotFound();
        $this->assertSame(4, ClientAnswer::query()->count());
    }

    private function demoOwner(): void
    {
        $this->actingAs(\App\Models\User::query()->firstOrFail());
    }
}
