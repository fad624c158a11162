<?php

declare(strict_types=1);

namespace Tests\App\Wrap;

use App\Devices\BoardReader;
use App\Jobs\ReadBoards;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Kit\Body;
use App\Models\Plan\StudioRecord;
use App\Models\Wrap\BoardReading;
use Illuminate\Http\UploadedFile;
use NorthSatchel\Plan\Boards\BoardCode;
use Tests\App\TestCase;
use Tests\Support\BoardPictures;

/** Number boards, from the printed code to the frames of each product. */
final class BoardsTest extends TestCase
{
    use CatalogueShoot;

    private const PICTURES = 6;

    /** `./satchel trust boards` reads 100. Printed, turned up to 35°, askew by up to a quarter, up to 150 levels darker, soft: seeds as they come. */
    public function test_boards_are_read_from_harmed_pictures_and_none_wrongly(): void
    {
        $reader = new BoardReader();
        $right = 0;
        for ($seed = 1; $seed <= self::PICTURES; $seed++) {
            $codes = $reader->codes((new BoardPictures($seed))->harmed(BoardCode::of(8, $seed)));
            $numbers = array_filter(array_map(static fn (string $code): ?int => BoardCode::read(8, $code), $codes ?? []));
            $this->assertContains($numbers, [[], [$seed]], "picture {$seed} names another product");
            $right += $numbers === [] ? 0 : 1;
        }
        $this->assertGreaterThanOrEqual(0.95 * self::PICTURES, $right);
        $two = $reader->codes(BoardPictures::jpeg([BoardCode::of(8, 42), BoardCode::of(8, 43)]));
        sort($two);
        $this->assertSame([BoardCode::of(8, 42), BoardCode::of(8, 43)], $two);
        $this->assertSame([], $reader->codes((string) file_get_contents(self::blank())));
        $this->assertNull($reader->codes('no picture'));
    }

    private static function blank(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'blank');
        imagejpeg(imagecreatetruecolor(300, 200), $file);

        return $file;
    }

    public function test_a_catalogue_is_shot_read_and_told_apart(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', 'Wool%')->firstOrFail();
        $url = "/jobs/{$job->id}/boards";
        $this->get($url)->assertOk()->assertSee('No frame is known yet');
        foreach (['x, Shawl', "11, A\n11, B", '11'] as $bad) {
            $this->from($url)->put($url, ['products' => $bad])->assertSessionHasErrors('products');
        }
        $this->put($url, ['products' => "11, Shawl <b>, ×2\n12, Cap\n14, Mittens"])->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Shawl &lt;b&gt;', false)->assertDontSee('Shawl <b>', false);
        $this->get("{$url}/print")->assertOk()->assertSee('Code of board 14');
        $this->get("{$url}/12")->assertOk()->assertSee('Cap')->assertDontSee('Mittens');
        $this->get("{$url}/99")->assertNotFound();

        $this->shoot($job);
        $this->get($url)->assertSee('0 of 7 frames are looked through')->assertSee('nobody has looked for a board');
        app()->call([new ReadBoards($job->id), 'handle']);
        $this->assertSame(7, BoardReading::query()->count());
        $this->get($url)->assertSee('7 of 7 frames')->assertSee('Every frame belongs to a product, and every product has its frames.');
        $this->get("/jobs/{$job->id}/plan")->assertOk();

        // The job is taken along, and what is printed on its boards stays right.
        $printed = StudioRecord::query()->where('job_id', $job->id)->firstOrFail()->boardKey();
        $bundle = $this->file('job.zip', (string) $this->get("/jobs/{$job->id}/bundle")->assertOk()->streamedContent());
        $this->post('/jobs/bundle', ['bundle' => new UploadedFile($bundle, 'job.zip', null, null, true)])->assertSessionHasNoErrors();
        $this->assertSame($printed, StudioRecord::query()->latest('id')->firstOrFail()->boardKey());

        // A board that was not shown: its frames go to the one before until somebody says so.
        $second = BoardReading::query()->orderBy('frame_id')->get()->filter(static fn (BoardReading $r): bool => $r->codes !== [])->values()[1];
        $second->update(['codes' => []]);
        $this->get($url)->assertSee('12 Cap lacks frames.');
        $after = Frame::query()->where('kind', 'jpeg')->where('id', '>', $second->frame_id)->orderBy('id')->firstOrFail();
        $this->post("{$url}/say", ['frame' => 'frame-999999', 'product' => 12])->assertSessionHasErrors('frame');
        $this->post("{$url}/say", ['frame' => "frame-{$after->id}", 'product' => 13])->assertSessionHasErrors('product');
        $this->post("{$url}/say", ['frame' => "frame-{$after->id}", 'product' => 12])->assertSessionHasNoErrors();
        $this->get($url)->assertDontSee('12 Cap lacks frames.');
    }

    /** A body that writes raws alone: the boards are read from what they carry for showing, and the frames are seen. */
    public function test_boards_are_read_from_raws_alone(): void
    {
        $this->demo();
        $job = Job::query()->where('name', 'like', 'Wool%')->firstOrFail();
        $url = "/jobs/{$job->id}/boards";
        $this->put($url, ['products' => "11, Shawl, ×1\n12, Cap, ×1"]);
        $this->shoot($job, rawAlone: true);
        $this->assertSame(0, Frame::query()->where('kind', 'jpeg')->count());
        app()->call([new ReadBoards($job->id), 'handle']);
        $this->get($url)->assertSee('4 of 4 frames')->assertSee('every product has its frames.')->assertDontSee('no jpeg to look through');
        $frame = Frame::query()->orderBy('id')->firstOrFail();
        $this->get("/frames/{$frame->id}/preview")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/frames/{$frame->id}/actual")->assertNotFound();
    }
}
