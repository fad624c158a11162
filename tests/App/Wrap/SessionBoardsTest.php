<?php

declare(strict_types=1);

namespace Tests\App\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Copies\SessionWatch;
use App\Desks\Wrap\BoardsDesk;
use App\Devices\StandIn\Exposure;
use App\Devices\StandIn\FrameMaker;
use App\Jobs\ReadBoards;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Cards\Frame;
use App\Models\Copies\Destination;
use App\Models\Copies\SessionFileRow;
use App\Models\Copies\SessionFolder;
use App\Models\Kit\Card;
use App\Models\Plan\StudioRecord;
use App\Models\Wrap\SessionReading;
use Illuminate\Support\Facades\Bus;
use NorthSatchel\Copies\Digest;
use NorthSatchel\Plan\Boards\BoardCode;
use Tests\App\TestCase;
use Tests\Support\BoardPictures;

/** Number boards in what a capture program writes: read at once, known by content, and counted once where a card holds them too. */
final class SessionBoardsTest extends TestCase
{
    use CatalogueShoot;

    private Job $job;

    private string $url;

    private string $session;

    private int $now;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demoOfCards();
        $this->job = Job::query()->where('name', 'like', 'Wool%')->firstOrFail();
        $this->url = "/jobs/{$this->job->id}/boards";
        $this->session = config('satchel.standins').'/Wool-2026';
        mkdir($this->session);
        $this->now = (int) now()->format('U');
        $drives = Destination::query()->where('device_kind', '!=', 'cloud')->orderBy('id')->limit(2)->get();
        SessionFolder::query()->where('job_id', $this->job->id)->delete();
        $this->put("/jobs/{$this->job->id}/session", [
            'folder' => $this->session,
            'automatic_id' => $drives[0]->id,
            'by_hand_id' => $drives[1]->id,
            'allowed_minutes' => '10',
            'is_watched' => '1',
        ])->assertSessionHasNoErrors();
        $this->put($this->url, ['products' => "11, Shawl, ×2\n12, Cap"])->assertSessionHasNoErrors();
    }

    /** @param  int|null  $board  0: a frame of a product */
    private function write(string $name, int $board, int $minute): void
    {
        $key = StudioRecord::query()->where('job_id', $this->job->id)->firstOrFail()->boardKey();
        $codes = $board === 0 ? [$name] : [BoardCode::of($key, $board)];
        file_put_contents("{$this->session}/{$name}.jpg", BoardPictures::jpeg($codes, 600, 400));
        touch("{$this->session}/{$name}.jpg", $this->now - 3600 + 60 * $minute);
    }

    private function settle(int $after = 0): void
    {
        $folder = SessionFolder::query()->with(['automatic', 'byHand'])->where('job_id', $this->job->id)->firstOrFail();
        $watch = new SessionWatch($folder);
        $watch->look($this->now + $after);
        $watch->look($this->now + $after + 1);
    }

    private function readBoards(): void
    {
        app()->call([new ReadBoards($this->job->id), 'handle']);
    }

    /** @return array<string, int|null> by name of each frame, in the order of time: the board that was read, 0 where none */
    private function boards(): array
    {
        $boards = [];
        foreach (app(BoardsDesk::class)->boardFrames(BriefDesk::open($this->job->id)) as $frame) {
            $boards[$frame->name] = $frame->boards === null ? null : $frame->boards[0] ?? 0;
        }

        return $boards;
    }

    public function test_what_the_capture_program_writes_is_told_apart_by_its_boards(): void
    {
        // Named as they come, and taken in another order than their names.
        foreach ([['d', 11, 1], ['b', 0, 2], ['c', 0, 3], ['a', 12, 4], ['e', 0, 5]] as [$name, $board, $minute]) {
            $this->write($name, $board, $minute);
        }
        file_put_contents("{$this->session}/session.settings", 'of the program itself');
        $this->get($this->url)->assertSee('No frame is known yet');
        $this->settle();
        $this->get($this->url)->assertSee('0 of 5 frames are looked through');
        $this->get("/jobs/{$this->job->id}/plan")->assertOk();
        $this->readBoards();
        $this->assertSame(['d' => 11, 'b' => 0, 'c' => 0, 'a' => 12, 'e' => 0], $this->boards());
        $this->get($this->url)->assertSee('5 of 5 frames')->assertSee('Every frame belongs to a product, and every product has its frames.');

        // One more, before a board was shown: whose it is, is said, and holds when the program gives it another name.
        $this->write('first', 0, 0);
        $this->settle(5);
        $this->get($this->url)->assertSee('5 of 6 frames are looked through')->assertSee('In 1 frame nobody has looked for a board.');
        $this->readBoards();
        $this->get($this->url)->assertSee('1 frame belongs to no product.')->assertSee('Whose are these?');
        $first = app(BoardsDesk::class)->boardFrames(BriefDesk::open($this->job->id))[0];
        $this->get("{$this->url}/frames/{$first->id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get("{$this->url}/frames/session-999999")->assertNotFound();
        $this->post("{$this->url}/say", ['frame' => $first->id, 'product' => 12])->assertSessionHasNoErrors();
        $this->get($this->url)->assertDontSee('1 frame belongs to no product.');
        rename("{$this->session}/first.jpg", "{$this->session}/Cap side.jpg");
        $this->settle(10);
        $boards = $this->boards();
        $this->assertSame(['Cap side', 6], [array_key_first($boards), count($boards)], 'it counts once');
        $this->get($this->url)->assertSee('6 of 6 frames')->assertDontSee('1 frame belongs to no product.');

        // Written anew, it is another picture: what was read holds no longer.
        $this->write('a', 0, 6);
        $this->settle(20);
        $this->assertNull($this->boards()['a']);
        $this->readBoards();
        $this->assertSame(0, $this->boards()['a']);
        $this->assertSame(6, SessionReading::query()->count());
    }

    /** The demo's capture program holds up each product's board, as a person would. */
    public function test_a_session_of_a_catalogue_is_written_by_the_stand_in(): void
    {
        foreach (range(1, 2) as $press) {
            $this->travel(1)->minutes();
            $this->post("/jobs/{$this->job->id}/stand-ins/session")->assertSessionHasNoErrors();
        }
        $this->now += 300;
        $this->settle();
        $this->readBoards();
        // Shawl twice and a cap, and from the start again.
        $this->assertSame([11, 0, 0, 12, 0, 11, 0, 0], array_values($this->boards()));
    }

    /** Two session folders of two jobs in two zones, looked at by one watcher. */
    public function test_a_moment_is_one_moment_in_two_zones(): void
    {
        $other = SessionFolder::query()->create([
            ...SessionFolder::query()->where('job_id', $this->job->id)->firstOrFail()->only(['automatic_id', 'by_hand_id', 'allowed_minutes']),
            'job_id' => Job::query()->where('id', '!=', $this->job->id)->value('id'),
            'folder' => config('satchel.standins').'/Elsewhere-2026',
            'is_watched' => true,
        ]);
        mkdir($other->folder);
        Place::query()->whereKey(Job::query()->findOrFail($other->job_id)->place_id)->update(['timezone' => 'Asia/Tokyo']);
        $jpeg = (new FrameMaker('Fjord Tethered', 'T1', 100))->jpeg(new Exposure($this->now, 0, 'Macro', 100, 160, 11.0, 100, 'Cap'), 0, 1);
        file_put_contents("{$this->session}/here.jpg", $jpeg);
        file_put_contents("{$other->folder}/there.jpg", $jpeg);
        foreach (SessionFolder::query()->with(['automatic', 'byHand'])->get() as $folder) {
            $watch = new SessionWatch($folder);
            $watch->look($this->now);
            $watch->look($this->now + 1);
        }
        $taken = SessionFileRow::query()->pluck('taken_at', 'path');
        $this->assertNotNull($taken['here.jpg']);
        $this->assertSame($taken['here.jpg'], $taken['there.jpg'], 'this camera writes its zone beside the time');
    }

    public function test_boards_are_looked_for_as_frames_come_in(): void
    {
        Bus::fake([ReadBoards::class]);
        BoardsDesk::readSoon($this->job->id);
        Bus::assertDispatchedTimes(ReadBoards::class, 1);
        StudioRecord::query()->where('job_id', $this->job->id)->update(['products' => '']);
        BoardsDesk::readSoon($this->job->id);
        Bus::assertDispatchedTimes(ReadBoards::class, 1);
    }

    /** Shot into the computer with a card in the camera. */
    public function test_a_frame_that_lies_on_a_card_too_counts_once(): void
    {
        $this->shoot($this->job);
        $onCard = count($this->boards());
        $this->assertGreaterThan(2, $onCard);
        $files = [];
        foreach (Frame::query()->where('kind', 'jpeg')->orderBy('card_id')->orderBy('path')->get() as $frame) {
            $bytes = (string) file_get_contents(Card::query()->findOrFail($frame->card_id)->folder."/{$frame->path}");
            $files[$frame->id] = $bytes;
            file_put_contents("{$this->session}/".basename($frame->path), $bytes);
        }
        $this->settle();
        $this->assertCount($onCard, $this->boards(), 'the same name and second');
        $this->readBoards();
        $this->get($this->url)->assertSee("{$onCard} of {$onCard} frames are looked through");

        // Renamed by the program, it is known by its content, once that of the card is known.
        $id = array_key_first($files);
        $path = basename(Frame::query()->findOrFail($id)->path);
        rename("{$this->session}/{$path}", "{$this->session}/Renamed.jpg");
        $this->settle(10);
        Frame::query()->whereKey($id)->update(['hash' => Digest::ofText($files[$id])]);
        $this->assertCount($onCard, $this->boards(), 'the same content');
        $this->assertArrayHasKey('Renamed', $this->boards());
    }
}
