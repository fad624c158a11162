<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\ElementsDesk;
use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\StudioRecord;
use App\Models\Taps\TapRecord;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use NorthSatchel\Plan\Setups\ElementTemplate;
use NorthSatchel\Plan\Setups\WantedElement;
use Tests\App\TestCase;

/** The elements of a studio job, on the demo's syrup and from nothing. */
final class ElementsTest extends TestCase
{
    private const JAR = [
        'elements' => "Jar\n  Ground\n    Clean ×2\n    Wet, after Clean",
        'changes' => '',
        'change_minutes' => '10',
        'begins_clock' => '9',
    ];

    private Job $syrup;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->syrup = Job::query()->where('name', 'like', '%syrup%')->firstOrFail();
    }

    private function record(): StudioRecord
    {
        return StudioRecord::query()->where('job_id', $this->syrup->id)->firstOrFail();
    }

    private function tap(string $kind, string $picture, string $name): void
    {
        $this->post('/events', ['kind' => $kind, 'job' => $this->syrup->id, 'element' => WantedElement::number($picture, $name)]);
    }

    public function test_the_first_picture_is_when_the_plan_begins_to_photograph(): void
    {
        $this->syrup->update(['covered_from' => '07:00']);
        Segment::query()->where('job_id', $this->syrup->id)->delete();
        $this->assertSame('07:00', ElementsDesk::usualBegin(BriefDesk::open($this->syrup->id)));
        foreach (['Set up and test frames' => '07:30', 'First setup' => '09:20', 'Second setup' => '11:00'] as $title => $at) {
            Segment::query()->create(['job_id' => $this->syrup->id, 'title' => $title, 'lane' => 'lead', 'start_clock' => $at, 'minutes' => 30,
                'priority' => 'must',
            ]);
        }
        $this->assertSame('09:20', ElementsDesk::usualBegin(BriefDesk::open($this->syrup->id)));
    }

    public function test_pictures_are_taken_until_the_day_is_handed_over(): void
    {
        $this->get($url = "/jobs/{$this->syrup->id}/elements")->assertOk()->assertSee('are left until “Strike and pack”');
        Segment::query()->where('title', 'Strike and pack')->delete();
        $this->get($url)->assertSee(' are left.')->assertDontSee('are left until');
        $add = fn (string $title, string $at): Segment => Segment::query()->create(['job_id' => $this->syrup->id, 'title' => $title,
            'lane' => 'lead', 'start_clock' => $at, 'minutes' => 10, 'priority' => 'must']);
        $add('Sign-off and copies', '17:05');
        $add('Take down the set', '17:15');
        $this->get($url)->assertSee('left until “Sign-off and copies”');
        Segment::query()->where('title', 'Sign-off and copies')->update(['start_clock' => '14:00']);
        $add('Look at the wall', '16:00');
        $this->get($url)->assertSee('left until “Take down the set”');
    }

    public function test_the_syrup_fits_and_its_plan_says_so(): void
    {
        $url = "/jobs/{$this->syrup->id}/elements";
        $this->get($url)->assertOk()
            ->assertSee('all fit into the hours')
            ->assertSee('Spoon with its drop')
            ->assertSee('built from');
        $this->get("/jobs/{$this->syrup->id}/plan")->assertOk()->assertSee('all fit into the hours')->assertSee($url);
    }

    /** What is listed among the final pictures is not missed in the plan. */
    public function test_a_must_have_may_be_a_final_picture_a_look_or_a_room(): void
    {
        $this->syrup->update(['must_haves' => "Jar from above\nMittens on snow\nThe attic"]);
        $plan = "/jobs/{$this->syrup->id}/plan";
        $open = fn (): array => array_map(
            fn (string $what): bool => str_contains((string) $this->get($plan)->getContent(), "“{$what}” is among the words of no segment"),
            ['Jar from above', 'Mittens on snow', 'The attic'],
        );
        $this->assertSame([true, true, true], $open());
        $had = $this->record()->elements;
        $this->record()->update(['elements' => "Jar from above\n  Ground\n    Clean"]);
        $this->assertSame([false, true, true], $open());
        $this->record()->update(['looks' => 'Mittens on snow', 'rooms' => 'The attic, 4 × 3 m', 'elements' => $had]);
        $this->assertSame([true, false, false], $open());
    }

    public function test_a_list_is_kept_with_its_bad_lines_named(): void
    {
        $url = "/jobs/{$this->syrup->id}/elements";
        $had = $this->record()->elements;
        foreach ([
            'elements' => ['elements' => "Jar\n  Ground\n    Wet, when it rains"],
            'changes' => ['changes' => 'Ground to Moon, 5 min'],
            'change_minutes' => ['change_minutes' => '601'],
            'begins_clock' => ['begins_clock' => 'dawn'],
        ] as $field => $bad) {
            $this->from($url)->put($url, [...self::JAR, ...$bad])->assertSessionHasErrors($field);
        }
        $this->from($url)->put($url, [...self::JAR, 'elements' => "A\n  B\n    C, after D\n    D, after C"])->assertSessionHasErrors('elements');
        $this->get($url)->assertSee('C, after D');
        $this->assertSame($had, $this->record()->elements, 'nothing has changed');
        $this->put($url, self::JAR)->assertSessionHasNoErrors();
        $this->assertSame('09:00', $this->record()->begins_clock);
        $this->get($url)->assertSee('The last element is taken at 09:20');
        $this->put($url, [...self::JAR, 'elements' => "<b>Jar</b>\n  Ground\n    Clean"]);
        $this->get($url)->assertSee('&lt;b&gt;Jar&lt;/b&gt;', false)->assertDontSee('<b>Jar</b>', false);
    }

    public function test_counted_struck_and_standing_again(): void
    {
        $url = "/jobs/{$this->syrup->id}/elements";
        $this->put($url, self::JAR);
        $this->tap('kept', 'Jar', 'Clean');
        $this->get($url)->assertSee('2 elements lack alternatives.')->assertSee('Clean (Jar): 1 of 2');
        $this->from($url)->post("{$url}/strike", ['setup' => 'Ground', 'words' => ' '])->assertSessionHasErrors('words');
        $this->from($url)->post("{$url}/strike", ['setup' => 'Moon', 'words' => 'gone'])->assertSessionHasErrors('setup');
        $this->assertSame(0, TapRecord::query()->where('kind', 'struck')->count());
        $this->post("{$url}/strike", ['setup' => 'Ground', 'words' => 'Odd of the client: one clean jar will do'])->assertSessionHasNoErrors();
        $this->get($url)->assertSee('Ground is struck without all of it.')->assertSee('one clean jar will do');
        $this->post('/events', ['kind' => 'stands', 'job' => $this->syrup->id, 'setup' => WantedElement::numberOfSetup('Ground')]);
        $this->get($url)->assertDontSee('is struck without');
        $this->tap('kept', 'Jar', 'Clean');
        $this->tap('kept', 'Jar', 'Wet');
        $this->get($url)->assertSee('Every element is in the can');
        $this->post("{$url}/strike", ['setup' => 'Ground'])->assertSessionHasNoErrors();
        $this->get($url)->assertDontSee('struck, and something');
        $this->tap('dropped', 'Jar', 'Wet');
        $this->get($url)->assertSee('Ground is struck, and something of it lacks.');
        $this->get("/jobs/{$this->syrup->id}/plan")->assertSee('Ground is struck, and something of it lacks.');
    }

    /** At four in the afternoon of the day what is left does not fit any more, whatever the plan said in the morning. */
    public function test_on_the_day_the_hour_counts(): void
    {
        $url = "/jobs/{$this->syrup->id}/elements";
        $this->tap('kept', 'Jar and spoon', 'Lid');
        Carbon::setTestNow(Carbon::parse($this->syrup->date.' 10:50', $this->syrup->place->timezone));
        $this->get($url)->assertSee('all fit into the hours')->assertSee('13 elements left');
        $this->get("/jobs/{$this->syrup->id}/plan")->assertSee('all fit into the hours');
        Carbon::setTestNow(Carbon::parse($this->syrup->date.' 16:00', $this->syrup->place->timezone));
        $this->get($url)->assertSee('after “Strike and pack” begins')->assertDontSee('all fit into the hours');
        $this->get("/jobs/{$this->syrup->id}/plan")->assertSee('after “Strike and pack” begins')->assertDontSee('all fit into the hours');
        Carbon::setTestNow(Carbon::parse($this->syrup->date.' 16:00', $this->syrup->place->timezone)->addDays(2));
        $this->get($url)->assertDontSee('after “Strike and pack” begins')->assertSee('13 elements lack alternatives.');
        Carbon::setTestNow();
    }

    /** Undone after a reload too; a plan change that is undone leaves the lists alone, and what was typed since is not lost. */
    public function test_a_list_goes_back_to_what_it_was(): void
    {
        $url = "/jobs/{$this->syrup->id}/elements";
        $had = $this->record()->elements;
        $segment = $this->syrup->segments()->firstOrFail();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 5]);
        $this->put($url, self::JAR);
        $moved = PlanChange::query()->orderBy('id')->firstOrFail();
        $typed = PlanChange::query()->orderByDesc('id')->firstOrFail();
        $this->get("/jobs/{$this->syrup->id}/plan")->assertSee('The elements are kept');
        $this->post("/plan-changes/{$typed->id}/undo");
        $this->assertSame($had, $this->record()->elements);
        $again = PlanChange::query()->orderByDesc('id')->firstOrFail();
        $this->assertStringStartsWith('Back to before', $again->said);
        $this->post("/plan-changes/{$again->id}/undo");
        $this->assertSame(self::JAR['elements'], $this->record()->elements, 'and forth again');
        $this->post("/plan-changes/{$moved->id}/undo");
        $this->assertSame('08:00', $segment->refresh()->start_clock);
        $this->assertSame(self::JAR['elements'], $this->record()->elements, 'the plan went back, and no list with it');
    }

    public function test_list_and_keepers_go_into_the_bundle_and_come_back(): void
    {
        $this->tap('kept', 'Jar and spoon', 'Lid');
        $zip = $this->folder('bundle').'/syrup.zip';
        copy($this->get("/jobs/{$this->syrup->id}/bundle")->assertOk()->baseResponse->getFile()->getPathname(), $zip);
        $this->post('/jobs/bundle', ['bundle' => new UploadedFile($zip, 'syrup.zip', null, null, true)])->assertSessionHasNoErrors();
        $brought = (int) Job::query()->max('id');
        $this->assertNotSame($this->syrup->id, $brought);
        $this->get("/jobs/{$brought}/elements")->assertSee('Jar and spoon')->assertSee('13 elements lack alternatives.');
    }

    public function test_only_a_page_strikes_and_no_phone(): void
    {
        $answer = $this->postJson('/events', ['events' => [[
            'id' => '0b8f3c0e-6f0a-4c5b-9d5b-0a8f3c0e6f0a',
            'kind' => 'struck',
            'on' => ['job' => $this->syrup->id, 'setup' => 1],
            'made_at' => now()->toIso8601String(),
        ]], 'sent_at' => now()->toIso8601String()]);
        $this->assertSame([], $answer->json('taken'));
    }

    public function test_a_commercial_job_without_a_list_is_asked_for_one_and_others_are_not(): void
    {
        $wool = Job::query()->where('name', 'like', 'Old dairy%')->firstOrFail();
        $this->get("/jobs/{$wool->id}/plan")->assertSee('No final picture is listed.')->assertSee("/jobs/{$wool->id}/elements");
        $wedding = Job::query()->where('kind', 'wedding')->firstOrFail();
        $this->get("/jobs/{$wedding->id}/plan")->assertDontSee('No final picture is listed.');
        foreach (ElementTemplate::cases() as $template) {
            $this->get("/jobs/{$wool->id}/elements?like={$template->value}")->assertOk()->assertSee('nothing is kept yet');
        }
        $this->assertSame(1, StudioRecord::query()->where('elements', '!=', '')->count());
    }
}
