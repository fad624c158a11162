<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Http\UploadedFile;
use NorthSatchel\Taps\TapKind;
use Tests\App\TestCase;

/** Groups pinned, dragged, split and merged; what is owed; the family as a table. */
final class GroupWorkTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    /** @return list<string> */
    private static function titles(): array
    {
        return FormalGroup::query()->orderBy('position')->pluck('title')->all();
    }

    private static function group(string $title): FormalGroup
    {
        return FormalGroup::query()->where('title', $title)->firstOrFail();
    }

    public function test_a_pinned_group_keeps_its_place_in_any_order(): void
    {
        $pinned = self::titles()[4];
        $this->post('/groups/'.self::group($pinned)->id.'/pin');
        foreach (['least-walking', 'release-down', 'build-up'] as $school) {
            $this->post('/jobs/1/people/order', ['school' => $school])->assertSessionHasNoErrors();
            $this->assertSame($pinned, self::titles()[4], $school);
            $this->assertCount(23, array_unique(self::titles()));
        }
        $this->get('/jobs/1/people')->assertSee('Unpin '.$pinned);
    }

    public function test_a_group_is_dragged_before_another(): void
    {
        [$first, $second, $third] = self::titles();
        $this->post('/groups/'.self::group($third)->id.'/put', ['before' => self::group($first)->id]);
        $this->assertSame([$third, $first, $second], array_slice(self::titles(), 0, 3));
        $this->post('/groups/'.self::group($third)->id.'/put', []);
        $this->assertSame($third, self::titles()[22]);
    }

    public function test_groups_are_split_and_merged_and_never_with_a_pair_that_must_not_meet(): void
    {
        $group = self::group('The two with all attendants');
        $count = FormalGroup::query()->count();
        $this->post("/groups/{$group->id}/split", ['names' => 'Nobody'])->assertSessionHasErrors('names');
        $this->post("/groups/{$group->id}/split", ['names' => implode(', ', $group->people)])->assertSessionHasErrors('names');
        $this->post("/groups/{$group->id}/split", ['names' => 'kaj, Matteus'])->assertSessionHasNoErrors();
        $this->assertSame($count + 1, FormalGroup::query()->count());
        $at = array_search('The two with all attendants, one', self::titles(), true);
        $this->assertSame('The two with all attendants, other', self::titles()[$at + 1]);
        $this->post("/groups/{$group->id}/merge")->assertSessionHasNoErrors();
        $this->assertSame($count, FormalGroup::query()->count());
        $this->assertEqualsCanonicalizing($group->people, $group->refresh()->people);
        $hers = self::group('The two with Gunvor and Henning');
        $this->post("/groups/{$hers->id}/merge")->assertSessionHasErrors('people');
        $this->assertSame($count, FormalGroup::query()->count(), 'nothing is half-merged');
    }

    public function test_what_is_owed_becomes_shots_of_a_later_segment(): void
    {
        $dinner = Segment::query()->where('title', 'Dinner and speeches')->firstOrFail();
        $this->post('/jobs/1/call/owed', ['segment' => $dinner->id])->assertSessionHas(
            'said',
            '23 owed groups are shots of Dinner and speeches now.',
        );
        $this->assertSame(23, ShotLine::query()->where('segment_id', $dinner->id)->where('what', 'like', 'Owed:%')->count());
        $line = ShotLine::query()->where('what', 'Owed: Everybody, without Gunvor')->firstOrFail();
        $this->assertCount(27, $line->people ?? []);
        $this->post('/jobs/1/call/owed', ['segment' => Segment::query()->where('job_id', 2)->value('id')])->assertNotFound();
    }

    public function test_an_owed_group_is_owed_once_and_struck_out_wherever_it_stands_once_it_is_shot(): void
    {
        $dinner = Segment::query()->where('title', 'Dinner and speeches')->firstOrFail();
        $dance = Segment::query()->where('title', 'First dance and the floor')->firstOrFail();
        $this->post('/jobs/1/call/owed', ['segment' => $dinner->id]);
        $owed = static fn (int $segment): int => ShotLine::query()->where('segment_id', $segment)->where('what', 'like', 'Owed:%')->count();
        $before = $this->get('/jobs/1/sheets/lead')->assertDontSee('<s>', false)->assertSee('Owed: Everybody, without Gunvor');
        $before->assertDontSee('shot already');
        $group = self::group('Everybody, without Gunvor');
        app(TapDesk::class)->press(TapKind::Shot, ['job' => 1, 'group' => $group->id]);
        foreach (['/jobs/1/sheets/lead', "/jobs/1/plan?open={$dinner->id}"] as $page) {
            $this->get($page)->assertSee('<s>Owed: Everybody, without Gunvor</s>', false)->assertSee('shot already');
        }
        $this->assertStringContainsString('Owed: Everybody, without Gunvor (shot already)', (string) $this->get('/jobs/1/table/lead')->getContent());
        // What is still owed moves on; what was shot stays where it is struck out.
        $this->post('/jobs/1/call/owed', ['segment' => $dance->id])->assertSessionHas(
            'said',
            '22 owed groups are shots of First dance and the floor now.',
        );
        $this->assertSame([1, 22], [$owed($dinner->id), $owed($dance->id)]);
    }

    public function test_the_family_goes_out_and_comes_in_as_a_table_whole_or_not_at_all(): void
    {
        Person::query()
            ->where('name', 'Jonas')
            ->update(['role' => 'brother of Emrik, =1+1']);
        $before = Person::query()
            ->where('job_id', 1)
            ->orderBy('id')
            ->get()
            ->map(static fn (Person $p): array => [$p->name, $p->role])
            ->all();
        $table = (string) $this->get('/jobs/1/people/table')->assertOk()->getContent();
        $this->assertStringStartsWith("name,who\r\n", $table);
        $import = fn (string $text): \Illuminate\Testing\TestResponse => $this->post('/jobs/1/people/import', [
            'file' => UploadedFile::fake()->createWithContent('family.csv', $text),
        ]);
        $import($table)->assertSessionHas('said', '29 people are in the family.');
        $this->assertSame(
            $before,
            Person::query()->where('job_id', 1)->orderBy('id')->get()->map(static fn (Person $p): array => [$p->name, $p->role])->all(),
        );
        $import("Guest;Relation\nTuva;bride\nEmrik;groom\nOla;father of Tuva, seated\n")->assertSessionHasNoErrors();
        $this->assertSame('father of Tuva, seated', Person::query()->where('job_id', 1)->where('name', 'Ola')->sole()->role);
        $import("First name,Last name,Relation,Age,Needs,Phone,Table\nTuva,Ek,bride,,,,\nNoa,Ek,nephew of Tuva,6,wheelchair,555,3\n")
            ->assertSessionHas('said', '2 people are in the family. Not read: the columns phone, table. 3 people were taken off it.');
        $this->assertSame('nephew of Tuva, 6, wheelchair', Person::query()->where('job_id', 1)->where('name', 'Noa Ek')->sole()->role);
        $import($table);
        foreach (
            [
                "who\nbride\n" => 'must name the column',
                "name,who\n,\n" => 'Nobody is in it',
                "name,who\nA,bride\nA,groom\n" => 'twice',
                "name\n\xC3\x28\n" => 'UTF-8',
            ] as $wrong => $says
        ) {
            $import((string) $wrong)->assertSessionHasErrors('file');
            $this->assertStringContainsString($says, (string) session('errors')?->first('file'));
            $this->assertSame(29, Person::query()->where('job_id', 1)->count());
        }
    }

    public function test_a_group_comes_after_another_and_never_in_a_circle(): void
    {
        [$first, $second] = array_map(self::group(...), array_slice(self::titles(), 0, 2));
        $send = static fn (FormalGroup $group, ?int $after): array => [
            '_form' => "group-{$group->id}",
            'title' => $group->title,
            'people' => implode(', ', $group->people),
            'priority' => $group->priority,
            'after' => $after,
        ];
        $this->put("/groups/{$first->id}", $send($first, $second->id))->assertSessionHasNoErrors();
        $this->get('/jobs/1/people')->assertSee("“{$first->title}” is to come after “{$second->title}”", false);
        $this->put("/groups/{$second->id}", $send($second, $first->id))->assertSessionHasErrors('after');
        $this->put("/groups/{$second->id}", $send($second, 999))->assertSessionHasErrors('after');
        $this->assertNull($second->fresh()?->after_id);
        foreach (['as-listed', 'least-waiting', 'release-down'] as $school) {
            $this->post('/jobs/1/people/order', ['school' => $school]);
            $this->assertLessThan(self::group($first->title)->position, self::group($second->title)->position, $school);
        }
        $this->get('/jobs/1/people')->assertDontSee('is to come after');
    }
}
