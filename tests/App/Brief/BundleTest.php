<?php

declare(strict_types=1);

namespace Tests\App\Brief;

use App\Bundle\BundleDesk;
use App\Bundle\BundleTables;
use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardLog;
use App\Desks\Day\DayDesk;
use App\Desks\House\Readiness;
use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Cards\CardEventRecord;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Taps\TapRecord;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthSatchel\Day\DayLog;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Verdict;
use Tests\App\TestCase;

/** A whole job out as a zip of JSON and CSV, and in again. */
final class BundleTest extends TestCase
{
    private int $made = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
    }

    private function bundle(): string
    {
        $file = app(BundleDesk::class)->export(BriefDesk::open(1));
        rename($file, "{$this->temp}/job.zip");

        return "{$this->temp}/job.zip";
    }

    private function bringIn(string $file): \Illuminate\Testing\TestResponse
    {
        return $this->post('/jobs/bundle', ['bundle' => new UploadedFile($file, 'job.zip', 'application/zip', null, true)]);
    }

    /** @param  \Closure(array<mixed>): array<mixed>  $change */
    private function changed(string $name, \Closure $change): string
    {
        $file = "{$this->temp}/changed".++$this->made.'.zip';
        copy($this->bundle(), $file);
        $zip = new \ZipArchive();
        $zip->open($file);
        $zip->addFromString($name, (string) json_encode($change((array) json_decode((string) $zip->getFromName($name), true))));
        $zip->close();

        return $file;
    }

    /** @return list<string> what is found of a job, without what hangs on things of this shelf */
    private function findings(int $job): array
    {
        $this->app->forgetScopedInstances();
        $found = [];
        foreach (app(Readiness::class)->verdicts(BriefDesk::open($job)) as $phase => $verdicts) {
            if (in_array($phase, ['brief', 'scout', 'plan', 'people'], true)) {
                $found = [
                    ...$found,
                    ...array_map(static fn (Verdict $v): string => "{$v->code} {$v->finding} {$v->because}", iterator_to_array($verdicts)),
                ];
            }
        }

        return $found;
    }

    public function test_a_job_goes_out_and_comes_in_with_the_same_findings(): void
    {
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 4]);
        $this->post('/jobs/1/cards/seal');
        $this->post('/jobs/1/cards/twin');
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $file = $this->bundle();
        $before = $this->findings(1);
        $counts = static fn (): array => array_map(static fn (string $t): int => DB::table($t)->count(), [
            'segments' => 'segments',
            'shot_lines' => 'shot_lines',
            'people' => 'people',
            'formal_groups' => 'formal_groups',
            'frames' => 'frames',
        ]);
        $ofJob = static fn (int $job): array => array_map(
            static fn (string $t): int => DB::table($t)->where('job_id', $job)->whereNull('deleted_at')->count(),
            ['segments', 'shot_lines', 'formal_groups'],
        );
        $had = $counts();
        $this->bringIn($file)->assertSessionHasNoErrors()->assertRedirect();
        $new = (int) Job::query()->max('id');
        $this->assertNotSame(1, $new);
        $this->assertSame($ofJob(1), $ofJob($new));
        $after = $this->findings($new);
        $twice = array_filter($after, static fn (string $said): bool => str_starts_with($said, 'days.twice'));
        $this->assertCount(1, $twice, 'the other is there still');
        $this->assertSame($before, array_values(array_diff($after, $twice)), 'the day is judged alike');
        $this->assertGreaterThan($had['frames'], $counts()['frames']);
        // The cards came with their lives, as cards of their own without a folder; the logs that were here are as they were.
        $card = Card::query()->with('item')->get()->firstOrFail(static fn (Card $c): bool => $c->item->label === 'S01, brought in');
        $this->assertNull($card->folder);
        $this->assertSame((new CardLog())->lifeOf(Card::query()->findOrFail(1))->state, (new CardLog())->lifeOf($card)->state);
        $this->assertSame($new, (new CardLog())->lifeOf($card)->jobId);
        $twin = (new CardLog())->lifeOf($card)->twinCheck;
        $this->assertSame(
            'S02, brought in',
            Item::query()->findOrFail(Card::query()->findOrFail((int) $twin?->twinCardId)->item_id)->label,
        );
        $this->assertSame(
            Frame::query()->where('card_id', 1)->pluck('bytes', 'path')->all(),
            Frame::query()->where('card_id', $card->id)->pluck('bytes', 'path')->all(),
        );
        $this->assertGreaterThan(0, CopyEvent::query()->where('card_id', $card->id)->where('kind', 'verified')->count());
        $place = Destination::query()->where('name', 'Drive Fir, brought in')->firstOrFail();
        $this->assertStringStartsWith('not here:', $place->folder);
        // A zoom of the shelf is the same zoom.
        $this->assertSame(1, Item::query()->where('label', 'Zoom 24–70')->count());
        foreach (['brief', 'scout', 'plan', 'people', 'kit', 'pack', 'cards', 'copies', 'frames'] as $page) {
            $this->get("/jobs/{$new}/{$page}")->assertOk();
        }
        // As on another machine, where nothing was read: what the other satchel tells of copies counts once it was looked through here.
        DB::table('copies')->delete();
        $this->app['cache']->flush();
        $this->get("/jobs/{$new}/copies")
            ->assertSee('S01, brought in is not safe yet.')
            ->assertSee('told, not read here')
            ->assertSee('what another satchel tells of copies')
            ->assertSee('Drive Fir, brought in');
        $this->get('/jobs/1/copies')->assertDontSee('Drive Fir, brought in');
        $this->get("/jobs/{$new}/frames")
            ->assertSee('neither card nor copy is here')
            ->assertDontSee('/preview');
        $drive = Devices::standIns().'/drives/brought';
        exec('cp -r '.escapeshellarg(Devices::standIns().'/drives/drive-fir').' '.escapeshellarg($drive));
        $this->followingRedirects()
            ->post("/jobs/{$new}/copies/adopt", [
                'name' => 'Drive from elsewhere',
                'folder' => $drive,
                'route' => 'another satchel’s drive',
                'adopt_kept' => 'bag',
                'adopt_kind' => 'disk',
            ])
            ->assertSee('files lie there with the same content')
            ->assertSee('It lies verified on 1 of 2 devices');
        $this->get("/jobs/{$new}/frames")->assertSee('one copy');
        // Once more: still nothing is mixed up.
        $this->bringIn($file)->assertSessionHasNoErrors();
        $this->assertSame(1, Item::query()->where('label', 'S01, brought in 2')->count());
    }

    public function test_the_zip_is_open_and_holds_no_secret(): void
    {
        $this->post('/jobs/1/call/links');
        $response = $this->get('/jobs/1/bundle')->assertOk();
        $this->assertStringContainsString('lakeside-wedding.zip', (string) $response->headers->get('content-disposition'));
        $zip = new \ZipArchive();
        $zip->open($this->bundle());
        $all = '';
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $all .= $zip->getFromIndex($i);
        }
        $head = (array) json_decode((string) $zip->getFromName('bundle.json'), true);
        $this->assertSame(['north-satchel-job', 1], [$head['format'], $head['version']]);
        $this->assertSame(count(BundleTables::all()) + 1, count((array) $head['rows']), 'every table, and the taps');
        foreach (['password', 'remember_token', 'digest', storage_path(), $this->temp, 'owner@satchel.test'] as $secret) {
            $this->assertStringNotContainsString($secret, $all);
        }
        $this->assertStringContainsString('Details and getting ready', (string) $zip->getFromName('csv/plan.csv'));
        $this->assertStringContainsString('card,fill,path', (string) $zip->getFromName('csv/frames.csv'));
        $this->post('/sign-out');
        $this->get('/jobs/1/bundle')->assertRedirect('/sign-in');
    }

    public function test_what_was_tapped_goes_along_and_means_the_same_things_there(): void
    {
        $first = Packing::query()->where('job_id', 1)->orderBy('id')->firstOrFail();
        $this->post('/events', ['kind' => 'pack', 'job' => 1, 'item' => $first->item_id])->assertRedirect();
        $file = $this->bundle();
        $this->bringIn($file)->assertSessionHasNoErrors();
        $brought = Job::query()->orderByDesc('id')->firstOrFail();
        $taps = TapRecord::query()->where('job_id', $brought->id)->get();
        $this->assertSame(TapRecord::query()->where('job_id', 1)->count(), $taps->count());
        $this->assertGreaterThan(0, $taps->count());
        $items = Packing::query()->where('job_id', $brought->id)->pluck('item_id')->all();
        foreach ($taps->where('kind', TapKind::Pack) as $tap) {
            $this->assertContains($tap->on['item'], $items);
        }
        $bad = $this->changed(
            'tables/taps.json',
            static fn (array $rows): array => [
                ['kind' => 'explode', 'on' => ['job' => 1], 'made_at' => '2030-01-01 10:00:00.000'],
                ...$rows,
            ],
        );
        $this->bringIn($bad)->assertSessionHasErrors(['bundle' => 'tables/taps.json, row 1: kind must be one that is known.']);
    }

    /** What one tap takes back it takes back there too, and a long note arrives whole. */
    public function test_taps_of_the_day_come_to_the_same_day_there(): void
    {
        $segment = Segment::query()->where('job_id', 1)->with('shotLines')->orderBy('id')->firstOrFail();
        $shot = $segment->shotLines->firstOrFail();
        $skip = (string) Str::uuid();
        $words = str_repeat('n', 480);
        $tap = static fn (string $kind, array $on, ?string $id = null): array => [
            'id' => $id ?? (string) Str::uuid(), 'kind' => $kind, 'on' => ['job' => 1, ...$on], 'made_at' => now()->toIso8601ZuluString(),
        ];
        $this->postJson('/jobs/1/day/sync', ['events' => [
            $tap('skipped', ['segment' => $segment->id], $skip), $tap('undone', ['of' => $skip]),
            $tap('ticked', ['shot' => $shot->id]), $tap('noted', ['segment' => $segment->id, 'words' => $words]),
        ], 'sent_at' => now()->toIso8601ZuluString()])->assertJsonPath('refused', []);
        $this->bringIn($this->bundle())->assertSessionHasNoErrors();
        $brought = BriefDesk::open((int) Job::query()->max('id'));
        $same = $brought->segments->firstWhere('title', $segment->title);
        $shots = array_values($same->shotLines->map(static fn (ShotLine $l): int => $l->id)->all());
        $log = new DayLog($this->app->make(DayDesk::class)->taps($brought), (float) now()->addMinute()->format('U'), [$same->id], $shots);
        $this->assertSame('waiting', $log->states->of((string) $same->id)->value, 'the skip is taken back');
        $this->assertSame([$same->shotLines->firstWhere('what', $shot->what)->id], $log->ticked);
        $this->assertSame($words, $log->notes[0]->words('words'));
    }

    /** A table that is added later belongs either into the bundle or among those that stay. */
    public function test_every_table_is_in_the_bundle_or_stays_for_a_reason(): void
    {
        $stay = [
            'allowed_roots', 'audit_rules', 'bags', 'board_readings', 'camera_checks', 'changes', 'client_answers', 'copies', 'device_events',
            'editors_desks', 'failed_work', 'handovers', 'item_tests', 'loads', 'migrations', 'permits', 'picks', 'plan_changes', 'proposals',
            'queued_work', 'runs', 'sent_pictures', 'session_files', 'session_folders', 'session_readings', 'share_links', 'shot_sets',
            'test_pictures', 'users',
        ];
        $in = array_map(static fn ($t): string => $t->name, BundleTables::all());
        $all = array_map(
            static fn (\stdClass $r): string => (string) $r->name,
            DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'"),
        );
        $this->assertSame([], array_values(array_diff($all, $in, $stay)));
        $this->assertSame([], array_intersect($in, $stay));
        foreach (BundleTables::all() as $i => $table) {
            foreach ($table->refs as $column => $to) {
                $this->assertLessThan($i, array_search($to, $in, true), "{$table->name}.{$column}: what it points to comes earlier");
            }
            $foreign = array_column(
                array_map(static fn (\stdClass $r): array => (array) $r, DB::select("pragma foreign_key_list({$table->name})")),
                'table',
                'from',
            );
            $this->assertSame(
                [],
                array_values(array_diff(array_keys($foreign), array_keys($table->refs), array_keys($table->later), $table->without)),
                "{$table->name}: every reference is mapped or left out",
            );
        }
    }

    public function test_what_is_no_bundle_changes_nothing(): void
    {
        $counts = static fn (): array => [
            Job::query()->count(),
            Place::query()->count(),
            Item::query()->count(),
            CardEventRecord::query()->count(),
        ];
        $before = $counts();
        $row = static fn (array $more): \Closure => static fn (array $rows): array => [[...$rows[0], ...$more], ...array_slice($rows, 1)];
        $cases = [
            'is no zip' => $this->file('plain.zip', 'not a zip'),
            'another version' => $this->changed('bundle.json', static fn (array $h): array => [...$h, 'version' => 7]),
            'no bundle of a job' => $this->changed('bundle.json', static fn (array $h): array => ['format' => 'else']),
            'is not known here' => $this->changed('tables/segments.json', $row(['shell' => 'rm'])),
            'title must be a name of 1 to 120 letters' => $this->changed('tables/segments.json', $row(['title' => ['a']])),
            'whole number of its own as its id' => $this->changed('tables/people.json', $row(['id' => 'x'])),
            'holds one job' => $this->changed('tables/jobs.json', static fn (array $r): array => [$r[0], [...$r[0], 'id' => 99]]),
            'minutes must be a whole number from 1 to 1440' => $this->changed('tables/segments.json', $row(['minutes' => 1e12])),
            'day must be a whole number from 0 to 30' => $this->changed('tables/segments.json', $row(['day' => 9999])),
            'hidden_from must be a list' => $this->changed('tables/segments.json', $row(['hidden_from' => 'client'])),
            'people must be a list of at most 400' => $this->changed('tables/segments.json', $row(['people' => 7])),
            'name must be a name of 1 to 200 letters' => $this->changed('tables/people.json', $row(['name' => ' '])),
            'name must be a name of 1 to 120 letters' => $this->changed('tables/jobs.json', $row(['name' => str_repeat('xy ', 200)])),
            'tables/places.json is larger than can be read here' => $this->changed(
                'tables/places.json',
                $row(['notes' => str_repeat('x', 2_000_000)]),
            ),
            'tables/segments.json is larger than can be read here' => $this->changed(
                'tables/segments.json',
                static fn (array $r): array => array_fill(0, 4_000_000, 1),
            ),
            'latitude must be a number from -90 to 90' => $this->changed('tables/places.json', $row(['latitude' => 1e300])),
            'separations must be a list' => $this->changed('tables/jobs.json', $row(['separations' => [['first' => 'x']]])),
            'specs must be an object' => $this->changed('tables/items.json', $row(['specs' => [1, 2]])),
            'ownership must be one of owned, borrowed, hired' => $this->changed('tables/items.json', $row(['ownership' => 'stolen'])),
            'at must be a moment' => $this->changed('tables/card_events.json', $row(['at' => '9999-99-99 99:99:99'])),
            'job_id 77 is not in the bundle' => $this->changed('tables/segments.json', $row(['job_id' => 77])),
            'start_clock must be a time as HH:MM' => $this->changed('tables/segments.json', $row(['start_clock' => 'noonish'])),
            'row 1: name must be a name' => $this->changed('tables/people.json', $row(['name' => null])),
            'is no JSON' => $this->changed('tables/spots.json', static fn (array $r): array => $r),
        ];
        $broken = $cases['is no JSON'];
        $zip = new \ZipArchive();
        $zip->open($broken);
        $zip->addFromString('tables/spots.json', '{');
        $zip->close();
        foreach ($cases as $says => $file) {
            $this->bringIn($file)->assertSessionHasErrors('bundle');
            $this->assertStringContainsString($says, (string) session('errors')->first('bundle'), $says);
        }
        $this->post('/jobs/bundle')->assertSessionHasErrors('bundle');
        $this->assertSame($before, $counts());
    }
}
