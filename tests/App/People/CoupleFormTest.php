<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\People\Proposal;
use App\Models\People\ShareLink;
use Illuminate\Support\Str;
use Tests\App\TestCase;

/** The couple's form behind its link, and what becomes of what they send. */
final class CoupleFormTest extends TestCase
{
    private Job $job;

    private string $link;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
        $this->post("/jobs/{$this->job->id}/form/links")->assertRedirect();
        $this->link = (string) parse_url((string) session('link'), PHP_URL_PATH);
        $this->post('/sign-out');
        app('auth')->forgetGuards();
    }

    /** @return array<string, mixed> */
    private static function form(array $changes = []): array
    {
        return [
            'form' => (string) Str::uuid(),
            'wanted' => FormalGroup::query()->pluck('id')->all(),
            'groups' => '',
            'people' => '',
            ...$changes,
        ];
    }

    public function test_it_shows_what_the_couple_needs_and_nothing_else(): void
    {
        $page = $this->get($this->link)->assertOk()->assertSee('Which groups do you want?')->assertSee('The two with Gunvor and Henning');
        foreach (['Lakeside portraits', 'Surprise', 'apart from', 'former partner', 'person-minutes', '/jobs/', 'Sundnes'] as $secret) {
            $page->assertDontSee($secret);
        }
        $this->get('/call/'.substr($this->link, 6))->assertNotFound();
    }

    public function test_what_is_sent_waits_and_is_accepted_line_by_line(): void
    {
        $gone = FormalGroup::query()->where('title', 'Everybody, without Gunvor')->firstOrFail();
        $form = self::form([
            'wanted' => FormalGroup::query()->whereKeyNot($gone->id)->pluck('id')->all(),
            'groups' => "The rowers: Jonas, Kaj\nTuva and Ida",
            'people' => "Ida, aunt of Tuva, elderly\n<script>alert(1)</script>, cousin of Emrik",
        ]);
        $this->post($this->link, $form)->assertSessionHasNoErrors();
        $this->post($this->link, $form)->assertSessionHasNoErrors();
        $this->assertSame(5, Proposal::query()->count(), 'a form sent twice counts once');
        $this->assertSame(
            [23, 29],
            [FormalGroup::query()->count(), Person::query()->where('job_id', 1)->count()],
            'nothing is changed yet',
        );
        $this->signIn();
        $this->get('/jobs/1/people')
            ->assertSee('From the couple')
            ->assertSee('One more group:')
            ->assertSee('&lt;script&gt;alert', false)
            ->assertDontSee('<script>alert', false);

        $line = static fn (string $text): int => Proposal::query()->where('text', 'like', $text)->firstOrFail()->id;
        $this->post('/proposals/'.$line('Tuva and Ida').'/accept')->assertSessionHasErrors('people');
        $this->assertNull(Proposal::query()->find($line('Tuva and Ida'))?->answer, 'it waits until Ida is there');
        $this->post('/proposals/'.$line('Ida,%').'/accept')->assertSessionHasNoErrors();
        $this->post('/proposals/'.$line('Tuva and Ida').'/accept')->assertSessionHasNoErrors();
        $this->post('/proposals/'.$line('The rowers%').'/accept')->assertSessionHasNoErrors();
        $this->post('/proposals/'.$line('Everybody%').'/accept')->assertSessionHasNoErrors();
        $this->post('/proposals/'.$line('<script>%').'/decline')->assertSessionHasNoErrors();
        $this->assertSame(['Jonas', 'Kaj'], FormalGroup::query()->where('title', 'The rowers')->firstOrFail()->people);
        $this->assertSame(['Tuva', 'Ida'], FormalGroup::query()->where('title', 'Tuva, Ida')->firstOrFail()->people);
        $this->assertNull(FormalGroup::query()->find($gone->id));
        $this->assertSame(30, Person::query()->where('job_id', 1)->count());
        $this->get('/jobs/1/people')->assertDontSee('From the couple');
    }

    public function test_two_who_must_not_meet_are_not_put_together_by_a_proposal(): void
    {
        $this->post($this->link, self::form(['groups' => 'Gunvor, Torleif']))->assertSessionHasNoErrors();
        $this->signIn();
        $this->post('/proposals/'.Proposal::query()->firstOrFail()->id.'/accept')->assertSessionHasErrors('people');
        $this->followingRedirects()
            ->from('/jobs/1/people')
            ->post('/proposals/'.Proposal::query()->firstOrFail()->id.'/accept')
            ->assertSee('are never to be in one frame');
        $this->assertSame(23, FormalGroup::query()->count());
    }

    public function test_too_much_the_wrong_link_and_haste_are_refused(): void
    {
        $this->post($this->link, self::form(['groups' => implode("\n", array_fill(0, 41, 'a'))]))->assertSessionHasErrors('groups');
        $this->post($this->link, self::form(['people' => str_repeat('a', 301)]))->assertSessionHasErrors('people');
        $this->post($this->link, self::form(['people' => str_repeat('a', 6001)]))->assertSessionHasErrors('people');
        $this->post($this->link, self::form(['form' => 'no id']))->assertSessionHasErrors('form');
        $this->post('/form/'.Str::random(40), self::form())->assertNotFound();
        $this->assertSame(0, Proposal::query()->count(), 'nothing half-saved');
        for ($i = 0; $i < 6; $i++) {
            $this->travel(2)->minutes();
            $answer = $this->post(
                $this->link,
                self::form(['groups' => implode("\n", array_map(static fn (int $n): string => "Group {$i} {$n}", range(1, 40)))]),
            );
        }
        $this->assertSame(200, Proposal::query()->count(), 'no more than may wait');
        $this->assertTrue(isset($answer));
        ShareLink::query()->update(['revoked_at' => now()]);
        $this->get($this->link)->assertNotFound();
        for ($i = 0; $i < 25; $i++) {
            $status = $this->get($this->link)->status();
        }
        $this->assertSame(429, $status);
    }
}
