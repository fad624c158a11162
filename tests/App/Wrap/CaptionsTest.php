<?php

declare(strict_types=1);

namespace Tests\App\Wrap;

use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\People\RosterRecord;
use Tests\App\TestCase;

/** Rosters and captions through the pages, on the demo and its stand-ins' frames. */
final class CaptionsTest extends TestCase
{
    public function test_a_roster_is_pasted_and_a_code_grows_and_bad_lines_change_nothing(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', '%finals')->firstOrFail();
        $url = "/jobs/{$job->id}/roster";
        $this->get("/jobs/{$job->id}/people")->assertSee($url);
        $this->get("{$url}?try=k7+past+l7")->assertOk()->assertSee('Saga Lind-Holm (Kvarnby school, 7) past Mira Sol (Lillsund school, 7)');
        $this->get("{$url}?try=k15")->assertSee('Tora Kvist is not in today', false);
        $record = RosterRecord::query()->firstOrFail();
        $good = ['players' => "No;Name\n1;<b>Ada</b>\n2;Bo", 'line_up' => '1', 'codes' => ''];
        foreach (['players' => "No;Name\nx;Bo", 'line_up' => '3', 'codes' => 'Nobody = n'] as $field => $bad) {
            $this->from($url)->put($url, [...$good, $field => $bad])->assertSessionHasErrors($field);
        }
        $this->assertStringContainsString('Milla Rask', (string) $record->refresh()->players);
        $this->put($url, $good)->assertSessionHasNoErrors();
        $this->get($url)->assertSee('&lt;b&gt;Ada&lt;/b&gt;', false)->assertSee('not in the line-up');
        $this->get("/jobs/{$job->id}/wrap")->assertOk()->assertSee('No frame is indexed yet');
    }

    public function test_frames_get_their_captions_and_go_out_as_sidecars(): void
    {
        $this->demo();
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 3]);
        $this->post('/jobs/1/cards/seal');
        $frame = Frame::query()->where('kind', 'jpeg')->orderBy('id')->firstOrFail();
        $name = pathinfo((string) $frame->path, PATHINFO_FILENAME);
        $this->put('/jobs/1/roster', ['players' => "Crew:\n7 Ada Berg\n9 Bo Holm", 'line_up' => 'Crew: 7']);
        $this->from('/jobs/1/wrap')->put('/jobs/1/captions', ['captions' => 'nothing'])->assertSessionHasErrors('captions');
        $this->put('/jobs/1/captions', ['captions' => "{$name} c7 at the <oar>\nNONE_0001 gone"])->assertSessionHasNoErrors();
        $page = $this->get('/jobs/1/wrap')->assertSee('Ada Berg (Crew, 7) at the &lt;oar&gt;', false)->assertSee('NONE_0001 is not among');
        $page->assertSee('say only where and when they were.');
        $sidecars = function (): string {
            $zip = $this->folder('zip').'/captions.zip';
            $given = ['creator' => 'Tyra', 'copyright' => '© Tyra'];
            file_put_contents($zip, $this->post('/jobs/1/captions/sidecars', $given)->assertOk()->getContent());
            $archive = new \ZipArchive();
            $archive->open($zip);
            $all = '';
            for ($i = 0; $i < $archive->numFiles; $i++) {
                $all .= $archive->getFromIndex($i);
            }

            return $all;
        };
        $this->assertStringContainsString('<rdf:li>Ada Berg</rdf:li>', $sidecars());
        $this->put('/jobs/1/captions', ['captions' => "{$name} c9 at the oar"]);
        $this->get('/jobs/1/wrap')->assertSee('may name somebody wrongly.');
        $this->assertStringNotContainsString('Bo Holm', $sidecars(), 'who does not play goes out nameless');
        $this->get('/')->assertOk();
    }
}
