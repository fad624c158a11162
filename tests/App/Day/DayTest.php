<?php

declare(strict_types=1);

namespace Tests\App\Day;

use App\Desks\People\CallOrderDesk;
use App\Desks\People\PeopleDesk;
use App\Jobs\OrderAroundTheMissing;
use App\Models\Brief\Job;
use App\Models\People\ShareLink;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use NorthSatchel\Time\ClockTime;
use Tests\App\TestCase;

/** What now, what next, how late: taps go up, the plan follows, links show no more than they may. */
final class DayTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
        Carbon::setTestNow(Carbon::parse($this->job->date.' 10:00', $this->job->place->timezone));
        $this->signIn();
    }

    /**
     * @param  list<array{string, array<string, int|string>}>  $taps  kind and what it acts on
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function sync(array $taps, ?string $url = null, string $has = ''): TestResponse
    {
        $events = array_map(
            fn (array $t): array => [
                'id' => $t[2] ?? (string) Str::uuid(),
                'kind' => $t[0],
                'on' => ['job' => $this->job->id, ...$t[1]],
                'made_at' => now()->toIso8601ZuluString(),
            ],
            $taps,
        );

        return $this->postJson($url ?? "/jobs/{$this->job->id}/day/sync", [
            'events' => $events,
            'sent_at' => now()->toIso8601ZuluString(),
            'has' => $has,
        ]);
    }

    private function segment(string $title): Segment
    {
        return Segment::query()->where('job_id', $this->job->id)->where('title', $title)->firstOrFail();
    }

    public function test_a_way_out_taken_on_a_phone_becomes_the_plan_and_goes_back_with_its_tap(): void
    {
        $next = $this->segment('First look on the jetty');
        $id = (string) Str::uuid();
        $answer = $this->sync([['rearranged', ['segment' => $next->id, 'late' => 10, 'way' => 'most'], $id]])->assertOk();
        $answer->assertJsonPath('taken', [$id])->assertJsonPath('clashes', [])->assertJsonPath('applied', [$id]);
        $this->assertSame('11:25', $next->refresh()->start_clock);
        $starts = collect($answer->json('pocket.segments'))->firstWhere('id', $next->id);
        $this->assertSame('11:25', $starts['start'], 'the pocket is the new plan');
        $this->sync([['undone', ['of' => $id]]])->assertOk();
        $this->assertSame('11:15', $next->refresh()->start_clock);
        $this->assertNotNull(PlanChange::query()->where('tap_id', $id)->firstOrFail()->undone_at);
    }

    public function test_the_weather_moves_what_is_still_to_come_and_goes_back_with_its_tap(): void
    {
        Carbon::setTestNow(Carbon::parse($this->job->date.' 13:00', $this->job->place->timezone));
        [$over, $coming, $inside] = [$this->segment('First look on the jetty'), $this->segment('Lakeside portraits'), $this->segment('Ceremony')];
        // The portraits lie around the sunset of that day, and the ceremony behind them.
        [$from, $later] = [$coming->start_clock, ClockTime::of($coming->start_clock)->plus(60)->text()];
        $stays = $inside->start_clock;
        $id = (string) Str::uuid();
        $this->sync([['delayed', ['day' => 0, 'minutes' => 60], $id]])->assertOk()->assertJsonPath('clashes', []);
        $clocks = static fn (): array => array_map(static fn (Segment $s): string => $s->refresh()->start_clock, [$over, $coming, $inside]);
        $this->assertSame(['11:15', $later, $stays], $clocks(), 'what is over and what is indoors stays');
        $this->sync([['undone', ['of' => $id]]]);
        $this->assertSame(['11:15', $from, $stays], $clocks());
        $store = Spot::query()->where('name', 'Boat store')->firstOrFail();
        $answer = $this->sync([['sheltered', ['segment' => $coming->id, 'spot' => $store->id]]])->assertOk();
        $this->assertSame([$store->id, false], [$coming->refresh()->spot_id, $coming->is_outdoor]);
        $this->assertSame([], collect($answer->json('pocket.segments'))->firstWhere('id', $coming->id)['shelters'], 'under a roof it needs none');
    }

    public function test_every_tap_is_answered_by_itself_and_what_is_known_is_not_sent_again(): void
    {
        $details = $this->segment('Details and getting ready');
        $answer = $this->sync([
            ['started', ['segment' => $details->id]],
            ['started', ['segment' => $details->id, 'job' => $this->job->id + 1]],
            ['noted', ['segment' => $details->id, 'words' => '<b>Aunt</b> & "co"']],
            ['noted', ['segment' => $details->id, 'words' => str_repeat('x', 501)]],
            ['rearranged', ['segment' => 999, 'late' => 10, 'way' => 'most']],
            ['rearranged', ['segment' => $details->id, 'late' => 10, 'way' => 'any']],
        ])->assertOk();
        $this->assertCount(3, $answer->json('taken'));
        $this->assertSame(
            ['A tap acts on things by their numbers.', 'A tap acts on things by their numbers.', 'That tap is of another job.'],
            array_column($answer->json('refused'), 'why'),
        );
        $this->assertStringContainsString('no longer fits', $answer->json('clashes.0.why'));
        $this->sync([], has: (string) $answer->json('version'))->assertJsonPath('pocket', null);
        $this->get("/jobs/{$this->job->id}/day")->assertOk()->assertDontSee('<b>Aunt</b>', false);
        $this->get("/jobs/{$this->job->id}/day/phones")->assertSee('30 min late')->assertSee('is about something that is not in the plan.');
        $this->assertSame('no-store, private', $this->get("/jobs/{$this->job->id}/day")->headers->get('Cache-Control'));
    }

    private function link(string $kind): string
    {
        $page = $this->followingRedirects()->post("/jobs/{$this->job->id}/day/share", ['kind' => $kind])->assertOk()->getContent();
        $this->assertSame(1, preg_match('#/day/([A-Za-z0-9]{40})#', (string) $page, $found));

        return "/day/{$found[1]}";
    }

    public function test_a_photographer_s_link_opens_their_lane_and_takes_their_taps(): void
    {
        $hidden = $this->segment('Drinks by the stove');
        $hidden->update(['hidden_from' => ['second']]);
        $url = $this->link('day-second');
        $this->app['auth']->guard()->forgetUser();
        $page = $this->get($url)->assertOk();
        $page->assertSee('Emrik gets ready')->assertDontSee('Lakeside portraits')->assertDontSee('Drinks by the stove');
        $page->assertDontSee('the leaving of');
        $own = $this->segment('Emrik gets ready');
        $answer = $this->sync(
            [['started', ['segment' => $own->id]], ['started', ['segment' => $this->segment('Lakeside portraits')->id]], ['pack', ['item' => 1]]],
            "{$url}/sync",
        );
        $this->assertCount(1, $answer->json('taken'));
        $this->assertSame(['That is not for this link.', 'That is not for this link.'], array_column($answer->json('refused'), 'why'));
        $this->assertCount(1, $answer->json('taps'));
    }

    /** A link takes back what is of its lane and nothing else, and does not move the day of everybody. */
    public function test_a_link_takes_back_only_what_is_its_own(): void
    {
        [$lead, $own, $undone] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $this->sync([
            ['started', ['segment' => $this->segment('Details and getting ready')->id], $lead],
            ['undone', ['of' => $lead], $undone],
        ]);
        $url = $this->link('day-second').'/sync';
        $answer = $this->sync([
            ['started', ['segment' => $this->segment('Emrik gets ready')->id], $own],
            ['undone', ['of' => $lead]],
            ['undone', ['of' => $undone]],
            ['delayed', ['day' => 0, 'minutes' => 60]],
        ], $url)->assertOk();
        $this->assertSame([$own], $answer->json('taken'));
        $this->assertCount(3, $answer->json('refused'));
        $this->assertSame([$own], array_column($answer->json('taps'), 'id'), 'nor does it see what was taken back elsewhere');
        // Those that take back each other in a circle take nothing back, and end.
        [$a, $b] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->sync([['undone', ['of' => $b], $a]], $url)->assertOk();
        $this->sync([['undone', ['of' => $a], $b]], $url)->assertOk();
        $this->sync([['undone', ['of' => $a]]], $url)->assertOk();
        $back = $this->sync([['undone', ['of' => $own]]], $url);
        $this->assertCount(1, $back->json('taken'));
        $this->assertEqualsCanonicalizing(['started', 'undone'], array_column($back->json('taps'), 'kind'));
    }

    private function gearOf(string $lane): int
    {
        return (int) collect($this->sync([])->json('pocket.gear'))->firstWhere('lane', $lane)['item'];
    }

    public function test_what_broke_says_what_stands_in_for_it_until_it_works_again(): void
    {
        $gear = collect($this->sync([])->json('pocket.gear'));
        $this->assertGreaterThan(3, $gear->count());
        $breaks = $gear->filter(static fn (array $g): bool => str_starts_with($g['says'], 'Missing without it: '));
        $this->assertNotSame([], $breaks->all(), 'the demo has a gap');
        $this->assertNotSame([], $gear->filter(static fn (array $g): bool => str_contains($g['says'], 'has no spare'))->all());
        $item = $gear->first()['item'];
        $this->assertSame([$item], $this->sync([['broke', ['item' => $item]]])->json('broken'));
        Carbon::setTestNow(now()->addMinute());
        $this->assertSame([], $this->sync([['mended', ['item' => $item]]])->json('broken'));
    }

    public function test_cards_are_swapped_on_the_phone_in_the_bodies_that_one_carries(): void
    {
        $bodies = collect($this->sync([])->json('slots.bodies'));
        $lead = $bodies->firstWhere('label', 'Body A');
        $second = $bodies->firstWhere('lane', 'second');
        $this->assertNotNull($lead['first']);
        $this->assertGreaterThan(100, $lead['frames']);
        $url = $this->link('day-second').'/sync';
        $answer = $this->sync([
            ['unload', ['card' => $lead['first']['id']]],
            ['unload', ['card' => $second['first']['id']]],
            ['load', ['card' => 1, 'body' => $lead['id'], 'slot' => 1]],
            ['new-cell', ['body' => $lead['id']]],
            ['new-cell', ['body' => $second['id']]],
            ['found', ['person' => 1]],
            ['broke', ['item' => $this->gearOf('lead')]],
            ['broke', ['item' => $this->gearOf('second')]],
        ], $url)->assertOk();
        $this->assertSame([$this->gearOf('second')], $answer->json('broken'));
        $this->assertSame(['second'], array_values(array_unique(array_column($answer->json('pocket.gear'), 'lane'))));
        $this->assertSame(array_fill(0, 5, 'That is not for this link.'), array_column($answer->json('refused'), 'why'));
        $this->assertSame(['second'], array_values(array_unique(array_column($answer->json('slots.bodies'), 'lane'))));
        $this->assertNull($answer->json('slots.bodies.0.first'), 'that card is out');
        $this->assertCount(1, $answer->json('slots.bodies.0.celled'));
        $this->assertSame([null, null], [$answer->json('pocket.calling'), $answer->json('called')], 'the family is on the own page only');
        $this->assertNotNull(collect($this->sync([])->json('slots.bodies'))->firstWhere('label', 'Body A')['first']);
        $this->assertSame([], $this->sync([], $this->link('day-coordinator').'/sync')->json('slots.bodies'));
    }

    public function test_the_phone_knows_the_order_around_each_who_is_missing_once_it_was_worked_out(): void
    {
        $calling = $this->sync([])->json('pocket.calling');
        Bus::assertDispatched(OrderAroundTheMissing::class);
        $lines = array_column($calling['lines'], 'people', 'id');
        $missing = (int) array_key_first($calling['around']);
        $theirs = array_keys(array_filter($lines, static fn (array $people): bool => in_array($missing, $people, true)));
        $order = $calling['around'][$missing];
        $this->assertSame($theirs, array_slice($order, -count($theirs)), 'theirs come last');
        $this->assertSame(array_values(array_diff(array_keys($lines), $theirs)), array_slice($order, 0, -count($theirs)));
        (new OrderAroundTheMissing($this->job->id))->handle(app(PeopleDesk::class), app(CallOrderDesk::class));
        (new OrderAroundTheMissing(99))->handle(app(PeopleDesk::class), app(CallOrderDesk::class));
        $then = $this->sync([])->json('pocket.calling.around');
        $this->assertNotSame($calling['around'], $then);
        $this->assertSame($theirs, array_slice($then[$missing], -count($theirs)));
        $this->assertEqualsCanonicalizing($order, $then[$missing], 'the same groups');
    }

    public function test_the_coordinator_sees_times_taps_nothing_and_reads_no_note(): void
    {
        $details = $this->segment('Details and getting ready');
        $this->sync([['started', ['segment' => $details->id]], ['noted', ['segment' => $details->id, 'words' => 'Aunt Bisi is not well']]]);
        $secret = $this->segment('Surprise: lanterns on the water');
        $secret->update(['hidden_from' => ['coordinator']]);
        $url = $this->link('day-coordinator');
        $page = $this->get($url)->assertOk();
        $page->assertSee('Details and getting ready')->assertSee('Emrik gets ready');
        foreach (['lanterns', 'Bisi', 'Rings and the letter', '"ways":[{"name"'] as $what) {
            $page->assertDontSee($what, false);
        }
        $this->assertSame(['started'], array_column($this->sync([['done', ['segment' => $details->id]]], "{$url}/sync")->json('taps'), 'kind'));
        $this->post('/day-links/'.ShareLink::query()->latest('id')->firstOrFail()->id.'/revoke');
        $this->get($url)->assertNotFound();
        $this->postJson("{$url}/sync", ['events' => []])->assertNotFound();
    }

    public function test_the_pretended_clock_is_of_the_demo_alone(): void
    {
        config(['satchel.demo' => false]);
        $this->post("/jobs/{$this->job->id}/day/play", ['play_clock' => '10:00', 'speed' => 60])->assertNotFound();
        $this->get("/jobs/{$this->job->id}/day/phones")->assertDontSee('Play the day');
    }
}
