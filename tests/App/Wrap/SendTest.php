<?php

declare(strict_types=1);

namespace Tests\App\Wrap;

use App\Desks\Wrap\SendQueue;
use App\Jobs\SendPictures;
use App\Models\Cards\Frame;
use App\Models\Copies\AllowedRoot;
use App\Models\Kit\Card;
use App\Models\Wrap\EditorsDeskRecord;
use App\Models\Wrap\SentPicture;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Picture\FrameKind;
use Tests\App\TestCase;
use Tests\Support\Pictures;
use Tests\Support\SftpServer;

/** Pictures to the editor's desk: a folder, and a real SFTP server of this machine. */
final class SendTest extends TestCase
{
    private ?SftpServer $server = null;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        config(['satchel.resend_ms' => 0]);
        Bus::fake([SendPictures::class]);
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 4]);
        $this->post('/jobs/1/cards/seal');
    }

    protected function tearDown(): void
    {
        $this->server?->stop();
        parent::tearDown();
    }

    /** @return list<int> frames that can be chosen on the page */
    private function offered(): array
    {
        preg_match_all('/name="frames\[\]" value="(\d+)"/', (string) $this->get('/jobs/1/send')->assertOk()->getContent(), $found);

        return array_map(intval(...), $found[1]);
    }

    private function send(): void
    {
        $this->app->forgetScopedInstances();
        (new SendPictures(1))->handle(app(SendQueue::class));
    }

    /** @return array<string, string> names and contents that lie there */
    private static function there(string $folder): array
    {
        $files = [];
        foreach (array_diff(scandir($folder) ?: [], ['.', '..']) as $name) {
            $files[$name] = (string) file_get_contents("{$folder}/{$name}");
        }

        return $files;
    }

    public function test_into_a_folder_once_each_with_the_caption_in_it(): void
    {
        $folder = $this->folder('editor');
        $this->get('/jobs/1/send')->assertOk()->assertSee('Newest frames that are not in the queue');
        $this->from('/jobs/1/send')->put('/jobs/1/send/desk', ['kind' => 'sftp', 'path' => '/in'])->assertSessionHasErrors(['host', 'user']);
        $desk = ['kind' => 'folder', 'path' => $folder, 'creator' => 'Tyra Ås', 'copyright' => '© Tyra'];
        $this->put('/jobs/1/send/desk', $desk)->assertSessionHasNoErrors();
        [$first, $second] = $this->offered();
        $this->from('/jobs/1/send')->post('/jobs/1/send', [])->assertSessionHasErrors('frames');
        $this->from('/jobs/1/send')->post('/jobs/1/send', ['frames' => [$first], 'due_clock' => 'noon'])->assertSessionHasErrors('due_clock');
        $this->post('/jobs/1/send', ['frames' => [$first, 99_999]])->assertSessionHasNoErrors();
        $this->post('/jobs/1/send', ['frames' => [$first, $second], 'due_clock' => '7 pm'])->assertSessionHasNoErrors();
        $this->assertSame([$first => null, $second => '19:00'], SentPicture::query()->pluck('due_clock', 'frame_id')->all(), 'each once');
        Bus::assertDispatched(SendPictures::class);
        $this->send();
        $this->get('/jobs/1/send')->assertSee('2 pictures did not go through.');
        $this->assertSame([], self::there($folder), 'it may not be used before somebody said so');

        AllowedRoot::query()->create(['path' => realpath($folder)]);
        file_put_contents("{$folder}/keep", 'theirs');
        $this->send();
        $this->send();
        $there = self::there($folder);
        unset($there['keep']);
        $this->assertCount(2, $there);
        foreach (SentPicture::query()->get() as $picture) {
            $this->assertSame($picture->hash, hash('xxh128', $there[(string) $picture->name]));
            $this->assertNotNull($picture->sent_at);
        }
        $this->get('/jobs/1/send')->assertSee('went to the editor')->assertSee('there, read back at')->assertSee('MB/s, as last measured');
        // Another editor has none of it.
        $this->put('/jobs/1/send/desk', [...$desk, 'path' => dirname($folder)])->assertSessionHasNoErrors();
        $this->get('/jobs/1/send')->assertSee('2 pictures went to another desk than this one')->assertDontSee('Everything in the queue went');
        $this->put('/jobs/1/send/desk', $desk)->assertSessionHasNoErrors();
        $this->get('/jobs/1/send')->assertSee('Everything in the queue went');
        // IPTC-IIM 4.2, read back by exiftool.
        exec('exiftool -j -charset iptc=utf8 -charset utf8 -IPTC:all '.escapeshellarg("{$folder}/".array_key_first($there)), $out);
        $read = json_decode(implode("\n", $out), true)[0];
        $this->assertSame(['Tyra Ås', '© Tyra'], [$read['By-line'], $read['CopyrightNotice']]);
        $this->assertStringContainsString('Tuva and Emrik, lakeside wedding', $read['Caption-Abstract']);
        $this->assertNotFalse(imagecreatefromstring(reset($there)), 'it is a picture still');
    }

    /** Who writes raw alone sends the picture that the raw carries; where it carries none, that is said, and no card is asked for. */
    public function test_raw_alone_goes_as_the_picture_in_it(): void
    {
        $folder = $this->folder('editor');
        AllowedRoot::query()->create(['path' => realpath($folder)]);
        $this->put('/jobs/1/send/desk', ['kind' => 'folder', 'path' => $folder]);
        $raw = Frame::query()->where('kind', FrameKind::Raw->value)->firstOrFail();
        Frame::query()->where('kind', FrameKind::Jpeg->value)->delete();
        $at = Card::query()->findOrFail($raw->card_id)->folder.'/'.$raw->path;
        $this->post('/jobs/1/send', ['frames' => [$raw->id]]);
        $this->assertSame(1, SentPicture::query()->count());
        $this->send();
        $this->get('/jobs/1/send')->assertSee('Its raw carries no picture')->assertDontSee('put its card into the reader');
        $this->assertSame([], self::there($folder));
        $this->assertSame(0, SentPicture::query()->firstOrFail()->tries, 'what cannot go as it is is not tried again and again');

        file_put_contents($at, Pictures::dng(isAlone: true));
        $this->send();
        $this->assertCount(1, self::there($folder));
        $this->assertNotFalse(imagecreatefromstring(implode('', self::there($folder))));
        unlink($at);
        SentPicture::query()->update(['sent_at' => null, 'name' => null]);
        $this->send();
        $this->get('/jobs/1/send')->assertSee('It cannot be read: put its card into the reader.');
    }

    public function test_what_has_its_name_there_already_keeps_it_and_who_may_be_named_wrongly_waits(): void
    {
        $folder = $this->folder('editor');
        AllowedRoot::query()->create(['path' => realpath($folder)]);
        $this->put('/jobs/1/send/desk', ['kind' => 'folder', 'path' => $folder]);
        [$first, $second] = $this->offered();
        $this->post('/jobs/1/send', ['frames' => [$first, $second]]);
        $name = pathinfo((string) SentPicture::query()->where('frame_id', $first)->firstOrFail()->frame->path, PATHINFO_FILENAME);
        file_put_contents("{$folder}/{$name}.jpg", 'theirs');
        $this->put('/jobs/1/roster', ['players' => "Crew:\n7 Ada Berg\n9 Bo Holm", 'line_up' => 'Crew: 7']);
        $other = pathinfo((string) SentPicture::query()->where('frame_id', $second)->firstOrFail()->frame->path, PATHINFO_FILENAME);
        $this->put('/jobs/1/captions', ['captions' => "{$other} c9 rows"])->assertSessionHasNoErrors();
        $this->send();
        $this->assertSame('theirs', self::there($folder)["{$name}.jpg"], 'nothing there is overwritten');
        $this->assertSame(["{$name}-2.jpg", "{$name}.jpg"], array_keys(self::there($folder)));
        $this->get('/jobs/1/send')->assertSee('may name somebody wrongly: Bo Holm is not in today', false);
        $this->put('/jobs/1/captions', ['captions' => "{$other} c7 rows"]);
        $this->send();
        $this->assertCount(3, self::there($folder));
    }

    public function test_to_a_real_server_over_a_break_and_not_to_one_with_another_key(): void
    {
        if (! is_executable(SftpServer::SSHD)) {
            $this->markTestSkipped('There is no sshd here; ./satchel test installs one.');
        }
        $this->server = SftpServer::in($this->folder('sftp'));
        $this->put('/jobs/1/send/desk', [
            'kind' => 'sftp', 'path' => "{$this->server->folder}/there", 'host' => '127.0.0.1', 'port' => (string) $this->server->port,
            'user' => $this->server->user(), 'secret' => $this->server->privateKey(),
        ])->assertSessionHasNoErrors();
        $stored = (string) DB::table('editors_desks')->value('secret');
        $this->assertStringNotContainsString('PRIVATE KEY', $stored, 'it is kept encrypted');
        $this->get('/jobs/1/send')->assertDontSee('PRIVATE KEY')->assertSee('One is kept, encrypted');
        $frames = array_slice($this->offered(), 0, 3);
        $this->post('/jobs/1/send', ['frames' => $frames]);
        $this->server->stop();
        $this->send();
        $this->get('/jobs/1/send')->assertSee('The server does not answer.')->assertSee('3 pictures did not go through.');
        $this->server->start();
        $this->send();
        $there = self::there("{$this->server->folder}/there");
        $this->assertCount(3, $there);
        $this->assertSame(3, SentPicture::query()->whereNotNull('sent_at')->count());
        foreach (SentPicture::query()->get() as $picture) {
            $this->assertSame($picture->hash, hash('xxh128', $there[(string) $picture->name]));
        }
        $print = EditorsDeskRecord::query()->firstOrFail()->fingerprint;
        $this->assertMatchesRegularExpression('/^([0-9a-f]{2}:){15}[0-9a-f]{2}$/', (string) $print);

        $this->server->stop();
        $this->server->newHostKey();
        $this->server->start();
        $this->post('/jobs/1/send', ['frames' => array_slice($this->offered(), 0, 1)]);
        $this->send();
        $this->get('/jobs/1/send')->assertSee('The server shows another key than before.');
        $this->assertCount(3, self::there("{$this->server->folder}/there"), 'nothing goes to a stranger');
        $this->post('/jobs/1/send/meet');
        $this->send();
        $this->assertCount(4, self::there("{$this->server->folder}/there"));
        $this->assertNotSame($print, EditorsDeskRecord::query()->firstOrFail()->fingerprint);
    }
}
