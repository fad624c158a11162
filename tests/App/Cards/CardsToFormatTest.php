<?php

declare(strict_types=1);

namespace Tests\App\Cards;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\StandInDesk;
use App\Desks\Cards\StruckCard;
use App\Devices\StandIn\Fault;
use App\Devices\StandIn\StandInDrive;
use App\Models\Brief\Job;
use App\Models\Cards\CardEventRecord;
use App\Models\Cards\Frame;
use App\Models\Cards\Run;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Copies\BagLayout;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\TestCase;
use Tests\Support\Pictures;

/** From the camera check to the formatted card, on the stand-ins' real files. */
final class CardsToFormatTest extends TestCase
{
    private Job $job;

    private string $cards;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demoOfCards();
        $this->cards = "/jobs/{$this->job->id}/cards";
    }

    private function card(string $label): Card
    {
        return Card::query()->with('item')->get()->firstOrFail(static fn (Card $c): bool => $c->item->label === $label);
    }

    private function state(string $label): CardState
    {
        return (new CardLog())->lifeOf($this->card($label))->state;
    }

    /** @param  list<StruckCard>  $faults */
    private function shoot(array $faults = [], int $frames = 6): void
    {
        $this->app->forgetScopedInstances();
        app(StandInDesk::class)->shootDay(BriefDesk::open($this->job->id), $frames, faults: $faults);
    }

    private function sealAndCompare(): void
    {
        $this->post("{$this->cards}/seal")->assertRedirect();
        $this->post("{$this->cards}/twin")->assertSessionHasNoErrors();
    }

    private function copyAll(): void
    {
        $this->post("/jobs/{$this->job->id}/copies", ['kind' => 'copy', 'all' => 1])->assertSessionHasNoErrors();
    }

    /** Asks for the permit, once its frames were looked at. */
    private function ask(string $label): \Illuminate\Testing\TestResponse
    {
        if ((new CardLog())->lifeOf($this->card($label))->isSealed) {
            $this->post("{$this->cards}/{$this->card($label)->id}/look")->assertSessionHasNoErrors();
        }

        return $this->from($this->cards)
            ->followingRedirects()
            ->post("{$this->cards}/{$this->card($label)->id}/permit");
    }

    public function test_the_camera_check_finds_the_split_body_the_wrong_clock_and_the_old_frames(): void
    {
        $page = $this->followingRedirects()->post("/jobs/{$this->job->id}/camera-check");
        $page
            ->assertSee('Body B writes raw to one card and jpeg to the other.')
            ->assertSee('The clock of Body C is 23 min 40 s behind.')
            ->assertSee('Body C carries frames that are safe nowhere else.')
            ->assertSee('Body A is ready.');
    }

    public function test_each_remedy_mends_what_it_names(): void
    {
        $this->post("/jobs/{$this->job->id}/stand-ins/mode", ['body' => 2]);
        $this->get($this->cards)->assertDontSee('writes raw to one card')->assertSee('The clock of Body C');
        $this->post("/jobs/{$this->job->id}/stand-ins/clock", ['body' => 3]);
        $this->get($this->cards)->assertDontSee('The clock of')->assertSee('Body B is ready.');
    }

    public function test_after_a_card_was_changed_the_last_reading_no_longer_counts(): void
    {
        $this->post("/jobs/{$this->job->id}/camera-check");
        $this->travel(3)->seconds();
        $this->post('/events', ['kind' => 'unload', 'job' => $this->job->id, 'card' => $this->card('S06')->id]);
        $this->get($this->cards)->assertSee('A card was changed since the bodies were read.');
    }

    public function test_the_whole_way_to_a_formatted_card(): void
    {
        $this->shoot();
        $this->ask('S01')->assertSee('S01');
        $this->sealAndCompare();
        $this->ask('S01')->assertSee('S01 holds frames that are not safe yet.')->assertSee('The card itself is not counted.');
        $this->assertSame(CardState::Shot, $this->state('S01'));

        $this->copyAll();
        $this->assertSame('done', Run::query()->latest('id')->firstOrFail()->state->value);
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $this->assertSame(CardState::Permitted, $this->state('S01'));

        $this->post("{$this->cards}/{$this->card('S01')->id}/format")->assertSessionHasNoErrors();
        $this->assertSame(CardState::Ready, $this->state('S01'));
        $this->assertSame([], $this->contentsOf((string) $this->card('S01')->folder), 'the card is empty');
        $this->assertSame(1, CardEventRecord::query()->where('kind', 'formatted')->count());
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('formatted');
    }

    public function test_the_copies_pass_coreutils_and_hold_what_the_card_held(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        $this->copyAll();
        $bags = glob(config('satchel.standins').'/drives/drive-fir/*', GLOB_ONLYDIR) ?: [];
        $this->assertCount(6, $bags);
        foreach ($bags as $bag) {
            $out = [];
            exec('cd '.escapeshellarg($bag).' && b2sum --strict --quiet -c '.BagLayout::MANIFEST.' 2>&1', $out, $exit);
            $this->assertSame(0, $exit, implode("\n", $out));
        }
        $info = (string) file_get_contents($bags[0].'/bag-info.txt');
        $this->assertStringContainsString('Card-Label: S01', $info);
        $this->assertMatchesRegularExpression('/^Camera-Body: Body A, serial OV\d+\r?$/m', $info);
        $this->assertMatchesRegularExpression('/^Camera-Clock-First: \d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ\r?$/m', $info);
        $this->assertSame($this->contentsOf((string) $this->card('S01')->folder), $this->contentsOf($bags[0].'/data'));
        $this->assertSame(Frame::query()->count() * 2, DB::table('copies')->count());
    }

    public function test_a_frame_cut_short_is_healed_from_its_twin(): void
    {
        $this->shoot([new StruckCard('S02', Fault::CutShort)]);
        $this->sealAndCompare();
        $this->get($this->cards)->assertSee('damaged on the second')->assertSee('twin of S02: repairable');
        $this->copyAll();
        $this->ask('S02')->assertSee('S02 may be formatted.')->assertSee('2 healed from the twin');
        $this->post("{$this->cards}/{$this->card('S02')->id}/format")->assertSessionHasNoErrors();
        $this->ask('S01')->assertSee('S01 may be formatted.');
    }

    public function test_a_twin_formatted_first_still_heals(): void
    {
        $this->shoot([new StruckCard('S02', Fault::CutShort)]);
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01');
        $this->post("{$this->cards}/{$this->card('S01')->id}/format")->assertSessionHasNoErrors();
        $this->ask('S02')->assertSee('S02 may be formatted.')->assertSee('2 healed from the twin');
    }

    public function test_where_nobody_can_say_which_side_is_right_both_cards_stay(): void
    {
        // Two jpegs of one name that differ, and both decode.
        $this->shoot();
        $files = glob($this->card('S02')->folder.'/DCIM/*/*.JPG') ?: [];
        file_put_contents($files[3], Pictures::jpeg(99));
        $this->sealAndCompare();
        $this->copyAll();
        foreach (['S01', 'S02'] as $label) {
            $this->ask($label)->assertSee('is whole on neither card');
            $this->assertSame(CardState::Shot, $this->state($label));
        }
    }

    public function test_a_frame_damaged_on_both_is_refused_until_given_up_in_writing(): void
    {
        $this->shoot([new StruckCard('S01', Fault::Missing), new StruckCard('S02', Fault::Missing)]);
        $broken = null;
        foreach (['S01', 'S02'] as $label) {
            $files = glob($this->card($label)->folder.'/DCIM/*/*.JPG') ?: [];
            sort($files);
            $broken = basename($files[0]);
            file_put_contents($files[0], substr((string) file_get_contents($files[0]), 0, 3000));
        }
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01')
            ->assertSee("{$broken} is whole on neither card.")
            ->assertSee('Give this frame up in writing');
        $path = Frame::query()
            ->where('card_id', $this->card('S01')->id)
            ->get()
            ->firstOrFail(static fn (Frame $f): bool => str_ends_with($f->path, (string) $broken))->path;
        $this->post("{$this->cards}/{$this->card('S01')->id}/losses", ['path' => $path, 'words' => 'short'])->assertSessionHasErrors(
            'words',
        );
        $this->post("{$this->cards}/{$this->card('S01')->id}/losses", [
            'path' => $path,
            'words' => 'A test frame of the floor, nobody misses it.',
        ])->assertSessionHasNoErrors();
        $this->ask('S01')->assertSee('S01 may be formatted.')->assertSee('1 given up in writing');
    }

    public function test_a_permit_is_void_when_the_card_changes(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S03');
        $card = $this->card('S03');
        file_put_contents($card->folder.'/DCIM/late.jpg', 'one more frame');
        $this->post("{$this->cards}/{$card->id}/format")->assertSessionHasErrors("card{$card->id}");
        $this->assertSame(CardState::Shot, $this->state('S03'));
        $this->assertFileExists($card->folder.'/DCIM/late.jpg');
        $this->ask('S03')->assertSee('S03 has changed since it was sealed.')->assertSee('late.jpg');
    }

    public function test_without_a_permit_nothing_is_formatted(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        $card = $this->card('S01');
        $before = $this->contentsOf((string) $card->folder);
        $this->post("{$this->cards}/{$card->id}/format")->assertSessionHasErrors("card{$card->id}");
        $this->assertSame($before, $this->contentsOf((string) $card->folder));
    }

    public function test_two_folders_on_one_disk_are_one_device(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        $roots = $this->folder('media');
        $this->post('/folders', ['path' => $roots])->assertSessionHasNoErrors();
        foreach (['one', 'two'] as $name) {
            $this->post('/destinations', [
                'name' => $name,
                'folder' => $this->folder("media/{$name}"),
                'kept' => 'bag',
            ])->assertSessionHasNoErrors();
        }
        $ids = Destination::query()
            ->whereIn('name', ['one', 'two'])
            ->pluck('id')
            ->all();
        $this->post("/jobs/{$this->job->id}/copies", [
            'kind' => 'copy',
            'cards' => [$this->card('S01')->id],
            'destinations' => $ids,
        ])->assertSessionHasNoErrors();
        $this->assertSame(2, CopyEvent::query()->where('kind', 'verified')->count());
        $this->ask('S01')->assertSee('the least 1');
    }

    public function test_a_full_drive_is_said_and_the_grid_shows_it(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        StandInDrive::make(config('satchel.standins').'/drives/drive-fir', sizeMb: 1);
        $this->copyAll();
        $this->assertSame('trouble', Run::query()->latest('id')->firstOrFail()->state->value);
        $this->get("/jobs/{$this->job->id}/copies")
            ->assertSee('the drive is full')
            ->assertSee('data-state="failed"', false)
            ->assertSee('did not verify');
        StandInDrive::make(config('satchel.standins').'/drives/drive-fir', sizeMb: 4000);
        $this->copyAll();
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('Every shot card is on enough devices.');
    }

    public function test_a_copy_that_rotted_is_found_by_verifying_again_and_no_longer_counts(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        $this->copyAll();
        $rot = static function (string $label): void {
            $file = (glob(config('satchel.standins')."/drives/drive-birch/*_{$label}_fill1/data/DCIM/*/*.DNG") ?: [])[0];
            $bytes = (string) file_get_contents($file);
            file_put_contents($file, substr_replace($bytes, chr(ord($bytes[4000]) ^ 2), 4000, 1));
        };
        $rot('S01');
        $ids = Destination::query()->where('name', 'Drive Birch')->pluck('id')->all();
        $this->post("/jobs/{$this->job->id}/copies", [
            'kind' => 'verify',
            'cards' => [$this->card('S01')->id, $this->card('S02')->id],
            'destinations' => $ids,
        ]);
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('Drive Birch NOT valid: '.'data/DCIM');
        $this->ask('S01')->assertSee('S01 may be formatted.', false);
        $rot('S02');
        $this->ask('S01')->assertSee('S01 holds frames that are not safe yet.')->assertSee('lies on Drive Fir alone.');
        $this->ask('S02')->assertSee('S02 holds frames that are not safe yet.');
    }

    public function test_an_empty_card_and_a_vanished_folder_are_said_on_the_card(): void
    {
        $this->shoot();
        $card = $this->card('S04');
        exec('rm -rf '.escapeshellarg((string) $card->folder).'/*');
        $this->post("{$this->cards}/{$card->id}/seal")->assertSessionHasErrors([
            "card{$card->id}" => 'S04 cannot be read: there is nothing on it',
        ]);
        rmdir((string) $card->folder);
        $this->from($this->cards)
            ->followingRedirects()
            ->post("{$this->cards}/{$card->id}/seal")
            ->assertSee('is it mounted?');
        $this->assertSame(0, Frame::query()->where('card_id', $card->id)->count());
    }

    public function test_names_in_odd_bytes_are_indexed_copied_around_and_named(): void
    {
        $this->shoot();
        file_put_contents($this->card('S01')->folder."/DCIM/odd\xFF.JPG", 'x');
        $this->sealAndCompare();
        $this->copyAll();
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('left out DCIM/odd%FF.JPG');
        $this->ask('S01')->assertSee('odd%FF.JPG is whole on neither card.');
    }

    private function running(): Run
    {
        return Run::query()->create([
            'job_id' => $this->job->id,
            'kind' => 'copy',
            'state' => 'running',
            'card_ids' => [],
            'destination_ids' => [],
            'told_at' => microtime(true),
        ]);
    }

    public function test_a_second_run_waits_for_the_first(): void
    {
        $this->shoot();
        $this->sealAndCompare();
        $this->running();
        $this->post("/jobs/{$this->job->id}/copies", ['kind' => 'copy', 'all' => 1])->assertSessionHasErrors('run');
    }

    #[TestWith(['copies'])]
    #[TestWith(['cards'])]
    public function test_a_run_that_ends_while_a_page_is_read_is_looked_at_once_more(string $page): void
    {
        $run = $this->running();
        $isOver = false;
        DB::listen(static function (QueryExecuted $query) use (&$isOver, $run): void {
            if (! $isOver && str_starts_with($query->sql, 'select "jobs".*')) {
                $isOver = true;
                DB::table('runs')
                    ->where('id', $run->id)
                    ->update(['state' => 'done']);
            }
        });
        $this->get("/jobs/{$this->job->id}/{$page}")->assertSee('every 700ms');
        $this->assertTrue($isOver);
        app()->forgetScopedInstances();
        $this->get("/jobs/{$this->job->id}/{$page}")->assertDontSee('every 700ms');
    }

    public function test_an_unsealed_card_is_not_copied(): void
    {
        $this->shoot();
        $this->post("/jobs/{$this->job->id}/copies", [
            'kind' => 'copy',
            'cards' => [$this->card('S01')->id],
            'destinations' => [1],
        ])->assertSessionHasErrors('run');
        $this->post("/jobs/{$this->job->id}/copies", ['kind' => 'copy', 'cards' => [], 'destinations' => [1]])->assertSessionHasErrors(
            'run',
        );
        $this->assertSame(0, CopyEvent::query()->count());
    }

    public function test_the_same_seed_shoots_the_same_day(): void
    {
        $this->shoot();
        $first = Frame::query()->count();
        $this->post("{$this->cards}/seal");
        $taken = Frame::query()
            ->whereNotNull('taken_at')
            ->orderBy('path')
            ->where('card_id', $this->card('S05')->id)
            ->pluck('taken_at')
            ->all();
        $this->assertSame(0, $first);
        $this->assertGreaterThan(6, count($taken));
        $this->assertGreaterThan(2 * 3600, max($taken) - $taken[4], 'spread over the segments of the day');
    }

    public function test_outside_the_demo_the_stand_in_buttons_do_not_exist(): void
    {
        config(['satchel.demo' => false]);
        $this->post("/jobs/{$this->job->id}/stand-ins/shoot", ['frames' => 5])->assertNotFound();
        $this->get($this->cards)->assertDontSee('Shoot the planned day');
    }

    public function test_a_card_of_another_job_is_not_found_under_this_one(): void
    {
        $this->post("/jobs/2/cards/{$this->card('S01')->id}/permit")->assertNotFound();
    }
}
