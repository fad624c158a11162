<?php

declare(strict_types=1);

namespace Tests\App\Cards;

use App\Desks\Copies\CopyLedger;
use App\Desks\Copies\RunWork;
use App\Devices\Devices;
use App\Devices\LocalVolume;
use App\Models\Cards\Frame;
use App\Models\Cards\Run;
use App\Models\Cards\RunState;
use App\Models\Copies\Destination;
use App\Models\Copies\Handover;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Copies\BagVerifier;
use Tests\App\TestCase;

/** Cards that are looked through, fail and retire; drives that shuttle; work that is paused. */
final class CardLifeDeskTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->demoOfCards();
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 6]);
        $this->post('/jobs/1/cards/seal');
        $this->post('/jobs/1/cards/twin');
    }

    private static function card(string $label): int
    {
        return (int) Item::query()->where('label', $label)->firstOrFail()->load('card')->card?->id;
    }

    private static function drive(string $name = 'Drive Fir'): Destination
    {
        return Destination::query()->where('name', $name)->firstOrFail();
    }

    public function test_no_permit_before_somebody_looked(): void
    {
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $card = self::card('S02');
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/permit")
            ->assertSee('Nobody has looked at S02 at 1:1.')
            ->assertSee("/jobs/1/cards/{$card}/look");
        $page = $this->get("/jobs/1/cards/{$card}/look")
            ->assertOk()
            ->assertSee('not looked at since it was sealed')
            ->assertSee('the first')
            ->assertSee('differs between the two cards');
        $this->assertSame(1, preg_match('#/frames/(\d+)/actual#', (string) $page->getContent(), $found));
        $frame = Frame::query()->findOrFail((int) $found[1]);
        $before = md5_file(Devices::card(Card::query()->findOrFail($frame->card_id))->root().'/'.$frame->path);
        $picture = $this->get("/frames/{$frame->id}/actual");
        if ($picture->status() === 200) {
            $size = getimagesizefromstring((string) $picture->getContent());
            $this->assertIsArray($size);
            $this->assertLessThanOrEqual(640, max($size[0], $size[1]));
        }
        $this->assertSame($before, md5_file(Devices::card(Card::query()->findOrFail($frame->card_id))->root().'/'.$frame->path));
        $this->post("/jobs/1/cards/{$card}/look", ['words' => str_repeat('x', 501)])->assertSessionHasErrors('words');
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/look", ['words' => 'all sharp', 'result' => 'well'])
            ->assertSee('frames of S02 are noted as looked at.');
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/permit")
            ->assertSee('S02 may be formatted.');
        $this->post('/jobs/1/cards/'.self::card('S08').'/look')->assertSessionHasErrors('words');
        $this->get('/jobs/1/frames')->assertSee('✕ damaged on S02');
        $this->get('/jobs/1/cards/'.self::card('S03').'/look')
            ->assertSee('.JPG')
            ->assertDontSee('No jpeg of this card');
        $this->get('/jobs/1/cards/999/look')->assertNotFound();
    }

    public function test_a_ready_card_goes_into_a_body_before_anybody_said_where_it_is_mounted(): void
    {
        $slots = '/No ready card is left in the bag|Put in /';
        $this->post('/events', ['kind' => 'unload', 'job' => 1, 'card' => self::card('S02')]);
        $before = preg_match_all($slots, (string) $this->get('/jobs/1/cards')->getContent());
        Card::query()->update(['folder' => null]);
        $page = $this->get('/jobs/1/cards')->assertSee('in the bag, ready')->assertDontSee('No ready card is left in the bag.');
        $this->assertGreaterThan(0, $before, 'a slot is empty');
        $this->assertSame($before, preg_match_all($slots, (string) $page->getContent()));
    }

    public function test_work_with_a_card_that_nobody_mounted_says_so_in_one_sentence(): void
    {
        Card::query()->whereKey(self::card('S02'))->update(['folder' => null]);
        $this->post('/jobs/1/cards/'.self::card('S02').'/twin');
        $answers = json_encode(Run::query()->latest('id')->firstOrFail()->report, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $this->assertStringContainsString('Nobody has said where S02 is mounted: put it into the reader, and choose its folder."', (string) $answers);
    }

    public function test_a_card_that_failed_twice_is_to_be_retired_and_goes_into_no_body(): void
    {
        $this->get('/jobs/1/cards')->assertSee('S02 has failed once.');
        $this->post('/jobs/1/cards/'.self::card('S02').'/incidents', [
            'words' => 'no',
            '_form' => 'incident-'.self::card('S02'),
        ])->assertSessionHasErrors('words');
        $this->post('/jobs/1/cards/'.self::card('S02').'/incidents', [
            'words' => 'The reader lost it <b>twice</b>',
            'is_fault' => '1',
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/cards')
            ->assertSee('S02 has failed 2 times: retire it.')
            ->assertSee('Retire S02')
            ->assertDontSee('<b>twice</b>', false);
        $this->followingRedirects()
            ->post('/jobs/1/cards/'.self::card('S02').'/retire')
            ->assertSee('S02 is retired once it is empty.');
        $this->post('/jobs/1/cards/'.self::card('S08').'/incidents', ['words' => 'Fell into the gravel'])->assertSessionHasNoErrors();
        $this->get('/jobs/1/cards')->assertDontSee('S08 has failed');
        $body = Item::query()->where('label', 'Body A')->firstOrFail()->load('body')->body?->id;
        $load = ['kind' => 'load', 'job' => 1, 'card' => self::card('S08'), 'body' => $body, 'slot' => 1];
        $this->followingRedirects()
            ->post('/jobs/1/cards/'.self::card('S08').'/retire')
            ->assertSee('S08 is retired: cut it up.');
        $this->get('/jobs/1/cards')->assertSee('retired: not to be used again')->assertDontSee('Put S08 into slot');
        $this->from('/jobs/1/cards')
            ->post('/events', $load)
            ->assertSessionHasErrors('card'.self::card('S08'));
    }

    public function test_a_drive_handed_over_is_elsewhere_until_it_came_back_and_was_read(): void
    {
        // At noon it is the same day here and where the job is.
        $this->travelTo(now()->setTime(12, 0));
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $fir = self::drive();
        $url = "/jobs/1/copies/places/{$fir->id}/hand-over";
        $this->post($url, ['_form' => "handover{$fir->id}", 'who' => '', 'due_on' => '2001-01-01'])->assertSessionHasErrors([
            'who',
            'due_on',
        ]);
        $this->assertSame(0, Handover::query()->count());
        $due = now()->addDays(2)->format('Y-m-d');
        $this->post($url, ['who' => 'Ola <i>Nor</i>', 'why' => 'to the office', 'due_on' => $due])->assertSessionHasNoErrors();
        $ticket = $this->get('/handovers/'.Handover::query()->value('id').'?job=1')->assertOk();
        $bags = glob(Devices::destination($fir)->root().'/*_S01_fill1/manifest-*.txt') ?: [];
        $this->assertCount(1, $bags);
        $ticket
            ->assertSee('Ola &lt;i&gt;Nor', false)
            ->assertSee(basename(dirname($bags[0])))
            ->assertSee((string) hash_file('sha256', $bags[0]));
        $page = $this->get('/jobs/1/copies')->assertSee('Drive Fir is with Ola')->assertSee('elsewhere: <b>Drive Fir, with Ola', false);
        $this->assertStringNotContainsString(
            'name="destinations[]" value="'.$fir->id.'"',
            (string) $page->getContent(),
            'nothing is copied to it',
        );
        $this->post($url, ['who' => 'Per', 'due_on' => $due])->assertSessionHasErrors("handover{$fir->id}");
        $this->travel(3)->days();
        $this->get('/jobs/1/copies')->assertSee('Drive Fir is not back.')->assertSee('1 day ago');
        $id = Handover::query()->value('id');
        $card = self::card('S02');
        $root = Devices::card(Card::query()->findOrFail($card))->root();
        $held = glob("{$root}/DCIM/*/*");
        $this->assertNotEmpty($held);
        $this->post("/jobs/1/cards/{$card}/look", ['words' => 'all sharp', 'result' => 'well']);
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/permit")
            ->assertSee('S02 may be formatted.');
        $hash = (string) Frame::query()->where('card_id', $card)->whereNotNull('hash')->value('hash');
        $this->assertTrue(app(CopyLedger::class)->isSafe($hash));
        $this->followingRedirects()
            ->post("/jobs/1/handovers/{$id}/back")
            ->assertSee('Drive Fir came back, and nobody has read it since.')
            ->assertSee('Last with Ola')
            ->assertSee('back, not read since')
            ->assertSee('nor a drive that came back and was not read since');
        $this->app->forgetScopedInstances();
        $this->assertFalse(app(CopyLedger::class)->isSafe($hash));
        $this->followingRedirects()
            ->from('/jobs/1/cards')
            ->post("/jobs/1/cards/{$card}/format")
            ->assertSee('The permit is void');
        $this->assertSame($held, glob("{$root}/DCIM/*/*"), 'nothing was formatted');
        $this->post('/jobs/1/copies', ['kind' => 'verify', 'all' => 1])->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')->assertDontSee('nobody has read it since')->assertDontSee('back, not read since');
        $this->followingRedirects()
            ->post("/jobs/1/cards/{$card}/permit")
            ->assertSee('S02 may be formatted.');
        $this->expectExceptionMessage('append-only');
        DB::table('handovers')->update(['who' => 'Nobody']);
    }

    public function test_a_drive_is_due_back_by_the_day_of_the_job(): void
    {
        DB::table('places')->update(['timezone' => 'America/Anchorage']);
        $fir = self::drive();
        // Three in the morning in UTC is the evening before where the job is.
        $this->travelTo(now()->setTime(3, 0));
        $url = "/jobs/1/copies/places/{$fir->id}/hand-over";
        $this->post($url, ['who' => 'Ola', 'due_on' => now()->subDays(2)->format('Y-m-d')])->assertSessionHasErrors('due_on');
        $this->post($url, ['who' => 'Ola', 'due_on' => now()->subDay()->format('Y-m-d')])->assertSessionHasNoErrors();
    }

    public function test_work_is_paused_and_goes_on_where_it_was(): void
    {
        $this->post('/jobs/1/copies/pause')->assertRedirect();
        $this->post('/jobs/1/copies/go-on')->assertSessionHasErrors('run');
        $cards = [self::card('S01')];
        $run = Run::query()->create([
            'job_id' => 1,
            'kind' => 'copy',
            'state' => 'waiting',
            'card_ids' => $cards,
            'destination_ids' => [self::drive()->id, self::drive('Drive Birch')->id],
            'pause_asked' => true,
        ]);
        app(RunWork::class)->carryOut($run);
        $this->assertSame(RunState::Paused, $run->refresh()->state);
        $this->get('/jobs/1/copies')
            ->assertSee('Paused: what is copied stays')
            ->assertSee('Go on where it was')
            ->assertDontSee('S01 lies verified');
        $this->post('/jobs/1/copies/go-on')->assertSessionHasNoErrors();
        $this->get('/jobs/1/copies')->assertSee('S01: Drive Fir verified')->assertDontSee('Go on where it was');
        // Asked before the queue took it up, it does not begin.
        $waiting = Run::query()->create([
            'job_id' => 1,
            'kind' => 'verify',
            'state' => 'waiting',
            'card_ids' => $cards,
            'destination_ids' => [self::drive()->id],
        ]);
        $this->get('/jobs/1/copies')->assertSee('>Pause<', false);
        $this->post('/jobs/1/copies/pause');
        app(RunWork::class)->carryOut($waiting->refresh());
        $this->assertSame(RunState::Paused, $waiting->refresh()->state);
        $this->assertNull($waiting->started_at);
    }

    public function test_a_healed_set_is_made_of_both_cards_beside_their_own_copies(): void
    {
        $this->get('/jobs/1/cards')->assertSee('Make one whole set of S02 and its twin');
        $this->post('/jobs/1/cards/'.self::card('S02').'/heal')->assertSessionHasNoErrors();
        $this->get('/jobs/1/cards')->assertSee('Healed set of S02 and S01:')->assertSee('Drive Fir verified');
        $bags = glob(Devices::destination(self::drive())->root().'/*_S02_fill1-and-S01_healed') ?: [];
        $this->assertCount(1, $bags);
        $this->assertStringContainsString('Healed-From: S02 and S01', (string) file_get_contents("{$bags[0]}/bag-info.txt"));
        $this->assertTrue((new BagVerifier(new LocalVolume($bags[0])))->check()->valid);
        $this->get('/jobs/1/copies')->assertSee('S02 is not safe yet.', false);
        $this->post('/jobs/1/cards/'.self::card('S08').'/heal')->assertSessionHasErrors('run');
    }
}
