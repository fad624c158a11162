<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Desks\People\CallOrderDesk;
use App\Desks\People\PeopleDesk;
use App\Desks\Taps\TapDesk;
use App\Devices\Waiting;
use App\Jobs\ProveCallingOrder;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Optics\RowsFocus;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\ClockTime;
use Tests\App\TestCase;
use Tests\Support\WaitingForLooks;

/** The family, its groups and their order, through the pages. */
final class PeopleTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    private function page(string $query = ''): \Illuminate\Testing\TestResponse
    {
        return $this->get("/jobs/{$this->job->id}/people{$query}")->assertOk();
    }

    public function test_the_demo_family_has_its_groups_drawn_and_judged(): void
    {
        $this->page()
            ->assertSee('Who stands when?')
            ->assertSee('The two with Gunvor and Henning')
            ->assertSee('The two with Torleif and Majken')
            ->assertSee('class="stand-in"', false)
            ->assertSee('Gunvor and Torleif meet')
            ->assertSee('Another order spares')
            ->assertSee('Everybody is in a group.');
        foreach (FormalGroup::all() as $group) {
            $this->assertNotSame([], array_diff(['Gunvor', 'Torleif'], $group->people), $group->title);
        }
    }

    public function test_the_order_with_the_least_waiting_is_taken_and_feeds_the_plan(): void
    {
        preg_match('/spares ([\d.]+) person-minutes/', (string) $this->page()->getContent(), $saved);
        $this->assertGreaterThan(10, (float) ($saved[1] ?? 0));
        $this->post("/jobs/{$this->job->id}/people/order", ['school' => 'least-waiting'])->assertSessionHasNoErrors();
        $this->page()->assertDontSee('Another order spares')->assertDontSee('Gunvor and Torleif meet');
        $this->post("/jobs/{$this->job->id}/people/order", ['school' => 'alphabet'])->assertSessionHasErrors('school');
        $segment = Segment::query()->where('title', 'Family groups')->firstOrFail();
        $segment->update(['minutes' => 12]);
        preg_match('/name="minutes" value="(\d+)"/', (string) $this->page()->assertSee('has 12.')->getContent(), $needed);
        $this->post("/segments/{$segment->id}/length", ['minutes' => $needed[1]]);
        $this->page()->assertSee('The groups fit into');
    }

    public function test_the_groups_are_offered_the_segment_of_groups_before_that_of_the_family(): void
    {
        Segment::query()->where('job_id', $this->job->id)->orderBy('id')->firstOrFail()->update(['title' => 'Closest family']);
        $this->job->update(['formals_segment_id' => null]);
        $this->page()->assertSee('Call them during Family groups')->assertDontSee('Call them during Closest family');
    }

    public function test_what_the_brief_says_of_two_is_kept_with_one_press_and_goes_back(): void
    {
        [$one, $other] = Person::query()->where('job_id', $this->job->id)->where('role', 'like', '%other of%')->orderBy('id')->limit(2)->get()->all();
        $this->job->update(['restrictions' => "{$one->name} and {$other->name} never next to each other."]);
        $this->page()->assertSee("{$one->name} and {$other->name} do not get on, says the brief.")->assertSee('Never side by side');
        $to = "/jobs/{$this->job->id}/people/apart";
        $pair = ['one' => $one->name, 'other' => $other->name];
        $this->post($to, [...$pair, 'how' => 'far'])->assertSessionHasErrors('how');
        $undo = $this->post($to, [...$pair, 'how' => 'beside', 'former' => 0])->assertSessionHasNoErrors()->getSession()->get('undo');
        $this->assertSame("{$one->role}, not beside {$other->name}", $one->fresh()?->role);
        $this->page()->assertDontSee('do not get on, says the brief');
        $this->post($undo);
        $this->assertSame($one->role, $one->fresh()?->role);
    }

    public function test_a_sentence_among_the_people_is_nobody_and_is_asked_about(): void
    {
        $lines = "Siv Holm, mother of the bride\nNea Holm, bride\nArn Ek, groom\nPer Ek, father of the groom";
        $sentence = 'Siv and Per are not to stand next to each other';
        $this->post('/jobs', self::brief(['kind' => 'wedding', 'people' => "{$lines}\n{$sentence}"]))->assertSessionHasNoErrors();
        $job = Job::query()->latest('id')->firstOrFail();
        $this->assertSame([4, $sentence], [$job->people()->count(), $job->restrictions]);
        $this->get("/jobs/{$job->id}/plan")->assertSee("“{$sentence}”");
        $this->get("/jobs/{$job->id}/people")->assertSee('Siv Holm and Per Ek do not get on, says the brief.');
        $this->post("/jobs/{$job->id}/people/family", ['people' => "{$lines}\n{$sentence}\nWe expect about 60 guests"])->assertSessionHasNoErrors();
        $this->assertSame([4, "{$sentence}\nWe expect about 60 guests"], [$job->people()->count(), $job->fresh()?->restrictions]);
    }

    public function test_a_group_by_rule_grows_with_the_family_until_it_was_taken(): void
    {
        $lines = "Nea Holm, bride\nArn Ek, groom\nSiv Holm, mother of the bride\nIda Holm, sister of the bride";
        $this->post('/jobs', self::brief(['kind' => 'wedding', 'people' => $lines]));
        $this->job = Job::query()->latest('id')->firstOrFail();
        $to = "/jobs/{$this->job->id}/people";
        $this->post("{$to}/rules");
        $family = fn (): Builder => FormalGroup::query()->where('job_id', $this->job->id)->where('title', "Nea Holm's close family");
        $close = static fn (): array => $family()->pluck('people')->all();
        $this->assertSame([['Nea Holm', 'Arn Ek', 'Siv Holm', 'Ida Holm']], $close());
        $this->travel(1)->minutes();
        $this->post("{$to}/family", ['people' => "{$lines}\nPer Holm, father of the bride"]);
        $this->post("{$to}/rules")->assertSessionHas('said', 'One group is added. One that was there has whom the family gained.');
        $this->assertSame([['Nea Holm', 'Arn Ek', 'Siv Holm', 'Per Holm', 'Ida Holm']], $close());
        $group = $family()->firstOrFail();
        app(TapDesk::class)->press(TapKind::Shot, ['job' => $this->job->id, 'group' => $group->id]);
        $this->post("{$to}/family", ['people' => "{$lines}\nPer Holm, father of the bride\nKaj Holm, brother of the bride"]);
        $this->post("{$to}/rules");
        $this->assertCount(2, $close(), 'what was taken without him stays as it was taken');
    }

    public function test_whom_somebody_took_out_of_a_group_does_not_come_back_by_rule(): void
    {
        $lines = "Nea Holm, bride\nArn Ek, groom\nSiv Holm, mother of the bride\nIda Holm, sister of the bride";
        $this->post('/jobs', self::brief(['kind' => 'wedding', 'people' => $lines]));
        $job = Job::query()->latest('id')->firstOrFail();
        $this->post("/jobs/{$job->id}/people/rules");
        $group = FormalGroup::query()->where('job_id', $job->id)->where('title', "Nea Holm's close family")->firstOrFail();
        $without = ['Nea Holm', 'Arn Ek', 'Siv Holm'];
        $this->travel(5)->minutes();
        $group->update(['people' => $without]);
        $this->post("/jobs/{$job->id}/people/rules");
        $this->assertSame($without, $group->fresh()?->people);
        $this->travel(5)->minutes();
        $this->post("/jobs/{$job->id}/people/family", ['people' => "{$lines}\nPer Holm, father of the bride"]);
        $this->post("/jobs/{$job->id}/people/rules");
        $this->assertSame($without, $group->fresh()?->people, 'nor with one who is new beside her');
    }

    public function test_a_table_of_the_family_tells_of_its_sentences(): void
    {
        $file = UploadedFile::fake()->createWithContent('family.csv', "name,who\nTuva,bride\nTuva and Emrik are divorced,\n");
        $this->post("/jobs/{$this->job->id}/people/import", ['file' => $file]);
        $this->assertStringStartsWith(
            'One person is in the family. Kept under the restrictions, naming nobody by a line of their own: “Tuva and Emrik are divorced”.',
            (string) session('said'),
        );
    }

    public function test_more_minutes_for_the_groups_are_offered_only_where_nothing_is_run_into(): void
    {
        $segment = Segment::query()->where('title', 'Family groups')->firstOrFail();
        $segment->update(['minutes' => 12]);
        $this->page()->assertSee('has 12.')->assertSee("/segments/{$segment->id}/length");
        $ends = ClockTime::of($segment->start_clock)->minutes + 12;
        Segment::query()->create([...$segment->only(['job_id', 'place_id', 'day', 'lane', 'priority', 'light']),
            'title' => 'Toast', 'start_clock' => ClockTime::ofMinutes($ends)->text(), 'minutes' => 20, 'is_anchor' => true,
        ]);
        $this->page()->assertSee('has 12.')->assertDontSee("/segments/{$segment->id}/length");
    }

    public function test_groups_are_added_changed_moved_and_removed(): void
    {
        $to = "/jobs/{$this->job->id}/people/groups";
        $fields = ['_form' => 'group-new', 'title' => 'The rowers', 'people' => 'jonas, Kaj', 'priority' => 'nice'];
        $this->post($to, [...$fields, 'people' => 'Jonas, Nobody'])->assertSessionHasErrors('people');
        $this->post($to, [...$fields, 'people' => 'Gunvor, Torleif'])->assertSessionHasErrors('people');
        $this->post($to, [...$fields, 'people' => ' , '])->assertSessionHasErrors('people');
        $count = FormalGroup::query()->count();
        $this->post($to, $fields)->assertSessionHasNoErrors();
        $group = FormalGroup::query()->latest('id')->firstOrFail();
        $this->assertSame([$count + 1, ['Jonas', 'Kaj']], [$group->position, $group->people]);
        $this->post("/groups/{$group->id}/move", ['way' => 'up']);
        $this->assertSame($count, $group->refresh()->position);
        $this->put("/groups/{$group->id}", [...$fields, 'title' => '<b>Rowers</b>'])->assertSessionHasNoErrors();
        $this->page()->assertSee('&lt;b&gt;Rowers', false)->assertDontSee('<b>Rowers', false);
        $this->followingRedirects()
            ->delete("/groups/{$group->id}")
            ->assertSee('is off the list');
        $this->post("/groups/{$group->id}/restore");
        $this->assertSame($count + 1, FormalGroup::query()->count());
        $this->post("/jobs/{$this->job->id}/people/rules")->assertSessionHas('said', 'All groups of the rule are there.');
    }

    public function test_a_group_is_placed_at_a_spot(): void
    {
        $group = FormalGroup::query()->where('title', 'like', 'Everybody, without G%')->firstOrFail();
        $page = $this->get("/groups/{$group->id}/stand?rows=3&lenses=50&ev=12")
            ->assertOk()
            ->assertSee('Who stands where, and how sharp?')
            ->assertSee('class="head"', false)
            ->assertSee('50 mm from');
        // The page and the command line agree on the rows and the focus; the page counts heads and an error of focusing.
        preg_match('/Focus (\d+) cm behind the front row, and use f\/([\d.]+)/', (string) $page->getContent(), $said);
        preg_match('/50 mm from ([\d.]+) m holds all/', (string) $page->getContent(), $from);
        $near = (float) $from[1];
        $rows = RowsFocus::of(50, 0.03, [$near, $near + 0.7, $near + 1.4]);
        $this->assertGreaterThanOrEqual($rows->fNumber, (float) $said[2], 'as wide as the rows bear, or light spent on more depth');
        $this->assertSame(8.0, (float) $said[2], 'three rows in open shade');
        $this->assertEqualsWithDelta(100 * ($rows->focusM - $near), (float) $said[1], 12);
        $lawn = Spot::query()->where('name', 'Lawn')->firstOrFail();
        $lawn->update(['room_m' => 3]);
        $this->get("/groups/{$group->id}/stand?spot={$lawn->id}&rows=1&lenses=85")->assertSee('there is no room to step back');
        $this->get("/groups/{$group->id}/stand?rows=9")->assertSee('Rows must be 1 to 6');
        $this->get("/groups/{$group->id}/stand?ev=0&rows=4")->assertSee('That costs ISO');
    }

    public function test_teams_are_scheduled_on_one_light_set_or_two(): void
    {
        $this->get('/jobs/2/teams')->assertOk()->assertSee('No team is named yet.');
        $this->get('/jobs/2/teams?'.http_build_query(['teams' => "Juniors, 14 players, 4 min, 60 s\nSeniors, 9", 'sets' => 2]))
            ->assertSee('Over after 32 min: Seniors, then Juniors')
            ->assertSee('players, one by one');
        $this->get('/jobs/2/teams?'.http_build_query(['teams' => '<b>x</b>, soon', 'sets' => 1]))
            ->assertSee('cannot be read in line 1')
            ->assertSee('&lt;b&gt;x', false)
            ->assertDontSee('<b>x', false);
    }

    public function test_a_family_that_does_not_fit_is_refused_whole(): void
    {
        $before = Person::query()->where('job_id', $this->job->id)->count();
        foreach (["Tuva, bride\nTuva, aunt of Tuva", "A, mother of B\nB, mother of A"] as $wrong) {
            $this->post("/jobs/{$this->job->id}/people/family", ['people' => $wrong])->assertSessionHasErrors('people');
            $this->assertSame($before, Person::query()->where('job_id', $this->job->id)->count());
        }
        $this->post('/jobs', self::brief(['people' => "Maj, conductor\nOve"]));
        $job = Job::query()->latest('id')->firstOrFail();
        $this->get("/jobs/{$job->id}/people")->assertDontSee('Who are the two?');
        $job->update(['kind' => 'wedding']);
        $this->get("/jobs/{$job->id}/people")->assertSee('Who are the two?');
        $this->post("/jobs/{$job->id}/people/family", [
            'people' => "Maj, bride\nOve, groom\nPer, father of Ove, leaves 16:30",
        ])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/people")->assertSee('There is no list of groups yet.');
        $this->post("/jobs/{$job->id}/people/rules")->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->id}/people")->assertSee('The two with Per');
        $this->post("/jobs/{$job->id}/people/settings", [
            'formals_segment_id' => Segment::query()->where('job_id', $this->job->id)->value('id'),
        ])->assertSessionHasErrors('formals_segment_id');
    }

    public function test_the_segment_that_speaks_of_groups_is_offered_and_one_press_takes_it(): void
    {
        $groups = Segment::query()->where('title', 'Family groups')->firstOrFail();
        $this->job->update(['formals_segment_id' => null, 'formals_gathered' => true]);
        $this->get("/jobs/{$this->job->id}/people")->assertSee('no segment of the plan is theirs.')->assertSee('Call them during Family groups');
        $this->post("/jobs/{$this->job->id}/people/settings", ['formals_segment_id' => $groups->id, 'formals_gathered' => 1]);
        $this->get("/jobs/{$this->job->id}/people")->assertDontSee('no segment of the plan is theirs.');
        $this->assertTrue($this->job->refresh()->formals_gathered, 'what was set before stays');
        $this->job->update(['formals_segment_id' => null]);
        $groups->update(['title' => 'On the lawn']);
        $this->get("/jobs/{$this->job->id}/people")->assertSee('no segment of the plan is theirs.')->assertDontSee('Call them during');
    }

    public function test_an_order_that_the_page_could_not_prove_is_searched_on_in_the_background(): void
    {
        $this->app->instance(Waiting::class, new WaitingForLooks(150));
        $url = "/jobs/{$this->job->id}/people";
        $this->get($url)
            ->assertSee('Least waiting is the best found')
            ->assertSee('The search goes on for up to two minutes')
            ->assertSee('Least walking is proven');
        Bus::assertDispatchedTimes(ProveCallingOrder::class, 1);
        $this->get($url)->assertSee('The search goes on');
        Bus::assertDispatchedTimes(ProveCallingOrder::class, 1);
        config(['satchel.proof_seconds' => 1.5]);
        $number = DB::table('changes')->value('number');
        (new ProveCallingOrder($this->job->id))->handle(app(PeopleDesk::class), app(CallOrderDesk::class));
        $this->assertGreaterThan($number, DB::table('changes')->value('number'), 'findings are worked out anew');
        $this->get($url)->assertDontSee('The search goes on')->assertSee('Least waiting is the best found');
        // A short list is proven at once, and nothing is left to search.
        FormalGroup::query()->where('job_id', $this->job->id)->orderByDesc('id')->limit(15)->get()->each->delete();
        $this->get($url)->assertSee('Least waiting is proven')->assertDontSee('The search goes on');
        Bus::assertDispatchedTimes(ProveCallingOrder::class, 1);
        (new ProveCallingOrder(99))->handle(app(PeopleDesk::class), app(CallOrderDesk::class));
    }

    public function test_the_pose_rota_says_who_stands_forward(): void
    {
        $this->get("/jobs/{$this->job->id}/teams?".http_build_query(['teams' => 'Cubs, 3, heights 160 140 165', 'sets' => 2]))
            ->assertSee('turned to the right')
            ->assertSee('Two passes: all smiling, then all serious')
            ->assertSee('half a step forward')
            ->assertSee('focus between them, and f/');
        $this->get("/jobs/{$this->job->id}/teams?".http_build_query(['teams' => 'Cubs, 1, heights 160 140']))->assertSee(
            'more heights than players',
        );
    }
}
