<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\Kit\KitAsk;
use App\Models\Kit\Packing;
use App\Models\People\FormalGroup;
use App\Models\Plan\AccessWindow;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Plan\Travel;
use App\Models\Scout\Obstacle;
use App\Models\Scout\Spot;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\TestCase;

/** Whatever was done to a plan can be undone, from one list. */
final class HistoryTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
    }

    /** @return array<string, mixed> */
    private static function state(): array
    {
        return [
            Segment::query()->where('job_id', 1)->orderBy('id')->get(['id', 'title', 'start_clock', 'minutes'])->toArray(),
            ShotLine::query()->where('job_id', 1)->orderBy('id')->get(['id', 'what', 'segment_id', 'position', 'priority'])->toArray(),
            Job::query()->findOrFail(1)->only(['covered_from', 'covered_to', 'separations', 'formals_segment_id', 'formals_gathered']),
            FormalGroup::query()->where('job_id', 1)->orderBy('id')->get(['id', 'title', 'people', 'position', 'is_pinned'])->toArray(),
            Person::query()->where('job_id', 1)->orderBy('id')->get(['id', 'name', 'role'])->toArray(),
            Packing::query()->where('job_id', 1)->orderBy('id')->get(['id', 'item_id', 'lane'])->toArray(),
            KitAsk::query()->where('job_id', 1)->orderBy('id')->get(['id', 'what', 'count'])->toArray(),
            AccessWindow::query()->where('job_id', 1)->orderBy('id')->get(['id', 'pass', 'opens_clock'])->toArray(),
            Spot::query()->orderBy('id')->get(['id', 'facing_deg', 'latitude'])->toArray(),
            Obstacle::query()->orderBy('id')->get(['id', 'name'])->toArray(),
            Travel::query()->orderBy('id')->get(['from_place_id', 'to_place_id', 'minutes'])->toArray(),
        ];
    }

    /** @return list<\Closure(): TestResponse<Response>> */
    private function ofOtherPhases(): array
    {
        $group = FormalGroup::query()->where('job_id', 1)->orderByDesc('id')->firstOrFail();
        $packed = Packing::query()->where('job_id', 1)->firstOrFail();
        $window = AccessWindow::query()->where('job_id', 1)->firstOrFail();
        $obstacle = Obstacle::query()->firstOrFail();
        $spot = Spot::query()->whereNotNull('facing_deg')->firstOrFail();
        $way = Travel::query()->firstOrFail();
        $lines = Person::query()->where('job_id', 1)->orderBy('position')->get()
            ->map(static fn (Person $p): string => $p->name.($p->role === null ? '' : ", {$p->role}"))->implode("\n");

        return [
            fn () => $this->post("/groups/{$group->id}/move", ['way' => 'up']),
            fn () => $this->post("/groups/{$group->id}/pin"),
            fn () => $this->delete("/groups/{$group->id}"),
            fn () => $this->post('/jobs/1/people/order', ['school' => 'build-up']),
            fn () => $this->post('/jobs/1/people/groups', ['title' => 'Rowers', 'people' => $group->people[0], 'priority' => 'nice']),
            fn () => $this->post('/jobs/1/people/settings', ['formals_segment_id' => '', 'formals_gathered' => '1']),
            fn () => $this->post('/jobs/1/people/family', ['people' => "{$lines}\nUncle Quist"]),
            fn () => $this->delete("/jobs/1/packing/{$packed->item_id}"),
            fn () => $this->post('/jobs/1/kit/propose', ['school' => 'abroad']),
            fn () => $this->post('/jobs/1/kit/asks', ['what' => 'ladder', 'count' => '1', 'priority' => 'nice']),
            fn () => $this->delete("/access/{$window->id}"),
            fn () => $this->post('/jobs/1/separations', ['first' => $group->people[0], 'second' => 'Somebody', 'metres' => 5]),
            fn () => $this->post('/jobs/1/spots/turn', ['spot' => $spot->id, 'facing' => fmod($spot->facing_deg + 90, 360)]),
            fn () => $this->delete("/jobs/1/obstacles/{$obstacle->id}"),
            fn () => $this->post('/jobs/1/travels', ['from' => $way->from_place_id, 'to' => $way->to_place_id, 'minutes' => $way->minutes + 7]),
        ];
    }

    public function test_every_edit_is_on_the_list_and_goes_back(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        $shot = ShotLine::query()->where('job_id', 1)->whereNotNull('segment_id')->firstOrFail();
        $edits = [
            fn () => $this->post("/segments/{$segment->id}/shift", ['minutes' => 5]),
            fn () => $this->post("/segments/{$segment->id}/length", ['minutes' => 41]),
            fn () => $this->post('/jobs/1/segments/move', ['segments' => (string) $segment->id, 'minutes' => -10]),
            fn () => $this->delete("/segments/{$segment->id}"),
            fn () => $this->delete("/shots/{$shot->id}"),
            fn () => $this->post("/segments/{$segment->id}/shots/paste", ['lines' => "One\nTwo"]),
            fn () => $this->post('/jobs/1/shots/must', ['what' => 'The weather vane']),
            fn () => $this->post('/jobs/1/hours', ['covered_to' => '25:00']),
            fn () => $this->post('/jobs/1/meal', [
                'lane' => 'lead',
                'start_clock' => '17:05',
                'minutes' => 20,
                'date' => Job::query()->findOrFail(1)->date,
            ]),
            ...$this->ofOtherPhases(),
        ];
        foreach ($edits as $number => $edit) {
            $before = self::state();
            $edit()->assertSessionHasNoErrors();
            $this->assertNotSame($before, self::state(), "edit {$number} changes something");
            $change = PlanChange::query()->where('job_id', 1)->orderByDesc('id')->firstOrFail();
            $this->assertNull($change->undone_at);
            $number % 6 > 0 ?: $this->get('/jobs/1/plan')->assertSee('What was done, and back')->assertSee($change->said);
            $this->post("/plan-changes/{$change->id}/undo")->assertRedirect('/jobs/1/plan');
            $this->assertSame($before, self::state(), "edit {$number} is undone");
        }
    }

    public function test_back_to_before_an_older_one_takes_the_later_ones_along(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        $before = self::state();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 5]);
        $first = PlanChange::query()->orderByDesc('id')->firstOrFail();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 10]);
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 10]);
        $this->post("/plan-changes/{$first->id}/undo");
        $this->assertSame($before, self::state());
        $this->get('/jobs/1/plan')->assertDontSee('What was done, and back');
    }

    public function test_what_was_done_since_elsewhere_stays_and_can_still_go_back(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        $packed = Packing::query()->where('job_id', 1)->firstOrFail()->item_id;
        $obstacle = Obstacle::query()->firstOrFail()->id;
        $isPacked = static fn (): bool => Packing::query()->where('job_id', 1)->where('item_id', $packed)->exists();
        $before = self::state();
        $last = static fn (): PlanChange => PlanChange::query()->orderByDesc('id')->firstOrFail();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 5]);
        $shift = $last();
        $this->delete("/jobs/1/packing/{$packed}");
        $pack = $last();
        $this->delete("/jobs/1/obstacles/{$obstacle}");
        $gone = $last();
        $this->post("/segments/{$segment->id}/shift", ['minutes' => 10]);
        $again = $last();
        $this->post("/plan-changes/{$shift->id}/undo");
        $this->assertSame($before[0], self::state()[0], 'the plan went back');
        $this->assertSame([false, false], [$isPacked(), Obstacle::query()->whereKey($obstacle)->exists()], 'and no list with it');
        $this->assertSame(
            [true, false, false, true],
            array_map(static fn (PlanChange $c): bool => $c->refresh()->undone_at !== null, [$shift, $pack, $gone, $again]),
        );
        $this->post("/plan-changes/{$gone->id}/undo");
        $this->post("/plan-changes/{$pack->id}/undo");
        $this->assertSame($before, self::state(), 'each of them by itself, and the plan stays where it is');
    }

    public function test_what_was_put_into_a_place_and_taken_back_comes_again(): void
    {
        $spot = Spot::query()->firstOrFail();
        $mast = ['name' => 'Mast', 'bearing_deg' => 90, 'distance_m' => 5, 'height_m' => 6, 'width_m' => 1];
        $this->post("/jobs/1/spots/{$spot->id}/obstacles", $mast)->assertSessionHasNoErrors();
        $has = static fn (): bool => Obstacle::query()->where('name', 'Mast')->exists();
        $this->assertTrue($has());
        $this->post('/plan-changes/'.PlanChange::query()->orderByDesc('id')->firstOrFail()->id.'/undo');
        $this->assertFalse($has());
        $this->post('/plan-changes/'.PlanChange::query()->orderByDesc('id')->firstOrFail()->id.'/undo');
        $this->assertTrue($has());
    }

    public function test_what_changes_nothing_is_not_on_the_list(): void
    {
        $this->post('/jobs/1/segments/move', ['segments' => 'all', 'minutes' => 5])->assertSessionHasErrors('segments');
        $this->post('/jobs/1/segments/move', ['segments' => '999999', 'minutes' => 5])->assertNotFound();
        $this->get('/jobs/1/plan')->assertOk();
        $this->assertSame(0, PlanChange::query()->count());
    }

    public function test_many_changes_keep_the_last(): void
    {
        $segment = Segment::query()->where('job_id', 1)->where('is_anchor', false)->firstOrFail();
        for ($i = 0; $i < 44; $i++) {
            $this->post("/segments/{$segment->id}/length", ['minutes' => 20 + $i]);
        }
        $this->assertSame(40, PlanChange::query()->where('job_id', 1)->count());
    }
}
