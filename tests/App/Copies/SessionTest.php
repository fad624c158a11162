<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use App\Desks\Copies\SessionDesk;
use App\Desks\Copies\SessionWatch;
use App\Models\Brief\Job;
use App\Models\Copies\Destination;
use App\Models\Copies\Handover;
use App\Models\Copies\SessionFileRow;
use App\Models\Copies\SessionFolder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Plan\Setups\WantedElement;
use Tests\App\TestCase;
use Tests\Support\BoardPictures;

/** A session folder, watched: what is written, by whom, and when it counts. */
final class SessionTest extends TestCase
{
    private Job $job;

    private string $url;

    private string $session;

    /** @var list<Destination> */
    private array $drives;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->job = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
        $this->url = "/jobs/{$this->job->id}/session";
        $this->session = config('satchel.standins').'/Norrsav-2026';
        mkdir($this->session);
        SessionFolder::query()->delete();
        $this->drives = array_values(Destination::query()->where('device_kind', '!=', 'cloud')->orderBy('id')->limit(2)->get()->all());
    }

    /** @param  array<string, mixed>  $changes */
    private function keep(array $changes = []): \Illuminate\Testing\TestResponse
    {
        return $this->from($this->url)->put($this->url, [
            'folder' => $this->session,
            'automatic_id' => $this->drives[0]->id,
            'by_hand_id' => $this->drives[1]->id,
            'allowed_minutes' => '10',
            'is_watched' => '1',
            ...$changes,
        ]);
    }

    private function watch(): SessionWatch
    {
        return new SessionWatch(SessionFolder::query()->with(['automatic', 'byHand'])->firstOrFail());
    }

    private function row(string $path): SessionFileRow
    {
        return SessionFileRow::query()->where('path', $path)->firstOrFail();
    }

    public function test_what_cannot_be_is_said_beside_its_field(): void
    {
        $this->get($this->url)->assertOk()->assertSee('The folder that the capture program writes into');
        foreach ([
            'folder' => ['folder' => '/nowhere/at/all'],
            'by_hand_id' => ['by_hand_id' => $this->drives[0]->id],
            'automatic_id' => ['automatic_id' => '999'],
            'allowed_minutes' => ['allowed_minutes' => '0'],
        ] as $field => $bad) {
            $this->keep($bad)->assertSessionHasErrors($field);
        }
        $this->keep(['folder' => $this->drives[0]->folder])->assertSessionHasErrors('folder');
        $this->assertSame(0, SessionFolder::query()->count());
        $this->keep()->assertSessionHasNoErrors();
        $this->get($this->url)->assertSee('Nobody watches the session folder.');
    }

    public function test_whole_files_go_to_the_drive_and_what_grows_does_not(): void
    {
        $this->keep();
        $watch = $this->watch();
        $now = (float) now()->format('U.u');
        $jpeg = BoardPictures::jpeg(['x'], 300, 200);
        file_put_contents("{$this->session}/a.jpg", $jpeg);
        file_put_contents("{$this->session}/b.jpg", substr($jpeg, 0, 900));
        $this->assertSame(0, $watch->look($now), 'it was seen once: it may still grow');
        $this->assertSame(1, $watch->look($now + 0.7));
        $this->assertNotNull($this->row('a.jpg')->automatic_at);
        $this->assertNull($this->row('b.jpg')->whole_at, 'a picture without its end is written on after a pause');
        file_put_contents("{$this->session}/b.jpg", $jpeg.'x');
        touch("{$this->session}/b.jpg", (int) $now + 5);
        $this->assertSame(0, $watch->look($now + 2));
        $this->assertSame(1, $watch->look($now + 25));
        $target = $this->drives[0]->folder.'/'.SessionWatch::folderName(SessionFolder::query()->firstOrFail());
        $this->assertSame($jpeg, (string) file_get_contents("{$target}/a.jpg"));
        $this->assertSame(0, $watch->look($now + 26), 'nothing twice');
        $this->get($this->url)->assertOk()->assertSee('a.jpg');
    }

    public function test_a_person_copies_under_any_name_and_content_tells(): void
    {
        $this->keep();
        $watch = $this->watch();
        $now = (float) now()->format('U.u');
        $jpeg = BoardPictures::jpeg(['x'], 300, 200);
        file_put_contents("{$this->session}/a.jpg", $jpeg);
        $watch->look($now);
        $watch->look($now + 1);
        $by = $this->drives[1]->folder;
        mkdir("{$by}/evening");
        file_put_contents("{$by}/evening/other.jpg", substr($jpeg, 0, -1).'y');
        $watch->look($now + 5);
        $this->assertNull($this->row('a.jpg')->by_hand_at, 'as long, but another content');
        file_put_contents("{$by}/evening/copy of a.jpg", $jpeg);
        $watch->look($now + 10);
        $this->assertNotNull($this->row('a.jpg')->by_hand_at);
        $folder = SessionFolder::query()->firstOrFail();
        $folder->update(['looked_at' => (int) now()->format('U')]);
        $this->get($this->url)->assertSee('Every file of the session was seen on both drives.');
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('Every file of the session was seen on both drives.', false);

        $this->post("/jobs/{$this->job->id}/copies/places/{$this->drives[1]->id}/hand-over", [
            'who' => 'Ida at the office', 'why' => 'retouching', 'due_on' => now()->addDays(2)->format('Y-m-d'),
        ])->assertSessionHasNoErrors();
        $ticket = Handover::query()->firstOrFail();
        $this->get("/handovers/{$ticket->id}")->assertSee('copied by hand')->assertSee('session folder');
        $this->assertSame(1, $ticket->contents[0]['files']);

        // Renamed: the same content, and no second copy of it.
        rename("{$this->session}/a.jpg", "{$this->session}/hero.jpg");
        $watch->look($now + 20);
        $watch->look($now + 22);
        $this->assertTrue($this->row('a.jpg')->is_gone);
        $this->assertNotNull($this->row('hero.jpg')->automatic_at);
        $target = $this->drives[0]->folder.'/'.SessionWatch::folderName($folder);
        $this->assertFileDoesNotExist("{$target}/hero.jpg");

        // A name that was gone before it was whole is no file.
        file_put_contents("{$this->session}/x.tmp", 'x');
        $watch->look($now + 30);
        unlink("{$this->session}/x.tmp");
        $watch->look($now + 31);
        $this->assertNotContains('x.tmp', array_column(app(SessionDesk::class)->files($folder), 'path'));
    }

    public function test_frames_since_the_last_press_count_for_an_element(): void
    {
        $this->keep();
        $watch = $this->watch();
        $now = (float) now()->format('U.u');
        foreach (['a', 'b', 'c'] as $name) {
            file_put_contents("{$this->session}/{$name}.jpg", BoardPictures::jpeg([$name], 300, 200));
        }
        $watch->look($now);
        $watch->look($now + 1);
        $url = "/jobs/{$this->job->id}/elements";
        Carbon::setTestNow(Carbon::parse($this->job->date.' 12:00', $this->job->place->timezone));
        DB::table('session_files')->update(['seen_at' => now()->getTimestamp() - 60]);
        $this->get($url)->assertSee('3 frames were written into the session folder');
        $lid = WantedElement::number('Jar and spoon', 'Lid');
        $this->from($url)->post("{$url}/frames", ['element' => 5, 'keepers' => 1])->assertSessionHasErrors('element');
        $this->from($url)->post("{$url}/frames", ['element' => $lid, 'keepers' => 4])->assertSessionHasErrors('keepers');
        $this->post("{$url}/frames", ['element' => $lid, 'keepers' => 1])->assertSessionHasNoErrors();
        $this->get($url)->assertSee('1 of 1, 3 tried')->assertDontSee('written into the session folder');
        Carbon::setTestNow();
    }

    /** A file that nobody may read, and a drive that is away, keep no other file from its copy. */
    public function test_one_bad_file_or_drive_stops_no_other(): void
    {
        $this->keep();
        $watch = $this->watch();
        $now = (float) now()->format('U.u');
        symlink('/etc/hostname', "{$this->session}/link.jpg");
        file_put_contents("{$this->session}/a.jpg", BoardPictures::jpeg(['a'], 300, 200));
        // Its name is taken on the drive by a folder.
        mkdir($this->drives[0]->folder.'/'.SessionWatch::folderName(SessionFolder::query()->firstOrFail()).'/a.jpg', 0777, true);
        file_put_contents("{$this->session}/b.jpg", BoardPictures::jpeg(['b'], 300, 200));
        rename($this->drives[1]->folder, $this->drives[1]->folder.'-away');
        $watch->look($now);
        $watch->look($now + 1);
        $this->assertNotNull($this->row('b.jpg')->automatic_at);
        $this->assertSame(0, SessionFileRow::query()->where('path', 'link.jpg')->count(), 'a link is no frame');
        $this->get($this->url)->assertSee('not as they should be');
        rename($this->drives[1]->folder.'-away', $this->drives[1]->folder);
    }

    public function test_a_folder_that_vanishes_stops_and_comes_back(): void
    {
        $this->keep();
        $watch = $this->watch();
        $now = (float) now()->format('U.u');
        rename($this->session, "{$this->session}-away");
        $watch->look($now);
        $this->get($this->url)->assertSee('not as they should be');
        rename("{$this->session}-away", $this->session);
        $watch->look($now + 1);
        $this->assertNull(SessionFolder::query()->firstOrFail()->problem);
        file_put_contents("{$this->session}/a.txt", 'notes');
        $watch->look($now + 2);
        $this->assertSame(0, $watch->look($now + 4), 'of what is no picture it waits longer');
        $this->assertSame(1, $watch->look($now + 6));
        // Another drive for the automatic route: nothing was seen on it yet.
        $third = Destination::query()->whereNotIn('id', [$this->drives[0]->id, $this->drives[1]->id])->firstOrFail();
        $this->keep(['automatic_id' => $third->id])->assertSessionHasNoErrors();
        $this->assertNull($this->row('a.txt')->automatic_at);
        mkdir("{$this->session}2");
        $this->keep(['folder' => "{$this->session}2"])->assertSessionHasErrors('folder');
        $this->assertCount(1, app(SessionDesk::class)->files(SessionFolder::query()->firstOrFail()));
        $this->artisan('satchel:watch', ['--for' => '0.1'])->assertSuccessful();
    }
}
