<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\People\ShareLink;
use App\Models\Taps\TapRecord;
use Illuminate\Support\Str;
use Tests\App\TestCase;

/** The caller's link, and the list being called. */
final class CallTest extends TestCase
{
    private Job $job;

    private string $link;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
        Person::query()
            ->where('name', 'Nils')
            ->update(['name' => 'Nils Barnes', 'role' => 'son of Jonas, 128 cm, <i>cap</i>']);
        FormalGroup::query()
            ->where('title', 'like', '%Emrik%brothers and sisters and theirs')
            ->update(['position' => 0, 'people' => json_encode(['Tuva', 'Emrik', 'Jonas', 'Nils Barnes'])]);
        $this->post("/jobs/{$this->job->id}/call/links")->assertRedirect();
        $this->link = (string) parse_url((string) session('link'), PHP_URL_PATH);
        $this->post('/sign-out');
        app('auth')->forgetGuards();
    }

    /** @param  array<string, int>  $on */
    private function tap(string $kind, array $on, ?string $id = null, ?string $to = null): \Illuminate\Testing\TestResponse
    {
        return $this->postJson($to ?? "{$this->link}/events", [
            'events' => [
                ['id' => $id ?? (string) Str::uuid(), 'kind' => $kind, 'on' => $on, 'made_at' => now()->toIso8601ZuluString('millisecond')],
            ],
        ]);
    }

    private static function person(string $name): int
    {
        return Person::query()->where('name', $name)->where('job_id', 1)->firstOrFail()->id;
    }

    public function test_the_link_shows_the_list_and_nothing_else(): void
    {
        $page = $this->get($this->link)->assertOk();
        $page->assertSee('brothers and sisters')->assertSee('Jonas')->assertSee('>Nils<', false)->assertDontSee('Nils Barnes');
        $page->assertSee('&lt;i&gt;cap', false)->assertDontSee('<i>cap', false);
        foreach (['Lakeside portraits', 'Surprise', 'Sundnes', 'apart', 'divorced', 'Shot, next', '/jobs/'] as $secret) {
            $page->assertDontSee($secret);
        }
        $this->get('/jobs/1/people')->assertRedirect('/sign-in');
        $this->get('/jobs/1/call')->assertRedirect('/sign-in');
    }

    public function test_a_tap_counts_once_and_the_photographer_sees_it(): void
    {
        $id = (string) Str::uuid();
        for ($i = 0; $i < 2; $i++) {
            $this->tap('found', ['job' => 1, 'person' => self::person('Jonas')], $id)
                ->assertOk()
                ->assertJson(['taken' => [$id], 'refused' => []]);
        }
        $this->assertSame(1, TapRecord::query()->where('kind', 'found')->count());
        $this->signIn();
        $this->get('/jobs/1/call')->assertSee('✓ Jonas')->assertSee('1 still to be found');
        $this->tap('lost', ['job' => 1, 'person' => self::person('Jonas')]);
        $this->get('/jobs/1/call')->assertDontSee('✓ Jonas');
        $group = FormalGroup::query()->orderBy('position')->firstOrFail();
        $this->tap('shot', ['job' => 1, 'group' => $group->id], to: '/events')->assertOk();
        $this->get('/jobs/1/call')
            ->assertDontSee($group->title.'</h1>', false)
            ->assertSee('22 left');
        $this->get('/jobs/1/call/sheet')
            ->assertOk()
            ->assertSee('Whom do I call')
            ->assertDontSee($group->title)
            ->assertDontSee('Nils Barnes');
    }

    public function test_a_group_that_the_couple_calls_comes_next(): void
    {
        $this->signIn();
        $this->post('/jobs/1/call/groups', ['people' => 'ragna, Solveig'])->assertRedirect('/jobs/1/call');
        $this->get('/jobs/1/call')->assertSee('Ragna, Solveig</h1>', false)->assertSee('24 left');
        $this->post('/jobs/1/call/groups', ['people' => 'Gunvor, Torleif'])->assertSessionHasErrors('people');
        $this->post('/jobs/1/call/groups', ['people' => ''])->assertSessionHasErrors('people');
    }

    public function test_the_list_goes_on_without_who_is_missing_and_the_pace_is_told(): void
    {
        $this->signIn();
        $first = FormalGroup::query()->orderBy('position')->firstOrFail();
        $this->post('/jobs/1/call/around')->assertRedirect('/jobs/1/call');
        $order = FormalGroup::query()->orderBy('position')->get();
        $missing = array_diff($first->people, ['Tuva', 'Emrik']);
        $this->assertNotSame($first->id, $order[0]?->id);
        $isWith = $order->map(static fn (FormalGroup $g): bool => array_intersect($g->people, $missing) !== [])->all();
        $sorted = $isWith;
        sort($sorted);
        $this->assertSame($sorted, $isWith, 'all groups with somebody missing come last');
        foreach ($order->take(3) as $index => $group) {
            $this->travelTo(now()->addMinutes(3));
            $this->tap('shot', ['job' => 1, 'group' => $group->id], to: '/events');
        }
        $this->get('/jobs/1/call')->assertSee('3 min a group')->assertSee('20 left');
    }

    public function test_a_caller_may_only_say_who_is_found_on_this_list(): void
    {
        $other = Person::query()->create(['job_id' => 2, 'name' => 'Elsewhere']);
        foreach (
            [
                ['shot', ['job' => 1, 'group' => 1]],
                ['pack', ['job' => 1, 'item' => 1]],
                ['found', ['job' => 2, 'person' => $other->id]],
                ['found', ['job' => 1, 'person' => $other->id]],
            ] as [$kind, $on]
        ) {
            $this->assertCount(1, (array) $this->tap($kind, $on)->assertOk()->json('refused'), $kind);
        }
        $this->assertSame(
            0,
            TapRecord::query()
                ->whereIn('kind', ['shot', 'found'])
                ->count(),
        );
        $this->assertCount(
            600,
            (array) $this->postJson("{$this->link}/events", ['events' => array_fill(0, 600, [])])
                ->assertOk()
                ->json('refused'),
            'each is answered by itself',
        );
    }

    public function test_a_link_that_is_guessed_expired_or_taken_back_opens_nothing(): void
    {
        $this->get('/call/'.Str::random(40))->assertNotFound();
        $this->get('/call/short')->assertNotFound();
        $link = ShareLink::query()->firstOrFail();
        $this->assertStringNotContainsString(substr($this->link, 6), (string) json_encode($link->getAttributes()), 'only a digest is kept');
        $link->update(['expires_at' => now()->subMinute()]);
        $this->get($this->link)->assertNotFound();
        $this->tap('found', ['job' => 1, 'person' => self::person('Jonas')])->assertNotFound();
        $link->update(['expires_at' => now()->addDay()]);
        $this->get($this->link)->assertOk();
        $this->signIn();
        $this->delete("/links/{$link->id}")->assertRedirect();
        $this->get($this->link)->assertNotFound();
        for ($i = 0; $i < 130; $i++) {
            $status = $this->get('/call/'.Str::random(40))->status();
        }
        $this->assertSame(429, $status ?? 0, 'guessing is throttled');
    }
}
