<?php

declare(strict_types=1);

namespace Tests\App\Copies;

use App\Desks\Brief\BriefDesk;
use App\Desks\Copies\FrameRow;
use App\Desks\Copies\FramesDesk;
use App\Models\Brief\Job;
use App\Models\Cards\ClockOffset;
use App\Models\Cards\Frame;
use App\Models\Kit\Body;
use Illuminate\Support\Facades\DB;
use Tests\App\TestCase;

/** Frames of all bodies in their true order, previews, clocks set in the index, and sidecars. */
final class FramesTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demoOfCards();
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 6]);
        $this->post('/jobs/1/cards/seal');
    }

    private static function frameOf(string $serial): Frame
    {
        $body = Body::query()->where('serial', $serial)->firstOrFail();

        return Frame::query()->where('body_id', $body->id)->where('kind', 'jpeg')->orderBy('taken_at')->firstOrFail();
    }

    /** @return list<string> the bodies in order */
    private static function order(): array
    {
        app()->forgetScopedInstances();
        $desk = app(FramesDesk::class);
        $job = BriefDesk::open(1);
        $bodies = $desk->bodies($job);

        return array_map(static fn (FrameRow $f): string => $bodies[$f->body], $desk->page($job, 1)->frames);
    }

    public function test_raw_and_jpeg_and_both_cards_are_one_exposure(): void
    {
        $page = app(FramesDesk::class)->page(BriefDesk::open(1), 1);
        $this->assertGreaterThan(12, $page->count);
        $mirrored = array_values(array_filter($page->frames, static fn (FrameRow $f): bool => $f->cards === 2));
        $this->assertNotSame([], $mirrored);
        $this->assertSame(4, $mirrored[0]->files, 'raw and jpeg on both cards');
        $this->assertSame(
            $page->count,
            count(array_unique(array_map(static fn (FrameRow $f): string => "{$f->body} {$f->name}", $page->frames))),
        );
        $this->get('/jobs/1/frames')
            ->assertOk()
            ->assertSee('In what order did it happen?')
            ->assertSee("{$page->count} exposures")
            ->assertSee('no copy yet');
    }

    /** M22: two clocks disagree; the index is put right, the files are not touched. */
    public function test_two_frames_of_one_moment_put_the_order_right(): void
    {
        $before = self::order();
        $right = self::frameOf('OV40117');
        $wrong = self::frameOf('OV51902');
        $taken = Frame::query()->orderBy('id')->pluck('taken_at')->all();
        $this->followingRedirects()
            ->post('/jobs/1/frames/moment', ['first' => $right->id, 'second' => $wrong->id])
            ->assertSee('its clock was')
            ->assertSee('corrected in the index, not in the files');
        $offset = (int) ClockOffset::query()->latest('id')->value('offset_s');
        $this->assertSame($wrong->taken_at - $right->taken_at, $offset);
        $this->assertNotSame($before, self::order());
        $this->assertSame($taken, Frame::query()->orderBy('id')->pluck('taken_at')->all(), 'what the files say stays');
        $this->get('/jobs/1/frames')->assertSee('corrected here');
    }

    public function test_what_tells_nothing_is_refused(): void
    {
        $one = self::frameOf('OV40117');
        $this->post('/jobs/1/frames/moment', ['first' => $one->id, 'second' => $one->id])->assertSessionHasErrors([
            'moment' => 'Both are of the same body: its clock agrees with itself.',
        ]);
        $this->post('/jobs/1/frames/moment', ['first' => $one->id, 'second' => 999999])->assertSessionHasErrors('moment');
        $this->post('/jobs/1/frames/moment', ['first' => $one->id])->assertSessionHasErrors('second');
        $this->assertSame(0, ClockOffset::query()->count());
        $this->post('/jobs/2/frames/moment', ['first' => $one->id, 'second' => self::frameOf('OV51902')->id])->assertSessionHasErrors(
            'moment',
        );
    }

    public function test_previews_come_from_the_card_and_after_formatting_from_a_copy(): void
    {
        $frame = self::frameOf('OV40117');
        $jpeg = $this->get("/frames/{$frame->id}/preview")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->getContent();
        $this->assertSame(240, getimagesizefromstring((string) $jpeg)[0] ?? 0);
        $raw = Frame::query()->where('card_id', $frame->card_id)->where('kind', 'raw')->orderBy('taken_at')->firstOrFail();
        $this->get("/frames/{$raw->id}/preview")->assertOk();
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $card = \App\Models\Kit\Card::query()->findOrFail($frame->card_id);
        rename((string) $card->folder, $card->folder.'-away');
        $this->get("/frames/{$frame->id}/preview")->assertOk();
        $this->app['auth']->logout();
        $this->get("/frames/{$frame->id}/preview")->assertRedirect('/sign-in');
    }

    public function test_sidecars_come_as_a_zip_and_the_cards_stay_as_they_are(): void
    {
        $this->post('/jobs/1/frames/sidecars', ['creator' => ''])->assertSessionHasErrors(['creator', 'copyright']);
        $bytes = $this->post('/jobs/1/frames/sidecars', ['creator' => 'Tyra & co', 'copyright' => '© Tyra'])
            ->assertOk()
            ->getContent();
        $file = $this->folder('zip').'/s.zip';
        file_put_contents($file, $bytes);
        $zip = new \ZipArchive();
        $this->assertTrue($zip->open($file));
        $this->assertSame(app(FramesDesk::class)->page(BriefDesk::open(1), 1)->count, $zip->numFiles);
        $this->assertStringContainsString('Tyra &amp; co', (string) $zip->getFromIndex(0));
        $this->assertMatchesRegularExpression('#^Body-[ABC]/DCIM/100OSTVK/OSTV\d{4}\.xmp$#', (string) $zip->getNameIndex(0));
    }

    public function test_the_log_of_clocks_only_grows(): void
    {
        $this->post('/jobs/1/frames/moment', ['first' => self::frameOf('OV40117')->id, 'second' => self::frameOf('OV51902')->id]);
        $this->expectExceptionMessage('append-only');
        DB::update('update clock_offsets set offset_s = 0');
    }
}
