<?php

declare(strict_types=1);

namespace Tests\App\Taps;

use App\Desks\Cards\CardLog;
use App\Models\Brief\Job;
use App\Models\Cards\CardEventRecord;
use App\Models\Kit\Card;
use App\Models\Taps\TapRecord;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Taps\TapTime;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** Taps made on a device: the same twice, in any order, some that cannot be taken. */
final class TapsTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    /** @return array{id: string, kind: string, on: array<string, int>, made_at: string} */
    private function tap(string $kind, array $on, string $madeAt = '2026-05-01T10:00:00.000Z'): array
    {
        return ['id' => (string) Str::uuid(), 'kind' => $kind, 'on' => ['job' => $this->job->id, ...$on], 'made_at' => $madeAt];
    }

    /** @param  list<array<string, mixed>>  $events */
    private function send(array $events): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/events', ['events' => $events]);
    }

    private function card(string $label): Card
    {
        return Card::query()->with('item')->get()->firstOrFail(static fn (Card $c): bool => $c->item->label === $label);
    }

    private function packed(int $item): bool
    {
        $this->app->forgetScopedInstances();

        return str_contains(
            (string) $this->get("/jobs/{$this->job->id}/pack")->getContent(),
            'data-tap="unpack" data-on="{&quot;job&quot;:'.$this->job->id.',&quot;item&quot;:'.$item.'}',
        );
    }

    public function test_the_same_tap_twice_counts_once(): void
    {
        $tap = $this->tap('pack', ['item' => 1]);
        $this->send([$tap])
            ->assertOk()
            ->assertJson(['taken' => [$tap['id']], 'refused' => []]);
        $this->send([$tap, $tap])
            ->assertOk()
            ->assertJson(['refused' => []]);
        $this->assertSame(1, TapRecord::query()->count());
    }

    public function test_the_time_on_the_device_decides_not_the_order_of_arrival(): void
    {
        $late = $this->tap('unpack', ['item' => 1], '2026-05-01T10:00:05.000Z');
        $early = $this->tap('pack', ['item' => 1], '2026-05-01T10:00:01.000Z');
        $this->send([$late]);
        $this->send([$early]);
        $this->assertFalse($this->packed(1));
        $this->send([$this->tap('pack', ['item' => 1], '2026-05-01T12:00:09.000+02:00')]);
        $this->assertTrue($this->packed(1), 'five past ten and four seconds later, in another offset');
    }

    public function test_a_card_swap_is_two_taps_that_end_in_its_log(): void
    {
        $old = $this->card('S06');
        $new = $this->card('S07');
        $out = $this->tap('unload', ['card' => $old->id], now()->subSeconds(2)->toIso8601ZuluString());
        $in = $this->tap('load', ['card' => $new->id, 'body' => 3, 'slot' => 2], now()->subSecond()->toIso8601ZuluString());
        $this->send([$in, $out])
            ->assertOk()
            ->assertJson(['refused' => []]);
        $log = new CardLog();
        $this->assertSame(CardState::Shot, $log->lifeOf($old)->state);
        $this->assertSame([3, 2], [$log->lifeOf($new)->bodyId, $log->lifeOf($new)->slot]);
    }

    public function test_a_shot_card_never_goes_back_into_a_body(): void
    {
        $card = $this->card('S06');
        $this->send([$this->tap('unload', ['card' => $card->id], now()->subMinute()->toIso8601ZuluString())]);
        $again = $this->tap('load', ['card' => $card->id, 'body' => 3, 'slot' => 2]);
        $answer = $this->send([$again])
            ->assertOk()
            ->json();
        $this->assertSame([[$again['id']], []], [$answer['taken'], $answer['refused']], 'it was tapped, so it is kept');
        $this->assertStringContainsString('S06 is not ready', $answer['clashes'][0]['why']);
        $this->assertSame(CardState::Shot, (new CardLog())->lifeOf($card)->state);
        $this->get("/jobs/{$this->job->id}/cards")
            ->assertSee('Something was tapped of S06 that does not fit.')
            ->assertSee('S06 is not ready');
        $this->send([$again])->assertJson(['clashes' => []]);
        $this->assertSame(1, CardEventRecord::query()->where('kind', 'clashed')->count(), 'the same tap twice');
    }

    public function test_a_taken_slot_takes_no_second_card(): void
    {
        $answer = $this->send([$this->tap('load', ['card' => $this->card('S08')->id, 'body' => 1, 'slot' => 1])])->json();
        $this->assertStringContainsString('Slot 1 of Body A is taken', $answer['clashes'][0]['why']);
        $this->assertSame(CardState::Ready, (new CardLog())->lifeOf($this->card('S08'))->state);
    }

    public function test_one_that_cannot_be_taken_does_not_hold_up_the_others(): void
    {
        $good = $this->tap('pack', ['item' => 2]);
        $bad = $this->tap('load', ['card' => 999, 'body' => 1, 'slot' => 1]);
        $odd = ['id' => str_repeat('x', 99), 'kind' => ['pack'], 'on' => 7];
        $answer = $this->send([$bad, $odd, 'nothing', $good])
            ->assertOk()
            ->assertJson(['clashes' => [['id' => $bad['id']]], 'refused' => [['id' => null], ['id' => null]]])
            ->json();
        $this->assertEqualsCanonicalizing([$good['id'], $bad['id']], $answer['taken']);
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function malformed(): array
    {
        return [
            'no id' => [['id' => 'seven']],
            'no such kind' => [['kind' => 'format']],
            'no time' => [['made_at' => 'later']],
            'a list for a kind' => [['kind' => ['pack']]],
            'a number for a time' => [['made_at' => 7]],
            'a day without a time' => [['made_at' => '2026-05-01']],
            'a time that no calendar has' => [['made_at' => '2026-13-41T10:00:00Z']],
            'a number out of all proportion' => [['on' => ['item' => '99999999999999999999']]],
            'too much to act on' => [['on' => array_fill_keys(range('a', 'z'), 1)]],
            'a name of a mile' => [['on' => [str_repeat('n', 5000) => 1]]],
            'words where numbers belong' => [['on' => ['item' => '<b>']]],
            'nothing to act on' => [['on' => []]],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('malformed')]
    public function test_malformed_taps_are_refused(array $change): void
    {
        $good = $this->tap('pack', ['item' => 2]);
        $answer = $this->send([[...$this->tap('pack', ['item' => 1]), ...$change], $good])
            ->assertOk()
            ->json();
        $this->assertSame([$good['id']], $answer['taken']);
        $this->assertCount(1, $answer['refused']);
        $this->assertSame(1, TapRecord::query()->count());
    }

    public function test_a_batch_of_anything_is_answered(): void
    {
        foreach ([[], ['events' => 'x'], ['events' => [[[]]]], ['events' => null], [1, 2, 3]] as $body) {
            $this->postJson('/events', $body)
                ->assertOk()
                ->assertJson(['taken' => []]);
        }
        $this->call(
            'POST',
            '/events',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            '{"events": [',
        )->assertOk();
    }

    public function test_a_device_whose_clock_is_off_is_corrected_and_none_taps_in_time_to_come(): void
    {
        $tap = $this->tap('pack', ['item' => 1], now()->addHours(3)->subSeconds(20)->toIso8601ZuluString('millisecond'));
        $this->postJson('/events', ['events' => [$tap], 'sent_at' => now()->addHours(3)->toIso8601ZuluString('millisecond')])->assertOk();
        $this->assertEqualsWithDelta(
            now()->subSeconds(20)->getTimestamp(),
            TapRecord::query()->findOrFail($tap['id'])->made_at->getTimestamp(),
            2.0,
        );
        $late = $this->tap('pack', ['item' => 2], '2099-01-01T00:00:00Z');
        $this->send([$late]);
        $this->assertLessThanOrEqual(now()->getTimestamp(), TapRecord::query()->findOrFail($late['id'])->made_at->getTimestamp());
        $this->assertSame(
            [100.0, 90.0, 100.0, 95.0],
            [TapTime::of(500, null, 100), TapTime::of(90, 100.5, 100), TapTime::of(-1e9, null, 100), TapTime::of(195, 200, 100)],
        );
    }

    public function test_the_logs_can_only_grow(): void
    {
        foreach (
            [
                static fn () => CardEventRecord::query()
                    ->whereKey(1)
                    ->update(['kind' => 'formatted']),
                static fn () => CardEventRecord::query()->whereKey(1)->delete(),
            ] as $deed
        ) {
            try {
                $deed();
                $this->fail('The log was changed.');
            } catch (QueryException $e) {
                $this->assertStringContainsString('append-only', $e->getMessage());
            }
        }
    }

    /** A form may hold anything: a list where a word belongs is told beside it. */
    public function test_a_kind_that_is_no_word_is_refused(): void
    {
        $before = TapRecord::query()->count();
        foreach ([['x'], 'explode', 'placed', '', null] as $kind) {
            $this->post('/events', ['kind' => $kind, 'job' => 1, 'item' => 1])->assertSessionHasErrors('kind');
        }
        $this->assertSame($before, TapRecord::query()->count());
    }
}
