<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\SendingRecord;
use Illuminate\Http\UploadedFile;
use NorthSatchel\Time\ClockTime;
use Tests\App\TestCase;

/** What is sent early, on the demo's finals and from nothing. */
final class SendingTest extends TestCase
{
    private Job $finals;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->signIn();
        $this->finals = Job::query()->where('name', 'like', '%finals')->firstOrFail();
    }

    public function test_the_finals_are_in_time_until_the_net_is_slow(): void
    {
        $url = "/jobs/{$this->finals->id}/sending";
        $this->get($url)->assertOk()->assertSee('14 of 14')->assertSee('All that is wanted early is there in time.');
        $this->get("/jobs/{$this->finals->id}/plan")->assertSee('All that is wanted early is there in time.')->assertSee($url);
        $record = SendingRecord::query()->firstOrFail();
        $fields = ['lane' => 'second', 'rate_mb_s' => '0,05', 'overhead_s' => '5', 'pictures' => $record->pictures, 'gaps' => ''];
        $this->put($url, $fields)->assertSessionHasNoErrors();
        $this->assertSame(0.05, $record->refresh()->rate_mb_s);
        $this->get($url)->assertSee('not there in time')->assertSee('MB/s all would be');
        // A segment that takes longer takes the gap after it away.
        $this->put($url, [...$fields, 'rate_mb_s' => '0.8']);
        Segment::query()->where('title', 'First third')->firstOrFail()->update(['minutes' => 30]);
        $this->get($url)->assertDontSee('after First third');
    }

    /** Who walks from post to post in a break does not send meanwhile. */
    public function test_a_walk_to_the_next_post_and_setting_up_end_a_pause_earlier(): void
    {
        $ends = function (string $title): string {
            $said = strip_tags((string) $this->get("/jobs/{$this->finals->id}/sending")->getContent());
            preg_match("/after {$title}\s+[\d:]+ to ([\d:]+)/", $said, $found);

            return $found[1] ?? 'none';
        };
        $stand = fn (string $title, string $post): bool => Segment::query()->where('title', $title)->firstOrFail()
            ->update(['cover' => ['worth' => [], 'hand' => ['second' => $post]]]);
        $stand('First third', 'West corner');
        $stand('Second third', 'West corner');
        $second = ClockTime::of(Segment::query()->where('title', 'Second third')->value('start_clock'));
        $this->assertSame($second->text(), $ends('First third'));
        $stand('Second third', 'East corner');
        $this->assertSame($second->plus(-2)->text(), $ends('First third'), 'that way has two minutes');
        Segment::query()->where('title', 'Second third')->update(['setup_minutes' => 3]);
        $this->assertSame('none', $ends('First third'), 'two minutes are no time to open a computer');
    }

    public function test_a_bad_line_is_named_and_changes_nothing(): void
    {
        $job = Job::query()->where('kind', 'wedding')->firstOrFail();
        $url = "/jobs/{$job->id}/sending";
        $this->get($url)->assertOk()->assertSee('Nothing is wanted early.');
        $good = ['lane' => 'lead', 'rate_mb_s' => '2', 'overhead_s' => '0', 'pictures' => 'Dress <i>, by 12:00', 'gaps' => ''];
        foreach ([
            'pictures' => ['pictures' => 'Dress, by dawn'],
            'gaps' => ['gaps' => 'Pause'],
            'rate_mb_s' => ['rate_mb_s' => '0'],
            'lane' => ['lane' => 'nobody'],
        ] as $field => $bad) {
            $this->from($url)->put($url, [...$good, ...$bad])->assertSessionHasErrors($field);
        }
        $this->from($url)->put($url, [...$good, 'gaps' => "A, 10:00 to 10:10\nB, 10:05 to 10:20"])->assertSessionHasErrors('gaps');
        $this->get($url)->assertSee('B, 10:05 to 10:20');
        $this->assertSame(1, SendingRecord::query()->count(), 'the demo has one, and this job none yet');
        $this->put($url, $good)->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Dress &lt;i&gt;', false)->assertDontSee('Dress <i>', false);
    }

    public function test_the_hour_at_which_one_must_be_there(): void
    {
        $url = "/jobs/{$this->finals->id}/arrive";
        $page = $this->get($url)->assertOk()->assertSee('Camera above the west goal');
        $page->assertSee('Be there at 16:10: that is before the covered hours begin.');
        $good = ['tasks' => 'Walk, 10 min', 'doors_clock' => '5:30 pm', 'hands' => '1', 'spare_minutes' => '20'];
        foreach (['tasks' => 'Walk', 'doors_clock' => 'noon', 'hands' => '0', 'spare_minutes' => '601'] as $field => $bad) {
            $this->from($url)->put($url, [...$good, $field => $bad])->assertSessionHasErrors($field);
        }
        $this->put($url, $good)->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Be there at 17:00.');
        $this->get("/jobs/{$this->finals->id}/plan")->assertSee('Be there at 17:00.')->assertSee($url);
    }

    public function test_ground_periods_and_sending_go_into_the_bundle_and_come_back(): void
    {
        $zip = $this->folder('bundle').'/finals.zip';
        copy($this->get("/jobs/{$this->finals->id}/bundle")->assertOk()->baseResponse->getFile()->getPathname(), $zip);
        $this->post('/jobs/bundle', ['bundle' => new UploadedFile($zip, 'job.zip', 'application/zip', null, true)])->assertSessionHasNoErrors();
        $again = Job::query()->where('name', $this->finals->name)->orderByDesc('id')->firstOrFail();
        $this->assertNotSame($this->finals->id, $again->id);
        $this->get("/jobs/{$again->id}/cover")->assertOk()->assertSee('101 of 110');
        $this->get("/jobs/{$again->id}/sending")->assertSee('14 of 14');
    }
}
