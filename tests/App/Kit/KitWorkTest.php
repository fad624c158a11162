<?php

declare(strict_types=1);

namespace Tests\App\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\HomeDesk;
use App\Desks\Kit\CardsInUse;
use App\Desks\Kit\KitDesk;
use App\Devices\Devices;
use App\Devices\StandIn\Exposure;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Kit\Bag;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use App\Models\Kit\ItemTest;
use App\Models\Kit\KitAsk;
use App\Models\Kit\Packing;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Taps\TapRecord;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Kit\Judge\LossRow;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Pack\Label;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** From the plan to the bag, what breaks, tests in time, packing and bringing home. */
final class KitWorkTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2030-11-26 12:00:00');
        $this->job = $this->demo();
    }

    private static function item(string $label): Item
    {
        return Item::query()->where('label', $label)->firstOrFail();
    }

    /** @return list<string> */
    private static function singlePoints(): array
    {
        app()->forgetScopedInstances();

        return array_map(static fn (LossRow $r): string => $r->name(), app(KitDesk::class)->losses(BriefDesk::open(1))->singlePoints());
    }

    public function test_a_card_that_holds_frames_is_not_proposed(): void
    {
        $full = self::item('S01');
        $chosen = static fn (): array => app(KitDesk::class)->proposal(BriefDesk::open(1), KitSchool::Lightest, null)->ids();
        $all = static fn (): array => Item::query()->where('kind', 'card')->pluck('id')->intersect($chosen())->values()->all();
        $this->assertContains($full->id, $all());
        $this->app->instance(CardsInUse::class, new class($full->id) implements CardsInUse
        {
            public function __construct(private int $id) {}

            public function unusable(Collection $cards, int $jobId): array
            {
                return [$this->id => true];
            }
        });
        Cache::flush();
        $this->app->forgetScopedInstances();
        $this->assertNotContains($full->id, $all(), 'taken over, it would be one short');
        $this->get('/jobs/1/kit/propose')->assertSee('S01 is left out: it holds frames, or is out of use.');
    }

    public function test_the_three_single_points_are_found_and_each_remedy_works(): void
    {
        $points = ['Zoom 24–70' => 'Wide 16–35', 'Trigger 1' => 'Trigger 2', 'Reader, two slots' => 'Reader, one slot'];
        $this->assertSame(array_keys($points), self::singlePoints());
        $left = $points;
        foreach ($points as $lost => $mend) {
            $this->get('/jobs/1/kit')
                ->assertSee("If {$lost} fails")
                ->assertSee("Put {$mend} in");
            $this->post('/jobs/1/packing/all', ['items' => (string) self::item($mend)->id])->assertRedirect();
            unset($left[$lost]);
            $this->assertSame(array_keys($left), self::singlePoints());
        }
        $this->get('/jobs/1/kit')->assertDontSee('fails, ');
        $this->post('/jobs/1/packing/all', ['items' => '1;drop'])->assertSessionHasErrors('items');
    }

    /** A match laid out from a template, its kit taken as proposed: nothing is left that the proposal could have known. */
    public function test_a_proposal_that_is_taken_leaves_nothing_that_it_could_have_known(): void
    {
        $this->post('/jobs', [
            'name' => 'Harbour cup',
            'kind' => 'event',
            'client' => 'Northbank rowing club',
            'date' => '2031-05-22',
            'covered_from' => '8:30',
            'covered_to' => '7.30 pm',
            'place_name' => 'Regatta course',
            'where' => '47.66, 9.18',
            'temperature_c' => '24',
        ])->assertSessionHasNoErrors();
        $job = (int) Job::query()->max('id');
        $this->get("/jobs/{$job}/kit/propose")->assertDontSee('Proven')->assertSee('That is no kit yet.');
        $match = ['template' => 'match-day', 'first_anchor' => '13', 'second_anchor' => '1530'];
        $this->post("/jobs/{$job}/template", $match)->assertSessionHasNoErrors();
        $this->get("/jobs/{$job}/kit/propose")->assertSee('Hire or borrow 2 lenses of 200 mm or more.')->assertDontSee('Proven');
        self::item('Zoom 70–200')->update(['due_on' => null]);
        $this->post("/jobs/{$job}/kit/propose", ['school' => 'lightest'])->assertSessionHasNoErrors();
        $page = $this->get("/jobs/{$job}/kit")->assertSee('Zoom 70–200')->assertSee('The cards carry the planned frames.');
        $this->get("/jobs/{$job}/cards")->assertDontSee('A body writes to');
        $page->assertDontSee('fall')->assertDontSee('If any of Cell')->assertDontSee('If Prime')->assertDontSee('due back before');
        // The one long lens of the shelf has no spare: the proposal said so, and the bag says it too.
        $page->assertSee('If Zoom 70–200 fails');
        self::item('Zoom 70–200')->update(['due_on' => '2031-05-22']);
        $this->get("/jobs/{$job}/kit/propose")->assertDontSee('<b>Zoom 70–200</b>', false);
    }

    public function test_the_kit_is_proposed_with_reasons_and_taken(): void
    {
        $this->get('/jobs/1/kit/propose')
            ->assertOk()
            ->assertSee('Spare: 180 mm')
            ->assertSee('Proven: no lighter choice')
            ->assertSee('A card reader, and the spare')
            ->assertSee('On your list, and could stay at home');
        $this->post('/jobs/1/kit/propose', ['school' => 'lightest', 'limit_g' => null])->assertRedirect('/jobs/1/kit');
        $this->assertSame([], self::singlePoints());
        $this->get('/jobs/1/kit')->assertDontSee('180 mm is missing')->assertDontSee('is with the');
        $this->assertSame('second', Packing::query()->where('item_id', self::item('Body C')->id)->value('lane'));
        $light = $this->get('/jobs/1/kit/propose?school=abroad&limit_kg=7')->assertOk();
        $light->assertSee('spares of cells and cards alone')->assertSee('Left at home:');
        $this->get('/jobs/1/kit/propose?limit_kg=3')->assertSee('over the limit');
        $this->post('/jobs/1/kit/propose', ['school' => 'none'])->assertSessionHasErrors('school');
    }

    public function test_what_is_asked_by_hand_changes_the_needs(): void
    {
        $this->post('/jobs/1/kit/asks', [
            'what' => 'ladder',
            'count' => '1',
            'priority' => 'nice',
            'note' => 'for the wide family',
        ])->assertRedirect();
        $this->get('/jobs/1/kit/propose')->assertSee('for the wide family')->assertSee('Two-step ladder');
        $this->post('/jobs/1/kit/asks', ['what' => 'clamp', 'count' => '2', 'priority' => 'must'])->assertRedirect();
        $this->get('/jobs/1/kit/propose')->assertSee('Hire or borrow 2 clamps');
        $this->post('/jobs/1/kit/asks', [
            'what' => 'elephant',
            'count' => '0',
            'priority' => 'must',
            'segment_id' => 9999,
        ])->assertSessionHasErrors(['what', 'count', 'segment_id']);
        $ask = KitAsk::query()->where('what', 'clamp')->firstOrFail();
        $this->delete("/asks/{$ask->id}");
        $this->get('/jobs/1/kit/propose')->assertDontSee('Hire or borrow 2 clamps');
    }

    /** M31: the lens is with somebody at another spot. */
    public function test_a_lens_with_somebody_at_another_place_is_found_and_handed_over(): void
    {
        $zoom = self::item('Zoom 24–70');
        $this->post('/jobs/1/packing/carry', ['item' => $zoom->id, 'lane' => 'second']);
        $this->get('/jobs/1/kit')->assertSee('the lead needs it')->assertSee('Let the lead carry Zoom 24–70');
        $segment = Segment::query()->where('title', 'Emrik gets ready')->firstOrFail();
        $segment->update(['place_id' => Segment::query()->where('title', 'Ceremony')->value('place_id')]);
        $this->get('/jobs/1/kit')->assertSee('Zoom 24–70 is with the second at another place.');
        $this->post('/jobs/1/packing/carry', ['item' => $zoom->id, 'lane' => 'lead']);
        $this->get('/jobs/1/kit')->assertDontSee('at another place');
    }

    public function test_cards_that_fill_up_are_swapped_at_a_break_and_stand_in_the_plan(): void
    {
        Card::query()->update(['capacity_gb' => 16]);
        $this->get('/jobs/1/kit')->assertSee('Swap cards before');
        $segment = Segment::query()->where('title', 'Dinner and speeches')->firstOrFail();
        $this->post('/jobs/1/kit/swap', ['segment' => $segment->id, 'what' => 'Swap cards, lead'])->assertRedirect();
        $this->assertSame(
            ['Swap cards, lead', 0],
            [$segment->shotLines()->firstOrFail()->what, ShotLine::query()->where('what', 'Swap cards, lead')->value('frames')],
        );
        $this->post('/jobs/1/kit/swap', ['segment' => 9999, 'what' => 'x'])->assertSessionHasErrors('segment');
    }

    public function test_things_are_scanned_into_the_bag(): void
    {
        $body = self::item('Body A');
        $this->post('/jobs/1/pack/scan', ['scan' => Label::of($body->id)])
            ->assertSessionHasNoErrors()
            ->assertSessionHas('said', 'Body A is in.');
        $this->post('/jobs/1/pack/scan', ['scan' => 'prime 85'])->assertSessionHas('said', 'Prime 85 is in.');
        $wrong = fn (string $scan): string => (string) $this->post('/jobs/1/pack/scan', ['scan' => $scan])
            ->assertSessionHasErrors('scan')
            ->baseResponse->getSession()
            ?->get('errors')
            ->first('scan');
        $this->assertSame('Body A is in already: scanned twice.', $wrong(Label::of($body->id)));
        $this->assertStringContainsString('is no label of this shelf', $wrong('4006381333931'));
        $this->assertStringContainsString('is not on the list of this job', $wrong('Prime 135'));
        $other = Job::query()->whereKeyNot(1)->where('date', '>=', now()->format('Y-m-d'))->firstOrFail();
        Packing::query()->create(['job_id' => $other->id, 'item_id' => self::item('Prime 135')->id]);
        $this->assertStringContainsString("but on that of “{$other->name}”", $wrong('Prime 135'));
        $this->assertStringContainsString('no longer on the shelf', $wrong(Label::of(99999)));
        $this->assertSame(2, TapRecord::query()->where('kind', 'pack')->count());
        $this->get('/shelf/labels')->assertOk()->assertSee(Label::of($body->id))->assertSee('<path d="M0 0h1v1h-1z', false);
    }

    public function test_bags_hold_so_much_and_one_thing_is_in_one_job_a_day(): void
    {
        $this->post('/jobs/1/pack/bags', [
            'name' => 'Pouch',
            'kind' => 'pouch',
            'places' => '1',
            'limit_kg' => '0.5',
        ])->assertSessionHasNoErrors();
        $this->post('/jobs/1/pack/bags', ['name' => 'Pouch', 'kind' => 'sack', 'places' => '0'])->assertSessionHasErrors([
            'name',
            'kind',
            'places',
        ]);
        $pouch = Bag::query()->where('name', 'Pouch')->firstOrFail();
        $this->post('/jobs/1/pack/into', ['bag' => $pouch->id, 'items' => [self::item('Body A')->id, self::item('Prime 85')->id]]);
        $this->get('/jobs/1/pack')
            ->assertSee('Pouch has 1 thing too many.')
            ->assertSee('Pouch is 0.7 kg over.')
            ->assertSee('class="place over"', false);
        $this->post('/jobs/1/pack/into', ['bag' => '', 'items' => [self::item('Prime 85')->id]]);
        $this->get('/jobs/1/pack')->assertSee('Prime 85 is in no bag.');
        $this->post('/jobs/1/pack/into', ['bag' => $pouch->id])->assertSessionHasErrors('items');
        $same = Job::query()->whereKeyNot(1)->firstOrFail();
        $same->update(['date' => $this->job->date]);
        Packing::query()->create(['job_id' => $same->id, 'item_id' => self::item('Body A')->id]);
        $this->get('/jobs/1/pack')->assertSee('Body A is in two jobs that day.');
    }

    /** M4: found in time or not. */
    public function test_a_failed_test_opens_what_to_order_or_to_borrow(): void
    {
        $this->get('/jobs/1/tests')->assertSee('too late to order')->assertSee('Trigger 1');
        $flash = self::item('Flash 2');
        $this->post("/shelf/{$flash->id}/tests", ['job' => 1, 'result' => 'failed', 'note' => 'does not fire'])->assertRedirect();
        $this->get('/jobs/1/tests')->assertSee('Flash 2 failed its test.')->assertSee('Order another by 2030-11-26');
        $this->get('/jobs/1/kit')->assertSee('Flash 2 failed its test.');
        $this->post("/shelf/{$flash->id}/tests", ['result' => 'passed'])->assertRedirect();
        $this->get('/jobs/1/tests')->assertDontSee('Flash 2 failed');
        $this->post("/shelf/{$flash->id}/tests", ['result' => 'perhaps'])->assertSessionHasErrors('result');
        $this->expectExceptionMessage('append-only');
        DB::update("update item_tests set result = 'passed'");
    }

    public function test_a_plain_frame_is_looked_through(): void
    {
        $frame = static function (bool $isDusty): UploadedFile {
            $image = imagecreatetruecolor(900, 600) ?: throw new \RuntimeException();
            imagefill($image, 0, 0, 0xB8B8B8);
            if ($isDusty) {
                imagefilledellipse($image, 200, 120, 9, 9, 0x707070);
            }
            ob_start();
            imagejpeg($image, null, 95);

            return UploadedFile::fake()->createWithContent('plain.jpg', (string) ob_get_clean());
        };
        $body = self::item('Body A');
        $this->post('/jobs/1/tests/glass', ['item' => $body->id, 'frame' => $frame(true)])->assertSessionHasNoErrors();
        $this->assertSame(
            ['failed', 'Plain frame: there is dust on the sensor of Body A.'],
            [ItemTest::query()->latest('id')->value('result'), ItemTest::query()->latest('id')->value('note')],
        );
        $this->post('/jobs/1/tests/glass', ['item' => $body->id, 'frame' => $frame(false)]);
        $this->assertSame('passed', ItemTest::query()->latest('id')->value('result'));
        $this->post('/jobs/1/tests/glass', [
            'item' => $body->id,
            'frame' => UploadedFile::fake()->createWithContent('plain.jpg', 'no picture'),
        ])->assertSessionHasErrors('frame');
    }

    /** M13: computed from the newest frame on the card. */
    public function test_a_turned_dial_is_found_on_the_card(): void
    {
        $this->post('/jobs/1/tests/sheet', [
            'slowest' => '125',
            'highest_iso' => '6400',
            'widest' => '1.4',
            'smallest' => '11',
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/tests')->assertSee('Body A is as planned.');
        $body = self::item('Body A')->load('body')->body ?? throw new \LogicException();
        $cards = [self::folder1('S01'), self::folder1('S02')];
        Devices::camera($body)->shoot($cards, [new Exposure(time(), 3600, 'Prime 85', 85, 30, 2.8, 400, 'hip')]);
        $this->get('/jobs/1/tests')->assertSee('Body A: the shutter is slower than planned.')->assertSee('took 1/30 s');
        $this->post('/jobs/1/tests/sheet', ['slowest' => '0', 'widest' => '8', 'smallest' => '4'])->assertSessionHasErrors([
            'slowest',
            'smallest',
        ]);
    }

    public function test_the_time_of_an_indexed_frame_is_that_of_the_job_s_zone(): void
    {
        $this->post('/jobs/1/tests/sheet', ['slowest' => '125']);
        $job = Job::query()->findOrFail(1);
        $zone = new \DateTimeZone($job->place->timezone);
        $at = new \DateTimeImmutable("{$job->date} 22:10", $zone);
        $this->assertNotSame(0, $zone->getOffset($at), 'in UTC this test would prove nothing');
        // Where a card in the body has frames, those count: then the newest that were indexed do not.
        array_map(unlink(...), glob(config('satchel.standins').'/cards/*/DCIM/*/*') ?: []);
        Frame::query()->forceCreate([
            'card_id' => Card::query()->where('item_id', self::item('S03')->id)->value('id'),
            'fill' => 1,
            'path' => 'DCIM/100OSTVA/OSTV0001.DNG',
            'bytes' => 1,
            'modified_at' => $at->getTimestamp(),
            'body_serial' => self::item('Body B')->load('body')->body?->serial,
            'taken_at' => $at->getTimestamp(),
            'shutter_s' => 1 / 30,
        ]);
        $this->get('/jobs/1/tests')->assertSee('Body B: the shutter is slower than planned.')->assertSee('Its last frame at 22:10');
    }

    private static function folder1(string $label): string
    {
        return (string) Card::query()->where('item_id', self::item($label)->id)->value('folder');
    }

    public function test_what_is_put_down_is_asked_for_and_counted(): void
    {
        $flash = self::item('Flash 2');
        $this->post('/jobs/1/home/placed', [
            'item' => $flash->id,
            'place' => 'Granvik Boathouse',
            'heightCm' => '210',
            'angleDeg' => '40',
            'distanceCm' => '180',
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/home')
            ->assertSee('Flash 2 still stands at Granvik Boathouse.')
            ->assertSee('for good at 23:30')
            ->assertSee('height 210 cm');
        $this->post("/jobs/1/home/{$flash->id}/measure", ['heightCm' => '195'])->assertSessionHas(
            'said',
            fn (string $said): bool => str_contains($said, 'Flash 2 was moved.') && str_contains($said, 'back to 210 cm'),
        );
        $this->post('/events', ['kind' => 'fetched', 'job' => 1, 'item' => $flash->id]);
        $this->get('/jobs/1/home')->assertDontSee('still stands');
        $this->post('/events', ['kind' => 'home', 'job' => 1, 'item' => self::item('Body A')->id]);
        $this->get('/jobs/1/home')->assertSee('30 things are not home.')->assertSee('1 of 31 home');
        $this->post('/jobs/1/home/placed', [
            'item' => self::item('Prime 135')->id,
            'place' => 'x',
            'heightCm' => 'high',
        ])->assertSessionHasErrors('heightCm');
        $this->post('/jobs/1/home/placed', ['item' => self::item('Prime 135')->id, 'place' => 'x'])->assertSessionHasErrors('item');
    }

    public function test_the_desk_of_flash_and_exposure(): void
    {
        $this->get('/jobs/1/light')->assertOk()->assertSee('Nothing is asked yet.')->assertDontSee('The shutter synchronises.');
        $this->get('/jobs/1/light?f=5.6')->assertOk()->assertSee('The shutter synchronises.');
        // Sunny 16 two stops under at f/2.8 wants 1/12,500 s: far beyond 1/250 s.
        $page = $this->get('/jobs/1/light?ev=15&under=2&f=2.8&iso=100&sync=250&distance=1.5&lost=0');
        $page
            ->assertSee('This breaks the sync speed by')
            ->assertSee('A smaller stop')
            ->assertSee('High-speed sync')
            ->assertSee('A grey filter of');
        $this->get('/jobs/1/light?f=wide&depth=1,2')
            ->assertOk()
            ->assertSee('This must be a number.')
            ->assertSee('value="wide"', false)
            ->assertSee('value="1.2"', false);
        $this->get('/jobs/1/light?f=0')->assertOk()->assertSee('This must be above 0.');
        $this->get('/jobs/1/light?near=9&far=3')->assertOk()->assertSee('This must be farther than near.');
        $this->get('/jobs/1/light?near=0.02&far=3')->assertOk()->assertSee('well beyond the focal length');
        $this->get('/jobs/1/light?segment='.Segment::query()->where('title', 'Lakeside portraits')->value('id').'&alone=3')->assertSee(
            'A clamp and a second safety cable',
        );
    }

    public function test_the_camera_that_stands_alone_has_a_sheet(): void
    {
        $segment = Segment::query()->where('title', 'Lakeside portraits')->value('id');
        $asked = "segment={$segment}&alone=3&walk=4&pan_shutter=30&where=".urlencode('Truss <b>left</b>');
        $page = $this->get("/jobs/1/light?{$asked}")->assertOk()->assertSee('there, 20 min to mount it')->assertSee('It is fetched');
        $fetched = [];
        $this->assertSame(1, preg_match('/It is fetched (?:at|after the last of the plan, at) ([\d:]+)/', (string) $page->getContent(), $fetched));
        $this->get("/jobs/1/light/sheet?{$asked}")
            ->assertOk()
            ->assertSee('Truss <b>left</b>')
            ->assertSee('Nobody below while it is rigged.')
            ->assertSee('By intent: 1/30 s streaks')
            ->assertSee($fetched[1]);
        $this->get("/jobs/1/light/sheet?{$asked}&walk=far")->assertRedirect();
        foreach ([1, 9, 10, 11] as $minutes) {
            Segment::query()->whereKey($segment)->update(['minutes' => $minutes]);
            $this->get("/jobs/1/light?{$asked}")->assertOk()->assertSee('It is fetched');
        }
        Segment::query()->whereKey($segment)->update(['start_clock' => '13:00']);
        $this->get("/jobs/1/light/sheet?segment={$segment}&alone=3")->assertSee('Still to mend:')->assertSee('While it is mounted');
        $this->get("/jobs/1/light?{$asked}&walk=-2")->assertOk()->assertSee('Walk must be between 0 and 600 minutes.');
    }

    public function test_a_table_of_the_shelf_may_have_the_words_of_the_form(): void
    {
        $csv = "Kind;Label;From, mm;To mm;Widest stop at the short end, f/;At the long end, f/;Weight, g;Whose\r\n".
            "lens;Long one;100;400;4,5;5,6;1400;hired\r\n";
        $this->post('/shelf/import', ['file' => UploadedFile::fake()->createWithContent('shelf.csv', $csv)])->assertSessionHasNoErrors();
        $lens = Item::query()->where('label', 'Long one')->sole();
        $this->assertSame(['hired', 1400], [$lens->ownership->value, $lens->weight_g]);
        $this->assertEquals(
            [100, 400, 4.5, 5.6],
            [$lens->focal_min_mm, $lens->focal_max_mm, $lens->specs['widest_stop'] ?? null, $lens->specs['widest_stop_long'] ?? null],
        );
    }

    public function test_the_shelf_as_a_table_out_and_in(): void
    {
        $csv = (string) $this->get('/shelf/table')->assertOk()->getContent();
        $count = Item::query()->count();
        $before = Item::query()
            ->with(['body', 'card'])
            ->orderBy('id')
            ->get()
            ->toArray();
        $this->post('/shelf/import', ['file' => UploadedFile::fake()->createWithContent('shelf.csv', $csv)])->assertSessionHasNoErrors();
        $this->assertSame($count, Item::query()->count());
        $same = static fn (array $items): array => array_map(
            static fn (array $i): array => [
                ...array_diff_key($i, ['updated_at' => 0, 'created_at' => 0, 'body' => 0, 'card' => 0]),
                'specs' => $i['specs'] ?? [],
            ],
            $items,
        );
        $this->assertEquals(
            $same($before),
            $same(
                Item::query()
                    ->with(['body', 'card'])
                    ->orderBy('id')
                    ->get()
                    ->toArray(),
            ),
            'out and in again is the same shelf',
        );
        $this->post('/shelf/import', [
            'file' => UploadedFile::fake()->createWithContent(
                'shelf.csv',
                "kind,label,focal_min_mm,focal_max_mm,weight_g\nlens,Fisheye,15,15,400\n",
            ),
        ])->assertSessionHasNoErrors();
        $this->assertSame([15, 400], [self::item('Fisheye')->focal_min_mm, self::item('Fisheye')->weight_g]);
    }

    /** @return array<string, array{string, string}> */
    public static function badTables(): array
    {
        return [
            'unknown columns' => ["kind,label,colour\nlens,X,red\n", 'Known are kind, label'],
            'no kind' => ["label\nX\n", 'must name the columns kind and label'],
            'a camel' => ["kind,label\ncamel,X\n", 'is no kind'],
            'a range upside down' => ["kind,label,focal_min_mm,focal_max_mm\nlens,X,200,70\n", 'upside down'],
            'the same label twice' => ["kind,label\ntool,X\ntool,X\n", 'is there twice'],
            'a body for a lens' => ["kind,label,focal_min_mm,focal_max_mm\nlens,Body A,20,20\n", 'is a body on the shelf'],
            'a weight of words' => ["kind,label,weight_g\ntool,X,heavy\n", 'weight_g: must be a whole number'],
            'no such day' => ["kind,label,due_on\ntool,X,2030-02-31\n", 'due_on: must be a day'],
            'nothing' => ["kind,label\n", 'Nothing is in it'],
            'a serial of another' => [
                "kind,label,serial,cell_type,raw_mb,jpeg_mb,frames_per_charge,standby_hours_per_charge\nbody,X,OV40117,A,1,0,1,1\n",
                'another body has the serial number',
            ],
            'too many cells' => ["kind,label\ntool,X,1,2\n", 'more cells'],
        ];
    }

    #[DataProvider('badTables')]
    public function test_a_bad_table_changes_nothing(string $csv, string $why): void
    {
        $count = Item::query()->count();
        $error = (string) $this->post('/shelf/import', ['file' => UploadedFile::fake()->createWithContent('shelf.csv', $csv)])
            ->assertSessionHasErrors('file')
            ->baseResponse->getSession()
            ?->get('errors')
            ->first('file');
        $this->assertStringContainsString($why, $error);
        $this->assertStringEndsWith('Nothing was changed.', $error);
        $this->assertSame($count, Item::query()->count());
    }

    public function test_the_starter_shelf_and_a_thing_that_goes_back(): void
    {
        DB::table('packing')->delete();
        $this->post('/shelf/starter')->assertSessionHasNoErrors();
        $this->assertSame(
            22,
            Item::query()->where('label', 'like', 'Starter%')->count() + Item::query()->where('label', 'Tape and hex keys')->count(),
        );
        $tele = self::item('Zoom 70–200');
        $this->get('/shelf')->assertSee('goes back to Sigrid Foss');
        $this->post("/shelf/{$tele->id}/back")->assertRedirect();
        $this->get('/shelf')->assertDontSee('goes back to Sigrid Foss')->assertSee('Undo');
        $this->post("/shelf/{$tele->id}/keep");
        $this->get('/shelf')->assertSee('goes back to Sigrid Foss');
        $this->post('/shelf/'.self::item('Body A')->id.'/back')->assertNotFound();
        $this->put("/shelf/{$tele->id}", [
            'kind' => 'lens',
            'label' => 'Zoom 70–200',
            'focal_min_mm' => '70',
            'focal_max_mm' => '200',
            'ownership' => 'hired',
        ])->assertSessionHasErrors('from_whom');
        $this->put("/shelf/{$tele->id}", [
            'kind' => 'lens',
            'label' => 'Zoom 70–200',
            'focal_min_mm' => '70',
            'focal_max_mm' => '180',
            'mount' => 'OV',
            'widest_stop' => '4',
        ])->assertSessionHasNoErrors();
        $this->assertSame([180, 4], [$tele->fresh()?->focal_max_mm, $tele->fresh()?->specs['widest_stop'] ?? null]);
    }

    public function test_the_night_before_is_proved_where_it_can_be_and_ticked_where_it_cannot(): void
    {
        $page = $this->get('/jobs/1/pack')->assertOk();
        $page
            ->assertSee('Charge 4 cells of type OV-16')
            ->assertSee('Charge 3 cells of type FL-9')
            ->assertSee('31 things are not packed')
            ->assertSee('Key list and passes');
        $line = HomeDesk::lineId('glass');
        $this->post('/events', ['kind' => 'check', 'job' => 1, 'line' => $line]);
        $this->get('/jobs/1/pack')->assertSee('data-tap="uncheck" data-on="{&quot;job&quot;:1,&quot;line&quot;:'.$line.'}"', false);
        $this->travel(2)->seconds();
        $this->post('/events', ['kind' => 'uncheck', 'job' => 1, 'line' => $line]);
        $this->get('/jobs/1/pack')->assertSee('data-tap="check" data-on="{&quot;job&quot;:1,&quot;line&quot;:'.$line.'}"', false);
        // Test frames say that body B splits and body C is late: that is proved, and no tick takes it away.
        $this->post('/jobs/1/camera-check');
        $this->get('/jobs/1/pack')
            ->assertSee('Not so yet. Both slots, the same on both.')
            ->assertSee('Not so yet. Else frames of two photographers interleave wrongly.');
    }

    public function test_a_kit_that_flies_is_told_what_the_airline_asks(): void
    {
        $this->get('/jobs/1/kit')->assertDontSee('The cells may fly');
        $this->post('/jobs/1/kit/settings', ['goes_by_air' => '1', 'wide_side' => 'right'])->assertRedirect();
        $this->get('/jobs/1/kit')
            ->assertSee('The cells may fly, in hand luggage.')
            ->assertSee('The airline decides')
            ->assertSee('Body A, right: <b>Zoom 24–70', false);
        self::item('Cell 1')->update(['specs' => ['cell_wh' => 170]]);
        $this->get('/jobs/1/kit')->assertSee('Cell 1 cannot fly.');
    }

    public function test_the_settings_sheet_is_printed_with_what_to_start_with(): void
    {
        $this->post('/jobs/1/tests/sheet', ['slowest' => '200', 'highest_iso' => '800', 'widest' => '2.8'])->assertSessionHasNoErrors();
        $this->get('/jobs/1/tests')->assertSee('Print it with the day’s exposures', false);
        $this->get('/jobs/1/tests/sheet?paper=letter')
            ->assertOk()
            ->assertSee('no slower than 1/200 s, no more than ISO 800, from f/2.8')
            ->assertSee('Body A')
            ->assertSee('both cards alike')
            ->assertSee('Too dark by')
            ->assertSee('paper-letter', false);
        $this->post('/jobs/1/tests/sheet', [])->assertSessionHasNoErrors();
        $this->get('/jobs/1/tests/sheet')->assertSee('no limits are written on the sheet');
    }

    public function test_kit_stop_by_stop_on_a_day_with_several_jobs(): void
    {
        [$one, $other] = [Job::query()->findOrFail(1), Job::query()->whereKeyNot(1)->firstOrFail()];
        $other->update(['date' => $one->date, 'covered_from' => '27:00', 'covered_to' => '28:00', 'place_id' => $one->place_id]);
        $card = Item::query()
            ->where('kind', 'card')
            ->whereIn('id', $one->packing()->select('item_id'))
            ->firstOrFail();
        $packed = $other->packing()->pluck('item_id')->all();
        foreach ([self::item('Body A'), $card, self::item('Prime 135')] as $item) {
            Packing::query()->firstOrCreate(['job_id' => $other->id, 'item_id' => $item->id], ['lane' => 'lead']);
        }
        $this->get("/days/{$one->date}")
            ->assertOk()
            ->assertSee('Kit, stop by stop')
            ->assertSee("{$card->label} comes from “{$one->name}” full of its frames.")
            ->assertSee('goes on from');
        $this->get("/jobs/{$other->id}/pack")
            ->assertSee('full of its frames')
            ->assertDontSee('is in two jobs that day');
        $other->update(['covered_from' => '14:00', 'covered_to' => '15:00']);
        $this->get("/jobs/{$other->id}/pack")->assertSee("Body A, {$card->label} are in two jobs that day.");
        $this->assertNotContains(self::item('Prime 135')->id, $packed);
    }

    public function test_a_remote_asked_for_brings_its_own_fresh_cells(): void
    {
        $this->get('/jobs/1/kit/propose')->assertOk()->assertDontSee('which stands alone');
        $this->post('/jobs/1/kit/asks', [
            'what' => 'remote',
            'count' => '1',
            'priority' => 'must',
            'hours' => '30',
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/kit/propose')->assertOk()->assertSee('which stands alone for 30 h');
        $this->get('/jobs/1/kit')->assertOk();
        $this->post('/jobs/1/kit/asks', [
            'what' => 'remote',
            'count' => '1',
            'priority' => 'must',
            'hours' => '90',
        ])->assertSessionHasErrors('hours');
    }
}
