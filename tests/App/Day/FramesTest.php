<?php

declare(strict_types=1);

namespace Tests\App\Day;

use App\Devices\Devices;
use App\Devices\StandIn\PretendedClock;
use App\Models\Brief\Job;
use App\Models\Kit\Card;
use App\Models\Plan\ShotLine;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\App\TestCase;

/** Cards read at a break, on the stand-ins' real files. */
final class FramesTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
        Carbon::setTestNow(Carbon::parse($this->job->date.' 11:00', $this->job->place->timezone));
    }

    /** @return array<string, string> names and contents of all cards */
    private static function prints(): array
    {
        $prints = [];
        foreach (Card::query()->whereNotNull('folder')->with('item')->get() as $card) {
            $root = Devices::card($card)->root();
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
                $prints[(string) $file] = md5_file((string) $file).$file->getMTime();
            }
        }
        ksort($prints);

        return $prints;
    }

    public function test_while_a_day_is_played_the_stand_ins_shoot_along(): void
    {
        config(['satchel.demo' => true]);
        $sync = fn () => $this->postJson('/jobs/1/day/sync', ['events' => []])->assertOk();
        $from = Carbon::parse($this->job->date.' 09:25', $this->job->place->timezone)->getTimestamp();
        PretendedClock::set((float) $from, 1);
        $sync();
        $before = count(self::prints());
        $sync();
        $this->assertSame($before, count(self::prints()), 'nothing is planned yet');
        PretendedClock::set((float) $from + 3600, 1);
        $sync();
        $this->assertGreaterThan($before + 20, count(self::prints()));
        $this->get('/jobs/1/day/frames?read=1')->assertSee('Details and getting ready, not over')->assertDontSee('No frame that was read is of');
        PretendedClock::stop();
        $this->assertNull(PretendedClock::running());
    }

    public function test_musts_without_a_frame_are_found_and_nothing_is_written(): void
    {
        $this->get('/jobs/1/day/frames')->assertOk()->assertSee('Read the cards in the bodies')->assertDontSee('Frames by segment');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 80]);
        $before = self::prints();
        $page = $this->get('/jobs/1/day/frames?read=1')->assertOk();
        // The newest frames of each body against the settings sheet.
        $page->assertSee('Its last frame at ');
        $page->assertSee('musts of Details and getting ready have no frame that is known to be theirs.');
        $page->assertSee('no tick')->assertSee('Lakeside portraits, not over')->assertDontSee('Every must of what is over has frames.');
        // Its musts are ticked at the minute at which a frame of that lane was taken; then only the other lane's are open.
        $line = ShotLine::query()->whereRelation('segment', 'title', 'Details and getting ready')->where('priority', 'must')->get();
        $at = Carbon::parse($this->job->date.' 10:40', $this->job->place->timezone);
        $this->postJson('/jobs/1/day/sync', [
            'events' => $line->map(fn (ShotLine $l, int $i): array => [
                'id' => (string) Str::uuid(),
                'kind' => 'ticked',
                'on' => ['job' => 1, 'shot' => $l->id],
                'made_at' => $at->copy()->subMinutes(20 * $i)->toIso8601ZuluString(),
            ])->all(),
            'sent_at' => now()->toIso8601ZuluString(),
        ])->assertOk()->assertJsonPath('refused', []);
        $this->get('/jobs/1/day/frames?read=1')->assertDontSee('musts of Details and getting ready have no frame');
        $this->assertSame($before, self::prints(), 'a card is opened for reading only');
        $this->assertSame(0, DB::table('frames')->count(), 'and nothing of it is kept');
    }
}
