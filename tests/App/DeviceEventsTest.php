<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\CardLog;
use App\Models\Card;
use App\Models\CardEventRecord;
use App\Models\DeviceEvent;
use App\Models\Job;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;
use NorthSatchel\Cards\CardState;
use PHPUnit\Framework\Attributes\DataProvider;

/** Taps made on a device: the same twice, in any order, some that cannot be taken. */
final class DeviceEventsTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->demo();
    }

    /** @return array{id: string, kind: string, on: array<string, int>, made_at: string} */
    private function tap(string $kind, array $on, string $madeAt = '2027-05-01T10:00:00.000Z'): array
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

        return str_contains((string) $this->get("/jobs/{$this->job->id}/pack")->getContent(), 'data-tap="unpack" data-on="{&quot;job&quot;:'.$this->job->id.',&quot;item&quot;:'.$item.'}');
    }

    public function test_the_same_tap_twice_counts_once(): void
    {
        $tap = $this->tap('pack', ['item' => 1]);
        $this->send([$tap])->assertOk()->assertJson(['taken' => [$tap['id']], 'refused' => []]);
        $this->send([$tap, $tap])->assertOk()->assertJson(['refused' => []]);
        $this->assertSame(1, DeviceEvent::query()->count());
    }

    public function test_the_time_on_the_device_decides_not_the_order_of_arrival(): void
    {
        $late = $this->tap('unpack', ['item' => 1], '2027-05-01T10:00:05.000Z');
        $early = $this->tap('pack', ['item' => 1], '2027-05-01T10:00:01.000Z');
        $this->send([$late]);
        $this->send([$early]);
        $this->assertFalse($this->packed(1));
        $this->send([$this->tap('pack', ['item' => 1], '2027-05-01T12:00:09.000+02:00')]);
        $this->assertTrue($this->packed(1), 'five past ten and four seconds later, in another offset');
    }

    public function test_a_card_swap_is_two_taps_that_end_in_its_log(): void
    {
        $old = $this->card('S06');
        $new = $this->card('S07');
        $out = $this->tap('unload', ['card' => $old->id], now()->addSecond()->toIso8601ZuluString());
        $in = $this->tap('load', ['card' => $new->id, 'body' => 3, 'slot' => 2], now()->addSeconds(2)->toIso8601ZuluString());
        $this->send([$in, $out])->assertOk()->assertJson(['refused' => []]);
        $log = new CardLog;
        $this->assertSame(CardState::Shot, $log->lifeOf($old)->state);
        $this->assertSame([3, 2], [$log->lifeOf($new)->bodyId, $log->lifeOf($new)->slot]);
    }

    public function test_a_shot_card_never_goes_back_into_a_body(): void
    {
        $card = $this->card('S06');
        $this->send([$this->tap('unload', ['card' => $card->id])]);
        $again = $this->tap('load', ['card' => $card->id, 'body' => 3, 'slot' => 2]);
        $answer = $this->send([$again])->assertOk()->json();
        $this->assertSame([], $answer['taken']);
        $this->assertSame($again['id'], $answer['refused'][0]['id']);
        $this->assertStringContainsString('S06 is not ready', $answer['refused'][0]['why']);
    }

    public function test_a_taken_slot_takes_no_second_card(): void
    {
        $answer = $this->send([$this->tap('load', ['card' => $this->card('S08')->id, 'body' => 1, 'slot' => 1])])->json();
        $this->assertStringContainsString('Slot 1 of Body A is taken', $answer['refused'][0]['why']);
    }

    public function test_one_that_cannot_be_taken_does_not_hold_up_the_others(): void
    {
        $good = $this->tap('pack', ['item' => 2]);
        $bad = $this->tap('load', ['card' => 999, 'body' => 1, 'slot' => 1]);
        $this->send([$bad, $good])->assertOk()->assertJson(['taken' => [$good['id']]])->assertJsonPath('refused.0.id', $bad['id']);
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function malformed(): array
    {
        return [
            'no id' => [['id' => 'seven']], 'no such kind' => [['kind' => 'format']], 'no time' => [['made_at' => 'later']],
            'words where numbers belong' => [['on' => ['item' => '<b>']]], 'nothing to act on' => [['on' => []]],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('malformed')]
    public function test_malformed_taps_are_refused(array $change): void
    {
        $this->send([[...$this->tap('pack', ['item' => 1]), ...$change]])->assertUnprocessable();
        $this->assertSame(0, DeviceEvent::query()->count());
    }

    public function test_the_logs_can_only_grow(): void
    {
        foreach ([
            static fn () => CardEventRecord::query()->whereKey(1)->update(['kind' => 'formatted']),
            static fn () => CardEventRecord::query()->whereKey(1)->delete(),
        ] as $deed) {
            try {
                $deed();
                $this->fail('The log was changed.');
            } catch (QueryException $e) {
                $this->assertStringContainsString('append-only', $e->getMessage());
            }
        }
    }
}
