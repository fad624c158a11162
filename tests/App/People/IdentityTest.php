<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\People\Proposal;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use Tests\App\TestCase;

/** The family may change while its groups are called: people stay who they are. */
final class IdentityTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    private function lines(): string
    {
        return Person::query()
            ->where('job_id', $this->job->id)
            ->orderBy('position')
            ->get()
            ->map(static fn (Person $p): string => $p->name.($p->role === null ? '' : ", {$p->role}"))
            ->implode("\n");
    }

    private static function id(string $name): int
    {
        return Person::query()->where('job_id', 1)->where('name', $name)->firstOrFail()->id;
    }

    private function tap(string $kind, int $person): void
    {
        $this->postJson('/events', [
            'events' => [
                [
                    'id' => (string) Str::uuid(),
                    'kind' => $kind,
                    'on' => ['job' => 1, 'person' => $person],
                    'made_at' => now()->toIso8601ZuluString('millisecond'),
                ],
            ],
        ])->assertOk();
    }

    public function test_a_line_more_keeps_everybody_and_what_was_tapped(): void
    {
        $jonas = self::id('Jonas');
        $this->tap('found', $jonas);
        $this->post('/jobs/1/people/family', ['people' => "Ylva, aunt of Tuva\n".$this->lines()])->assertSessionHasNoErrors();
        $this->assertSame($jonas, self::id('Jonas'));
        $this->get('/jobs/1/call')->assertSee('is complete and could go first');
        $this->assertStringStartsWith("Ylva, aunt of Tuva\n", $this->lines(), 'in the order in which they were typed');
        $brief = Job::query()->with('place')->findOrFail(1);
        $this->put('/jobs/1', [
            ...$brief->only(['name', 'client', 'date', 'covered_from', 'covered_to', 'temperature_c', 'must_haves', 'restrictions']),
            'kind' => $brief->kind->value,
            'place_name' => $brief->place->name,
            'latitude' => $brief->place->latitude,
            'longitude' => $brief->place->longitude,
            'timezone' => $brief->place->timezone,
            'people' => $this->lines(),
        ])->assertSessionHasNoErrors();
        $this->assertSame($jonas, self::id('Jonas'), 'the brief keeps them too');
    }

    public function test_emptying_asks_and_is_undone(): void
    {
        $jonas = self::id('Jonas');
        $count = Person::query()->where('job_id', 1)->count();
        $this->post('/jobs/1/people/family', ['people' => ' '])->assertSessionHasErrors('people');
        $this->assertSame($count, Person::query()->where('job_id', 1)->count());
        $this->get('/jobs/1/people')->assertSee('Take everybody off the list');
        $this->post('/jobs/1/people/family', ['people' => '', 'empty' => '1'])->assertSessionHasNoErrors();
        $this->assertSame(0, Person::query()->where('job_id', 1)->count());
        $undo = (string) session('undo');
        $this->post($undo)->assertRedirect('/jobs/1/people');
        $this->assertSame([$count, $jonas], [Person::query()->where('job_id', 1)->count(), self::id('Jonas')]);
        $this->post($undo);
        $this->assertSame($count, Person::query()->where('job_id', 1)->count(), 'undone twice, nobody is there twice');
    }

    public function test_another_name_is_asked_about_and_keeps_groups_and_taps(): void
    {
        $jonas = self::id('Jonas');
        $this->tap('found', $jonas);
        $in = FormalGroup::query()->where('job_id', 1)->where('people', 'like', '%"Jonas"%')->count();
        $this->assertGreaterThan(0, $in);
        $this->post('/jobs/1/people/family', ['people' => (string) preg_replace('/^Jonas,/m', 'Jonas Barnes,', $this->lines())]);
        $this->get('/jobs/1/people')->assertSee('is it the same');
        $come = self::id('Jonas Barnes');
        $this->post("/jobs/1/people/{$come}/same/{$jonas}")->assertRedirect('/jobs/1/people');
        $this->assertSame($jonas, self::id('Jonas Barnes'));
        $this->assertSame($in, FormalGroup::query()->where('job_id', 1)->where('people', 'like', '%"Jonas Barnes"%')->count());
        $this->get('/jobs/1/call')->assertSee('is complete and could go first');
        $this->get('/jobs/1/people')->assertDontSee('is it the same');
        $this->post("/jobs/2/people/{$jonas}/same/{$jonas}")->assertNotFound();
    }

    public function test_who_is_somebody_else_is_asked_about_no_more(): void
    {
        $jonas = self::id('Jonas');
        $this->post('/jobs/1/people/family', ['people' => (string) preg_replace('/^Jonas,/m', 'Jonas Ek,', $this->lines())]);
        $this->post("/jobs/1/people/gone/{$jonas}")->assertRedirect('/jobs/1/people');
        $this->get('/jobs/1/people')->assertDontSee('is it the same');
    }

    public function test_an_unknown_guest_is_added_where_they_are_called(): void
    {
        $this->post('/jobs/1/call/groups', ['people' => 'Tuva, Lia'])->assertSessionHasErrors(['people', 'unknown']);
        $this->get('/jobs/1/call')->assertSee('Add Lia to the list');
        $this->post('/jobs/1/call/groups', ['people' => 'Tuva, Lia', 'add' => 'Lia'])->assertRedirect('/jobs/1/call');
        $this->get('/jobs/1/call')->assertSee('Tuva, Lia</h1>', false);
        $this->assertGreaterThan(0, self::id('Lia'));
    }

    public function test_what_the_couple_writes_is_understood_or_asked_about(): void
    {
        $accept = fn (string $kind, string $text, array $more = []): \Illuminate\Testing\TestResponse => $this->post(
            '/proposals/'.Proposal::query()->create(['job_id' => 1, 'form' => (string) Str::uuid(), 'kind' => $kind, 'text' => $text])->id.'/accept',
            $more,
        );
        $accept('person', "Olga, bride's grandmother")->assertSessionHasNoErrors();
        $accept('person', 'Pelle, cousin of somebody')->assertSessionHasNoErrors();
        $this->get('/jobs/1/people')->assertOk()->assertSee('Who is “somebody”?');
        $accept('group', 'must: Tuva, Olga')->assertSessionHasNoErrors();
        $this->assertSame('must', FormalGroup::query()->where('job_id', 1)->orderByDesc('id')->firstOrFail()->priority);
        $accept('group', 'Tuva, Emrik, Lia')->assertSessionHasErrors(['people', 'unknown', 'proposal']);
        $this->get('/jobs/1/people')->assertSee('Add Lia, and accept');
        $accept('group', 'The three: Tuva, Emrik, Lia', ['add' => 'Lia'])->assertSessionHasNoErrors();
        $this->assertGreaterThan(0, self::id('Lia'));
    }

    public function test_two_of_one_name_are_asked_about(): void
    {
        $before = $this->lines();
        $this->post('/jobs/1/people/family', ['people' => $before."\njonas, somebody else"])->assertSessionHasErrors('people');
        $this->assertSame($before, $this->lines());
    }

    public function test_kept_apart_becomes_not_side_by_side(): void
    {
        $this->post('/jobs/1/people/family', [
            'people' => "Ada, bride\nBo, groom\nCy, apart from Di\nDi, aunt of Ada\nEd, apart from Fi\nFi, uncle of Bo",
        ]);
        $this->get('/jobs/1/people')->assertSee('never in one frame, or only not side by side?');
        $this->post('/jobs/1/people/beside', ['one' => 'Cy', 'other' => 'Di'])->assertRedirect('/jobs/1/people');
        $this->assertSame('not beside Di', Person::query()->where('name', 'Cy')->where('job_id', 1)->value('role'));
        $this->get('/jobs/1/people')->assertDontSee('or only not side by side?');
    }

    public function test_names_on_no_list_go_out_of_the_groups_in_one_press_and_come_back(): void
    {
        $all = static fn (): array => FormalGroup::query()->orderBy('id')->pluck('people', 'title')->all();
        $gone = Person::query()->where('job_id', 1)->whereNotIn('role', ['bride', 'groom'])->orderByDesc('position')->firstOrFail()->name;
        FormalGroup::query()->create(['job_id' => 1, 'title' => "The two with {$gone}", 'position' => 99, 'priority' => 'must',
            'people' => [...Person::query()->where('job_id', 1)->whereIn('role', ['bride', 'groom'])->pluck('name')->all(), $gone]]);
        $before = $all();
        $lines = implode("\n", array_filter(explode("\n", $this->lines()), static fn (string $l): bool => ! str_starts_with($l, $gone)));
        $this->post('/jobs/1/people/family', ['people' => $lines])->assertSessionHasNoErrors();
        $this->get('/jobs/1/people')->assertSee('and not in the list.')->assertSee('Take the name out of the groups');
        $undo = $this->post('/jobs/1/people/groups/strike')->assertSessionHas('undo')->getSession()->get('undo');
        $this->assertArrayNotHasKey("The two with {$gone}", $all(), 'it was there for that one');
        $this->assertNotContains($gone, array_merge(...array_values($all())));
        $this->get('/jobs/1/people')->assertDontSee('and not in the list.');
        $this->post($undo);
        $this->assertSame($before, $all());
    }

    public function test_who_has_died_since_goes_out_of_groups_and_titles(): void
    {
        $couple = ['Tuva', 'Emrik'];
        $others = Person::query()->where('job_id', 1)->whereNotIn('name', $couple)->orderBy('position')->limit(2)->pluck('name')->all();
        $group = FormalGroup::query()->create(['job_id' => 1, 'title' => "The two with {$others[0]} and {$others[1]}", 'position' => 99,
            'priority' => 'must', 'people' => [...$couple, ...$others]]);
        $died = static fn (string $l): string => str_starts_with($l, $others[0]) ? "{$l}, passed away" : $l;
        $lines = implode("\n", array_map($died, explode("\n", $this->lines())));
        $this->post('/jobs/1/people/family', ['people' => $lines])->assertSessionHasNoErrors();
        $this->get('/jobs/1/people')->assertSee("{$others[0]} is called, and will not be there.")->assertSee('Take the name out of the groups');
        $this->post('/jobs/1/people/groups/strike');
        $this->assertSame([...$couple, $others[1]], $group->refresh()->people);
        $this->assertSame("The two with {$others[1]}", $group->title);
        $this->get('/jobs/1/people')->assertSee("Nobody calls for {$others[0]}.");
    }

    public function test_a_group_with_two_who_must_not_meet_becomes_two_in_one_press(): void
    {
        $names = Person::query()->where('job_id', 1)->whereNotIn('name', ['Tuva', 'Emrik'])->where(
            static fn (Builder $q) => $q->whereNull('role')->orWhere('role', 'not like', '%partner%')->where('role', 'not like', '%apart%'),
        )->orderByDesc('position')->limit(3)->pluck('name')->all();
        [$one, $other] = $names;
        $pair = [$one, $other];
        $group = FormalGroup::query()->create(['job_id' => 1, 'title' => 'All of us', 'position' => 98, 'priority' => 'must',
            'people' => ['Tuva', 'Emrik', ...$names]]);
        $last = FormalGroup::query()->create(['job_id' => 1, 'title' => 'Last', 'position' => 99, 'priority' => 'must',
            'people' => ['Tuva', 'Emrik']]);
        $this->post('/jobs/1/people/apart', ['one' => $one, 'other' => $other, 'how' => 'apart', 'former' => 0]);
        $this->get('/jobs/1/people')->assertSee('are both in “All of us”')->assertSee('Two groups, one without each');
        $undo = $this->post('/jobs/1/people/groups/part', ['one' => $one, 'other' => $other])->assertSessionHas('undo')->getSession()->get('undo');
        $both = static fn (): int => FormalGroup::query()->where('job_id', 1)->get()
            ->filter(static fn (FormalGroup $g): bool => array_diff($pair, $g->people) === [])->count();
        $this->assertSame(0, $both());
        $titles = FormalGroup::query()->where('job_id', 1)->orderBy('position')->pluck('title')->all();
        $this->assertSame(["All of us, without {$one}", "All of us, without {$other}", 'Last'], array_slice($titles, -3));
        $this->assertSame($titles, FormalGroup::query()->where('job_id', 1)->orderBy('position')->orderByDesc('id')->pluck('title')->all());
        $this->get('/jobs/1/people')->assertDontSee('are both in “All of us”');
        $this->post($undo);
        $this->assertSame([98, 99], [$group->refresh()->position, $last->refresh()->position]);
        $this->post('/jobs/1/people/groups/part', ['one' => $one, 'other' => 'Emrik']);
        $this->assertNotContains($one, $group->refresh()->people);
        $this->assertContains('Emrik', $group->people);
        $this->assertSame('All of us, without '.$one, $group->title);
    }

    public function test_who_came_late_is_put_into_everybody_in_one_press(): void
    {
        $names = Person::query()->where('job_id', 1)->orderBy('position')->pluck('name')->all();
        Person::query()->where('job_id', 1)->where('role', 'like', '%apart%')->each(
            static fn (Person $p) => $p->update(['role' => preg_replace('/,? ?(?:kept )?apart from [^,]+/', '', (string) $p->role)]),
        );
        $everybody = FormalGroup::query()->create(
            ['job_id' => 1, 'title' => 'Everybody', 'position' => 99, 'priority' => 'should', 'people' => array_slice($names, 0, 4)],
        );
        $this->get('/jobs/1/people')->assertSee('is not everybody')->assertSee('Put them in');
        $undo = $this->post('/jobs/1/people/groups/everybody')->assertSessionHas('undo')->getSession()->get('undo');
        $this->assertEqualsCanonicalizing($names, $everybody->refresh()->people);
        $this->post($undo);
        $this->assertSame(array_slice($names, 0, 4), $everybody->refresh()->people);
    }

    public function test_a_group_is_called_by_the_new_name_of_who_is_the_same(): void
    {
        $person = Person::query()->where('job_id', 1)->whereNotIn('role', ['bride', 'groom'])->orderByDesc('position')->firstOrFail();
        $group = FormalGroup::query()->create(
            ['job_id' => 1, 'title' => "Cousins with {$person->name}", 'position' => 99, 'priority' => 'must', 'people' => [$person->name]],
        );
        $this->post('/jobs/1/people/family', ['people' => str_replace($person->name, 'Xandra', $this->lines())])->assertSessionHasNoErrors();
        $this->post('/jobs/1/people/'.self::id('Xandra').'/same/'.$person->id)->assertSessionHasNoErrors();
        $this->assertSame(['Cousins with Xandra', ['Xandra']], [$group->refresh()->title, $group->people]);
    }
}
