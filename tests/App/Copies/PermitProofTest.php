<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\StandInDesk;
use App\Devices\Devices;
use App\Devices\DiskBehind;
use App\Devices\PlaceMark;
use App\Devices\StandIn\StandInDrive;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Cards\PermitRecord;
use App\Models\Cards\Run;
use App\Models\Cards\RunKind;
use App\Models\Cards\RunState;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Testing\TestResponse;
use NorthSatchel\Cards\CardState;
use Tests\App\TestCase;

/** Ways in which a permit was had for a card that was not safe; none is one any more. On the stand-ins' real files. */
final class PermitProofTest extends TestCase
{
    private Job $job;

    private string $cards;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demoOfCards();
        $this->cards = "/jobs/{$this->job->id}/cards";
        $this->app->forgetScopedInstances();
        app(StandInDesk::class)->shootDay(BriefDesk::open($this->job->id), 4);
    }

    private function card(string $label): Card
    {
        return Card::query()->with('item')->get()->firstOrFail(static fn (Card $c): bool => $c->item->label === $label);
    }

    private function state(string $label): CardState
    {
        return (new CardLog())->lifeOf($this->card($label))->state;
    }

    private function sealAndCompare(): void
    {
        $this->post("{$this->cards}/seal")->assertRedirect();
        $this->post("{$this->cards}/twin")->assertSessionHasNoErrors();
    }

    /** @param  list<string>  $names  of places; all that are ours where none is named */
    private function copyAll(array $names = []): void
    {
        $this->post("/jobs/{$this->job->id}/copies", [
            'kind' => 'copy',
            'all' => 1,
            'destinations' => $names === [] ? [] : Destination::query()->whereIn('name', $names)->pluck('id')->all(),
        ])->assertSessionHasNoErrors();
    }

    /** @param  list<string>  $cards */
    private function verify(string $place, array $cards): void
    {
        $this->post("/jobs/{$this->job->id}/copies", [
            'kind' => 'verify',
            'cards' => array_map(fn (string $c): int => $this->card($c)->id, $cards),
            'destinations' => [Destination::query()->where('name', $place)->value('id')],
        ])->assertSessionHasNoErrors();
    }

    private function ask(string $label): TestResponse
    {
        $this->post("{$this->cards}/{$this->card($label)->id}/look")->assertSessionHasNoErrors();

        return $this->from($this->cards)
            ->followingRedirects()
            ->post("{$this->cards}/{$this->card($label)->id}/permit");
    }

    /** @return list<string> */
    private function bagsOf(string $label, string $drive = '*'): array
    {
        return glob(config('satchel.standins')."/drives/{$drive}/*_{$label}_fill1*", GLOB_ONLYDIR) ?: [];
    }

    private function frame(string $label, string $ending = 'DNG', int $number = 2): string
    {
        return (glob($this->card($label)->folder."/DCIM/*/*.{$ending}") ?: [])[$number];
    }

    /** Another content of the same length; the time put back. */
    private function change(string $file, int $at = 4000): void
    {
        $time = (int) filemtime($file);
        $bytes = (string) file_get_contents($file);
        file_put_contents($file, substr_replace($bytes, chr(ord($bytes[$at]) ^ 1), $at, 1));
        touch($file, $time);
    }

    public function test_1_a_picture_changed_on_both_cards_after_the_copy_and_sealed_again_is_on_no_drive(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        foreach (['S01', 'S02'] as $label) {
            file_put_contents($this->frame($label), 'another picture altogether');
            $this->post("{$this->cards}/{$this->card($label)->id}/seal")->assertSessionHasNoErrors();
        }
        $this->post("{$this->cards}/twin")->assertSessionHasNoErrors();
        $this->ask('S01')
            ->assertDontSee('S01 may be formatted.')
            ->assertSee('S01 holds frames that are not safe yet.')
            ->assertSee('lies nowhere else');
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('S01 is not safe yet.');
        $this->copyAll();
        $this->assertSame(
            'done',
            Run::query()->latest('id')->firstOrFail()->state->value,
            json_encode(Run::query()->latest('id')->firstOrFail()->report),
        );
        $this->ask('S01')->assertSee('S01 may be formatted.');
    }

    public function test_2_a_film_on_the_card_counts_like_a_picture(): void
    {
        foreach (['S01', 'S02'] as $label) {
            exec('rm -r '.escapeshellarg($this->card($label)->folder.'/DCIM'));
            mkdir($this->card($label)->folder.'/PRIVATE');
            file_put_contents($this->card($label)->folder.'/PRIVATE/C0001.MOV', 'a film');
            file_put_contents($this->card($label)->folder.'/PRIVATE/C0001.WAV', 'a sound');
        }
        $this->sealAndCompare();
        $this->ask('S01')
            ->assertDontSee('S01 may be formatted.')
            ->assertSee('S01 holds frames that are not safe yet.')
            ->assertSee('2 of 2 files');
        $this->copyAll();
        $this->ask('S01')->assertSee('S01 may be formatted.')->assertSee('All 2 files on it');
    }

    public function test_3_a_bag_is_credited_with_what_was_read_in_it_alone(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        foreach (['S01', 'S02'] as $label) {
            file_put_contents($this->card($label)->folder.'/DCIM/late.WAV', 'one more');
            $this->post("{$this->cards}/{$this->card($label)->id}/seal");
        }
        $this->post("{$this->cards}/twin");
        $this->copyAll(['Drive Fir']);
        $this->verify('Drive Birch', ['S01', 'S02']);
        $this->ask('S01')->assertDontSee('S01 may be formatted.')->assertSee('late.WAV lies on Drive Fir alone.');
        $this->copyAll();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        // A bag that somebody replaced by another, whole in itself.
        foreach ([...$this->bagsOf('S01', 'drive-birch'), ...$this->bagsOf('S02', 'drive-birch')] as $bag) {
            exec(
                'rm -r '.
                    escapeshellarg($bag).
                    ' && cp -r '.
                    escapeshellarg($this->bagsOf('S05', 'drive-birch')[0]).
                    ' '.
                    escapeshellarg($bag),
            );
        }
        $this->get($this->cards)->assertDontSee('S01 may be formatted.')->assertSee('The permit of S01 is void.');
        $this->verify('Drive Birch', ['S01', 'S02']);
        $this->ask('S01')->assertSee('S01 holds frames that are not safe yet.')->assertSee('Drive Fir alone.');
    }

    public function test_4_a_permit_is_void_the_moment_its_evidence_is_gone(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S03')->assertSee('S03 may be formatted.');
        $this->ask('S05')->assertSee('S05 may be formatted.');
        foreach ([...$this->bagsOf('S03'), ...$this->bagsOf('S04')] as $bag) {
            exec('rm -r '.escapeshellarg($bag));
        }
        $this->get($this->cards)
            ->assertSee('The permit of S03 is void.')
            ->assertSee('its bag is not there any more')
            ->assertDontSee('S03 may be formatted.')
            ->assertSee('S05 may be formatted.');
        $id = $this->card('S03')->id;
        $this->post("{$this->cards}/{$id}/format")->assertSessionHasErrors("card{$id}");
        $this->assertNotSame([], glob($this->card('S03')->folder.'/DCIM/*/*'));
        // A verification that says "not valid".
        $path = substr($this->frame('S05'), strlen((string) $this->card('S05')->folder));
        foreach ([...$this->bagsOf('S05', 'drive-fir'), ...$this->bagsOf('S06', 'drive-fir')] as $bag) {
            $this->change("{$bag}/data{$path}");
        }
        $this->verify('Drive Fir', ['S05', 'S06']);
        $this->get($this->cards)->assertSee('The permit of S05 is void.')->assertDontSee('S05 may be formatted.');
    }

    /** S01 as a real card: a folder outside the stand-ins. */
    private function realCard(): Card
    {
        $this->folder('media');
        $this->post('/folders', ['path' => "{$this->temp}/media"])->assertSessionHasNoErrors();
        $card = $this->card('S01');
        exec('cp -a '.escapeshellarg((string) $card->folder).' '.escapeshellarg("{$this->temp}/media/real"));
        $this->post("/cards/{$card->id}/folder", ['folder' => "{$this->temp}/media/real"])->assertSessionHasNoErrors();
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01')->assertSee('S01 may be formatted.');

        return $this->card('S01');
    }

    /** A small system of files, laid out as Linux has it, in which the folder of the real card is a file system of that identity. */
    private function volumeInTheReader(string $uuid): void
    {
        $system = "{$this->temp}/system-{$uuid}";
        foreach (['proc/self', 'sys/dev/block', 'sys/devices/pci0/sdc/block/sdc/sdc1', 'dev/disk/by-uuid'] as $folder) {
            mkdir("{$system}/{$folder}", 0777, true);
        }
        file_put_contents(
            "{$system}/proc/self/mountinfo",
            "21 1 8:1 / / rw - ext4 /dev/sda1 rw\n30 21 8:33 / {$this->temp}/media/real rw - exfat /dev/sdc1 rw\n",
        );
        file_put_contents("{$system}/sys/devices/pci0/sdc/block/sdc/sdc1/partition", "1\n");
        symlink("{$system}/sys/devices/pci0/sdc/block/sdc/sdc1", "{$system}/sys/dev/block/8:33");
        symlink('../../sdc1', "{$system}/dev/disk/by-uuid/{$uuid}");
        $this->app->forgetScopedInstances();
        $this->app->instance(DiskBehind::class, new DiskBehind($system));
    }

    public function test_another_card_under_the_same_label_is_never_formatted_in_its_place(): void
    {
        $this->folder('media');
        $this->volumeInTheReader('AB12-CD34');
        $card = $this->realCard();
        $this->assertSame('AB12-CD34', app(CardLog::class)->lifeOf($card)->volume);
        $this->volumeInTheReader('99EE-0001');
        $why = 'Another card stands in the reader: AB12-CD34 was sealed as S01, and 99EE-0001 is there';
        $this->get($this->cards)
            ->assertSee($why)
            ->assertSee('S01, permit void')
            ->assertDontSee('S01 may be formatted.')
            ->assertDontSee('S01, may be formatted');
        $this->post("{$this->cards}/{$card->id}/release")->assertSessionHasErrors("card{$card->id}");
        $this->post("{$this->cards}/{$card->id}/format")->assertSessionHasErrors("card{$card->id}");
        $this->assertSame(1, app(CardLog::class)->lifeOf($card)->fill);
    }

    public function test_4_a_real_card_is_looked_at_a_last_time_before_its_format(): void
    {
        $card = $this->realCard();
        file_put_contents("{$card->folder}/DCIM/late.JPG", 'one more frame');
        $this->post("{$this->cards}/{$card->id}/release")->assertSessionHasErrors([
            "card{$card->id}" => 'The permit is void: One file is new, gone or different: late.JPG.',
        ]);
        $this->assertSame(CardState::Shot, $this->state('S01'));
        unlink("{$card->folder}/DCIM/late.JPG");
        $this->ask('S01');
        $this->post("{$this->cards}/{$card->id}/release")->assertSessionHasNoErrors();
        $this->post("{$this->cards}/{$card->id}/format")->assertSessionHasErrors("card{$card->id}");
        exec('rm -r '.escapeshellarg((string) $card->folder).'/*');
        $this->followingRedirects()
            ->post("{$this->cards}/{$card->id}/format")
            ->assertSee('S01 is empty and ready');
        $this->assertSame(CardState::Ready, $this->state('S01'));
    }

    public function test_4_a_card_that_was_formatted_without_a_last_look_stays_out_of_use_until_somebody_answers_for_it(): void
    {
        $card = $this->realCard();
        exec('rm -r '.escapeshellarg((string) $card->folder).'/*');
        $this->followingRedirects()
            ->post("{$this->cards}/{$card->id}/format")
            ->assertSee('S01 was formatted without a last look.')
            ->assertSee('out of use');
        $this->assertSame(CardState::Aside, $this->state('S01'));
        $this->get("{$this->cards}")
            ->assertDontSee('Put in S01')
            ->assertSee('Put it back in use');
        $this->post("{$this->cards}/{$card->id}/back-in-use", ['words' => 'yes'])->assertSessionHasErrors('words');
        $this->post("{$this->cards}/{$card->id}/back-in-use", [
            'words' => 'It never left the reader in between.',
        ])->assertSessionHasNoErrors();
        $this->assertSame(CardState::Ready, $this->state('S01'));
    }

    public function test_4_a_format_under_a_void_permit_tells_what_is_lost(): void
    {
        $card = $this->realCard();
        $this->post("{$this->cards}/{$card->id}/release")->assertSessionHasNoErrors();
        foreach ([...$this->bagsOf('S01', 'drive-birch'), ...$this->bagsOf('S02', 'drive-birch')] as $bag) {
            exec('rm -r '.escapeshellarg($bag));
        }
        exec('rm -r '.escapeshellarg((string) $card->folder).'/*');
        $this->followingRedirects()
            ->post("{$this->cards}/{$card->id}/format")
            ->assertSee('S01 was formatted when its permit was void.')
            ->assertSee('lies on Drive Fir')
            ->assertSee('do not write to it');
        $this->assertSame(CardState::Aside, $this->state('S01'));
    }

    public function test_5_a_place_is_known_by_what_was_left_on_it_and_a_mount_folder_alone_takes_no_copies(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $fir = Destination::query()->where('name', 'Drive Fir')->firstOrFail();
        $this->assertSame($fir->mark, PlaceMark::read($fir->folder));
        rename($fir->folder, "{$fir->folder}-pulled");
        mkdir($fir->folder);
        $this->copyAll();
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('Drive Fir is away');
        $this->assertSame(['.', '..'], scandir($fir->folder), 'nothing was written onto the disk below');
        $this->get('/folders')->assertSee('Drive Fir is away');
        // It counts for so many days as the rule says, and then no more.
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $this->travel(31)->days();
        $this->get($this->cards)->assertSee('The permit of S01 is void.')->assertSee('longer ago than the 30 days of your rule');
        // Plugged in again it is the same medium, wherever it is mounted.
        rmdir($fir->folder);
        rename("{$fir->folder}-pulled", $fir->folder);
        $before = CopyEvent::query()->latest('id')->where('destination_id', $fir->id)->firstOrFail()->device;
        $this->verify('Drive Fir', ['S01']);
        $this->assertSame($before, CopyEvent::query()->latest('id')->where('destination_id', $fir->id)->firstOrFail()->device);
    }

    public function test_5_partitions_of_one_disk_are_one_medium_until_the_owner_says_otherwise_in_writing(): void
    {
        foreach (['fir', 'birch'] as $drive) {
            StandInDrive::make(config('satchel.standins')."/drives/drive-{$drive}", sizeMb: 4000, disk: 'one disk');
        }
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('count as one.');
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01')
            ->assertDontSee('S01 may be formatted.')
            ->assertSee('S01 holds frames that are not safe yet.')
            ->assertSee('the least 1')
            // Both drives at hold it: only one on another disk, or elsewhere, brings a copy more.
            ->assertDontSee('Copy it to the drives');
        $this->ask('S01')->assertSee('Copy to Home office')->assertDontSee('Copy it to the drives');
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('Copy to Home office')->assertDontSee('Copy it to the drives');
        $this->get('/folders')->assertSee('Counts once together with');
        // Copying again would bring nothing where each known drive holds it.
        Destination::query()->whereNotIn('name', ['Drive Fir', 'Drive Birch'])->delete();
        $this->ask('S01')->assertSee('It lies on every drive that is known')->assertSee('Add a drive, or say which disk is which')
            ->assertDontSee('Copy it to the drives');
        $this->get("/jobs/{$this->job->id}/copies")->assertSee('S01 is not safe yet.')->assertSee('Add a drive, or say which disk is which')
            ->assertDontSee('Copy it to the drives');
        foreach (
            Destination::query()
                ->whereIn('name', ['Drive Fir', 'Drive Birch'])
                ->get() as $place
        ) {
            $this->post("/destinations/{$place->id}/medium", ['medium' => $place->name, 'words' => 'no'])->assertSessionHasErrors('words');
            $this->post("/destinations/{$place->id}/medium", [
                'medium' => $place->name,
                'words' => 'I hold both in my hands.',
            ])->assertSessionHasNoErrors();
            $isFirst = Destination::query()->whereNull('medium_said')->exists();
            $this->assertSame($isFirst, str_contains((string) session('said'), 'until something is said of that too.'));
            $page = $this->get("/jobs/{$this->job->id}/copies");
            $isFirst ? $page->assertSee('nothing is said yet of')->assertSee('1 device, ') : $page->assertDontSee('count as one.');
            $this->post("/destinations/{$place->id}/medium", [
                'medium' => 'again',
                'words' => 'I hold both in my hands.',
            ])->assertSessionHasErrors('medium');
        }
        $this->ask('S01')->assertSee('S01 may be formatted.');
    }

    public function test_6_nothing_on_a_card_becomes_a_place_for_copies(): void
    {
        $card = $this->card('S01');
        symlink((string) $card->folder, config('satchel.standins').'/innocent');
        foreach (["{$card->folder}", "{$card->folder}/DCIM", config('satchel.standins').'/innocent'] as $folder) {
            $before = $this->contentsOf((string) $card->folder);
            $this->post('/destinations', ['name' => 'Mine', 'folder' => $folder, 'kept' => 'bag'])->assertSessionHasErrors('folder');
            $this->assertSame($before, $this->contentsOf((string) $card->folder));
        }
        // A card that comes to stand where copies go.
        $fir = Destination::query()->where('name', 'Drive Fir')->firstOrFail();
        $this->post("/cards/{$card->id}/folder", ['folder' => $fir->folder])->assertSessionHasErrors('folder');
        foreach (['/', '/etc', '/proc', '/usr/share', base_path(), base_path('storage'), dirname(base_path())] as $root) {
            $this->post('/folders', ['path' => $root])->assertSessionHasErrors('path');
        }
    }

    public function test_7_a_byte_that_turned_with_the_time_put_back_is_found_when_the_permit_is_asked_for(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $this->change($this->frame('S01'));
        $this->ask('S01')
            ->assertDontSee('S01 may be formatted.')
            ->assertSee('S01 does not hold what was sealed.')
            ->assertSee(basename($this->frame('S01')));
        $this->assertSame(CardState::Shot, $this->state('S01'));
    }

    public function test_8_frames_belong_to_the_job_in_whose_hours_they_were_taken(): void
    {
        $first = $this->job;
        $this->sealAndCompare();
        $taken = (int) Frame::query()->where('card_id', $this->card('S01')->id)->max('taken_at');
        // Another job that evening, on the same card that was loaded for the first.
        $at = (new \DateTimeImmutable("@{$taken}"))->setTimezone(new \DateTimeZone($first->place->timezone));
        $this->post(
            '/jobs',
            self::brief([
                'name' => 'Evening do',
                'date' => $at->format('Y-m-d'),
                'covered_from' => '00:00',
                'covered_to' => '00:01',
                'place_name' => $first->place->name,
                'timezone' => $first->place->timezone,
            ]),
        );
        $second = Job::query()->where('name', 'Evening do')->firstOrFail();
        $this->get("/jobs/{$second->id}/frames")
            ->assertOk()
            ->assertDontSee('OSTV');
        $day = new \DateTimeImmutable($at->format('Y-m-d').' 00:00', $at->getTimezone());
        $minutes = intdiv($taken - $day->getTimestamp(), 60);
        $second->update([
            'covered_from' => sprintf('%02d:%02d', intdiv($minutes - 5, 60), ($minutes - 5) % 60),
            'covered_to' => sprintf('%02d:%02d', intdiv($minutes + 5, 60), ($minutes + 5) % 60),
        ]);
        foreach ([Body::query()->orderBy('id')->firstOrFail()->item_id] as $item) {
            $second->packing()->create(['item_id' => $item, 'lane' => 'lead']);
        }
        $first->update(['covered_to' => sprintf('%02d:%02d', intdiv($minutes - 6, 60), ($minutes - 6) % 60)]);
        $name = basename(Frame::query()->where('card_id', $this->card('S01')->id)->where('taken_at', $taken)->firstOrFail()->path);
        $this->get("/jobs/{$second->id}/frames")
            ->assertOk()
            ->assertSee(pathinfo($name, PATHINFO_FILENAME));
        $this->get("/jobs/{$second->id}/copies")->assertSee('S01');
        $this->get("/jobs/{$second->id}/cards")->assertSee('By the hours of your jobs it holds frames of');
        // It can be sealed, copied and asked about there, and all of it is asked for.
        $this->post("/jobs/{$second->id}/cards/{$this->card('S01')->id}/seal")->assertSessionHasNoErrors();
        $zip = $this->post("/jobs/{$second->id}/frames/sidecars", ['creator' => 'Maj', 'copyright' => 'Maj'])
            ->assertOk()
            ->getContent();
        file_put_contents("{$this->temp}/s.zip", $zip);
        $list = (string) shell_exec('unzip -l '.escapeshellarg("{$this->temp}/s.zip"));
        $this->assertStringContainsString(pathinfo($name, PATHINFO_FILENAME).'.xmp', $list);
        $this->assertStringContainsString('Evening do', (string) shell_exec('unzip -p '.escapeshellarg("{$this->temp}/s.zip")));
        // A person says otherwise.
        $this->post("/jobs/{$first->id}/cards/{$this->card('S01')->id}/claim")->assertSessionHasNoErrors();
        $this->post("/jobs/{$first->id}/cards/{$this->card('S02')->id}/claim")->assertSessionHasNoErrors();
        $this->get("/jobs/{$second->id}/frames")->assertDontSee(pathinfo($name, PATHINFO_FILENAME));
    }

    public function test_9_a_card_without_a_twin_wants_one_copy_more_and_can_be_formatted(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $id = $this->card('S01')->id;
        $this->post("{$this->cards}/{$id}/twin-lost", ['words' => ''])->assertSessionHasErrors('words');
        $this->post("{$this->cards}/{$id}/twin-lost", ['words' => 'It fell off the pier.'])->assertSessionHasNoErrors();
        $this->ask('S01')
            ->assertSee('S01 holds frames that are not safe yet.')
            ->assertSee('It has no twin, so one more copy is wanted.')
            ->assertSee('fewer than 3 media');
        $this->copyAll(['Home office']);
        $this->ask('S01')->assertSee('S01 may be formatted.')->assertSee('It has no twin, so one more copy was wanted.');
    }

    public function test_9_a_body_with_one_slot(): void
    {
        foreach (['S02'] as $label) {
            $this->post('/events', ['kind' => 'unload', 'job' => $this->job->id, 'card' => $this->card($label)->id]);
        }
        $this->get($this->cards)->assertSee('Body A writes to S01 alone.')->assertSee('3 in all');
        // S02 was never in the body, as if it had one slot.
        \Illuminate\Support\Facades\DB::statement('DROP TRIGGER card_events_no_delete');
        \App\Models\Cards\CardEventRecord::query()->where('card_id', $this->card('S02')->id)->delete();
        $this->sealAndCompare();
        $this->get($this->cards)->assertSee('S01 has no twin, so its 10 frames were judged by themselves', false);
        $this->copyAll(['Drive Fir', 'Drive Birch', 'Home office']);
        $this->ask('S01')->assertSee('S01 may be formatted.');
    }

    public function test_9_words_of_trouble_are_no_look_that_passed(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $id = $this->card('S01')->id;
        $name = basename($this->frame('S01', 'JPG', 0));
        $this->post("{$this->cards}/{$id}/look", [
            'words' => 'soft and damaged',
            'bad' => [$name],
            'result' => 'trouble',
        ])->assertSessionHasNoErrors();
        $this->followingRedirects()
            ->post("{$this->cards}/{$id}/permit")
            ->assertSee('The look at S01 found trouble.')
            ->assertSee('soft and damaged')
            ->assertSee($name)
            ->assertDontSee('S01 may be formatted.');
        $this->post("{$this->cards}/{$id}/look", ['words' => '', 'result' => 'anyway'])->assertSessionHasErrors('words');
        $this->post("{$this->cards}/{$id}/look", [
            'words' => 'Nobody can say these words again.',
            'bad' => [$name],
            'result' => 'anyway',
        ])->assertSessionHasNoErrors();
        $this->followingRedirects()
            ->post("{$this->cards}/{$id}/permit")
            ->assertSee('S01 may be formatted.')
            ->assertSee("Found bad at 1:1 and let go in writing: {$name}");
    }

    public function test_10_full_cards_are_called_empty_nowhere(): void
    {
        $this->get("/jobs/{$this->job->id}/pack")
            ->assertDontSee('8 cards are empty')
            ->assertDontSee('cards are empty, or hold test frames alone');
        foreach (['S01', 'S02', 'S03', 'S04', 'S05', 'S06'] as $label) {
            $this->post('/events', ['kind' => 'unload', 'job' => $this->job->id, 'card' => $this->card($label)->id]);
        }
        $this->get("/jobs/{$this->job->id}/pack")->assertSee('6 cards still hold frames');
        $spare = $this->card('S08');
        file_put_contents("{$spare->folder}/forgotten.JPG", 'a picture of last year');
        $this->get("/jobs/{$this->job->id}/pack")->assertSee('7 cards still hold frames');
        $this->get($this->cards)->assertSee('S08 is not empty.')->assertSee('S08, holds files')->assertDontSee('S08, ready');
        // On another job they are not counted as usable.
        $other = Job::query()->where('id', '!=', $this->job->id)->firstOrFail();
        $other->packing()->firstOrCreate(['item_id' => $this->card('S01')->item_id], ['lane' => 'lead']);
        $this->get("/jobs/{$other->id}/cards")->assertSee('S01 still holds frames of another job.');
    }

    public function test_the_permit_is_a_page_and_a_file_and_says_where_every_file_lies(): void
    {
        $this->sealAndCompare();
        $url = "{$this->cards}/{$this->card('S01')->id}/permit";
        $this->get($url)->assertOk()->assertSee('No.')->assertSee('Nothing of the card lies anywhere else.', false);
        $this->copyAll();
        $this->ask('S01');
        $page = $this->get($url)
            ->assertOk()
            ->assertSee('Yes.')
            ->assertSee('Drive Fir')
            ->assertSee('Drive Birch')
            ->assertSee(basename($this->frame('S01')))
            ->assertSee('All '.count($this->contentsOf((string) $this->card('S01')->folder)).' files lie on Drive Birch; all', false);
        $this->assertStringNotContainsString('This permit is void', (string) $page->getContent());
        $file = json_decode(
            (string) $this->get("{$url}?as=file")
                ->assertOk()
                ->getContent(),
            true,
        );
        $this->assertSame([true, 'S01'], [$file['granted'], $file['card']]);
        $hash = explode(' ', (string) shell_exec('b2sum '.escapeshellarg($this->frame('S01'))))[0];
        $of = array_values(array_filter($file['files'], fn (array $f): bool => str_ends_with($f['name'], basename($this->frame('S01')))))[0];
        $this->assertStringStartsWith($of['hash'], $hash);
        $this->assertCount(2, $of['on']);
        // After the format it can still be read; and it is void once something is missing.
        exec('rm -r '.escapeshellarg($this->bagsOf('S01', 'drive-fir')[0]).' '.escapeshellarg($this->bagsOf('S02', 'drive-fir')[0]));
        $this->get($url)->assertSee('This permit is void now.');
        $this->assertSame(1, PermitRecord::query()->count());
        $this->get("{$this->cards}/{$this->card('S08')->id}/permit?fill=7")->assertNotFound();
    }

    public function test_the_command_without_a_database_gives_the_same_answer(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $bags = [];
        foreach (['drive-fir', 'drive-birch'] as $drive) {
            $bags = [...$bags, $this->bagsOf('S01', $drive)[0], '--medium', $drive];
        }
        exec(
            base_path('satchel').
                ' permit '.
                implode(' ', array_map(escapeshellarg(...), [(string) $this->card('S01')->folder, ...$bags])).
                ' --json',
            $out,
            $exit,
        );
        $this->assertSame([0, true], [$exit, json_decode(implode('', $out), true)['granted']]);
    }

    public function test_where_there_is_much_to_read_the_permit_is_asked_for_in_the_background(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        config(['satchel.reads_at_once' => 0]);
        $this->ask('S01')->assertSee('Reading for the permit')->assertSee('S01 may be formatted.');
        $this->assertSame(
            [RunKind::Permit, RunState::Done],
            [Run::query()->latest('id')->firstOrFail()->kind, Run::query()->latest('id')->firstOrFail()->state],
        );
        $this->assertSame(CardState::Permitted, $this->state('S01'));
        $this->change($this->frame('S03'));
        $this->ask('S03')->assertSee('S03 does not hold what was sealed.');
        $this->assertSame('trouble', Run::query()->latest('id')->firstOrFail()->state->value);
    }

    public function test_what_was_given_up_was_given_up_of_what_lay_there_then(): void
    {
        symlink('/etc/hostname', $this->card('S01')->folder.'/away');
        $this->sealAndCompare();
        $this->copyAll();
        $this->post("{$this->cards}/{$this->card('S01')->id}/losses", [
            'path' => 'away',
            'words' => 'A link that a computer left.',
        ])->assertSessionHasNoErrors();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        unlink($this->card('S01')->folder.'/away');
        file_put_contents($this->card('S01')->folder.'/away', 'a picture by that name');
        $this->post("{$this->cards}/{$this->card('S01')->id}/seal")->assertSessionHasNoErrors();
        $this->post("{$this->cards}/twin");
        $this->ask('S01')->assertDontSee('S01 may be formatted.')->assertSee('away lies nowhere else');
    }

    public function test_after_the_format_what_was_given_up_is_asked_for_no_more(): void
    {
        file_put_contents($this->card('S01')->folder.'/DCIM/odd.MOV', 'a film');
        $this->sealAndCompare();
        $this->copyAll();
        foreach ([...$this->bagsOf('S01'), ...$this->bagsOf('S02')] as $bag) {
            @unlink("{$bag}/data/DCIM/odd.MOV");
        }
        $this->ask('S01')->assertSee('odd.MOV lies nowhere else');
        $this->post("{$this->cards}/{$this->card('S01')->id}/losses", [
            'path' => 'DCIM/odd.MOV',
            'words' => 'A film of my own feet.',
        ])->assertSessionHasNoErrors();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $this->post("{$this->cards}/{$this->card('S01')->id}/format")->assertSessionHasNoErrors();
        $this->get("/jobs/{$this->job->id}/copies")
            ->assertSee('fill 1, formatted')
            ->assertDontSee('S01 is not safe yet.');
    }

    public function test_a_clock_that_runs_back_grants_nothing_on_a_drive_that_is_away(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $fir = Destination::query()->where('name', 'Drive Fir')->firstOrFail();
        rename($fir->folder, "{$fir->folder}-pulled");
        $this->travel(-3)->hours();
        $this->ask('S01')->assertDontSee('S01 may be formatted.')->assertSee('it was read in time to come');
        rename("{$fir->folder}-pulled", $fir->folder);
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $this->assertSame(CardState::Permitted, $this->state('S01'), 'the log stays in the order in which it was written');
    }

    public function test_what_a_computer_left_on_a_card_is_kept_and_counted_and_no_frame(): void
    {
        mkdir($this->card('S01')->folder.'/System Volume Information');
        file_put_contents($this->card('S01')->folder.'/System Volume Information/IndexerVolumeGuid', 'x');
        file_put_contents($this->card('S01')->folder.'/.DS_Store', 'y');
        symlink('/etc/hostname', $this->card('S01')->folder.'/away');
        $this->sealAndCompare();
        $this->copyAll();
        $this->ask('S01')->assertSee('away on it cannot be proved.')->assertSee('a symbolic link');
        $this->post("{$this->cards}/{$this->card('S01')->id}/losses", [
            'path' => 'away',
            'words' => 'A link that a computer left.',
        ])->assertSessionHasNoErrors();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $this->assertFileExists($this->bagsOf('S01', 'drive-fir')[0].'/data/.DS_Store');
        $this->assertNull(Frame::query()->where('path', '.DS_Store')->firstOrFail()->kind);
    }

    public function test_real_cards_and_drives_are_taken_in_by_buttons(): void
    {
        config(['satchel.mount_roots' => ["{$this->temp}/seen"]]);
        $this->folder('seen/READER/DCIM/100OSTVK');
        $this->get('/folders')
            ->assertOk()
            ->assertSee('looks like a camera card')
            ->assertSee("{$this->temp}/seen/READER");
        $this->post('/cards/seen', ['folder' => "{$this->temp}/seen/READER", 'allow' => '1'])->assertSessionHasErrors('label');
        $this->post('/cards/seen', ['folder' => "{$this->temp}/seen/READER", 'allow' => '1', 'label' => 'R1'])->assertSessionHasNoErrors();
        $this->assertSame("{$this->temp}/seen/READER", $this->card('R1')->folder);
        $this->post('/cards/seen', [
            'folder' => "{$this->temp}/seen/READER",
            'allow' => '1',
            'card' => $this->card('S08')->id,
        ])->assertSessionHasErrors('folder');
        $this->post('/cards/seen', ['folder' => '/etc', 'allow' => '1', 'label' => 'R2'])->assertSessionHasErrors('folder');
        $this->get('/folders')->assertSee('R1');
    }

    public function test_another_drive_at_the_same_folder_is_not_taken_for_the_first(): void
    {
        $this->sealAndCompare();
        $this->copyAll();
        $fir = Destination::query()->where('name', 'Drive Fir')->firstOrFail();
        unlink("{$fir->folder}/".PlaceMark::FILE);
        $this->get('/folders')->assertSee('what was left on the drive is not')->assertSee('It is this drive all the same');
        PlaceMark::leave($fir->folder);
        $this->get('/folders')->assertSee('another drive stands at');
        $this->post("/destinations/{$fir->id}/mark")->assertSessionHasErrors("place{$fir->id}");
        unlink("{$fir->folder}/".PlaceMark::FILE);
        $this->post("/destinations/{$fir->id}/mark")->assertSessionHasNoErrors();
        $this->ask('S01')->assertSee('S01 may be formatted.');
        $this->assertSame($fir->refresh()->mark, PlaceMark::read($fir->folder));
        $this->assertStringStartsWith(Devices::standIns(), $fir->folder);
    }
}
