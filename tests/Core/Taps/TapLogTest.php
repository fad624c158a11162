<?php

declare(strict_types=1);

namespace Tests\Core\Taps;

use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;
use PHPUnit\Framework\TestCase;

/** What is so follows from the last tap on each thing, in whatever order the taps came in. */
final class TapLogTest extends TestCase
{
    public function test_the_last_tap_on_a_thing_holds(): void
    {
        $log = TapLog::of([
            new Tap('c', TapKind::Unpack, 30.0, ['item' => 7]),
            new Tap('a', TapKind::Pack, 10.0, ['item' => 7]),
            new Tap('b', TapKind::Pack, 20.0, ['item' => 8]),
            new Tap('d', TapKind::Found, 40.0, ['person' => 7]),
        ]);
        $this->assertSame([7 => false, 8 => true], $log->states(TapKind::Pack));
        $this->assertSame([8], $log->standing(TapKind::Pack));
        $this->assertSame([7], $log->standing(TapKind::Found));
        $this->assertSame([], $log->states(TapKind::Shot));
        $this->assertSame(['a', 'b'], array_map(static fn (Tap $t): string => $t->id, $log->ofKind(TapKind::Pack)));
    }

    /** Every order of arrival, with each of the taps twice, gives the same answer; so do two taps under one id, or at one moment. */
    public function test_order_and_repetition_change_nothing(): void
    {
        $taps = [
            new Tap('a', TapKind::Pack, 10.0, ['item' => 7]),
            new Tap('a', TapKind::Unpack, 50.0, ['item' => 7]),
            new Tap('b', TapKind::Unpack, 20.0, ['item' => 7]),
            new Tap('c', TapKind::Pack, 20.0, ['item' => 7]),
        ];
        $seen = [];
        foreach (self::orders($taps) as $order) {
            $seen[serialize(TapLog::of([...$order, ...array_reverse($order)])->states(TapKind::Pack))] = true;
        }
        $this->assertSame([serialize([7 => true])], array_keys($seen));
    }

    public function test_as_it_stood_after_one_of_its_taps(): void
    {
        $taps = [
            new Tap('a', TapKind::Found, 10.0, ['person' => 1]),
            new Tap('b', TapKind::Found, 20.0, ['person' => 2]),
            new Tap('c', TapKind::Lost, 30.0, ['person' => 1]),
        ];
        $log = TapLog::of($taps);
        $this->assertSame([[1], [1, 2], [2]], array_map(static fn (Tap $t): array => $log->until($t)->standing(TapKind::Found), $taps));
    }

    /** A kind that takes another back is about the same kind of thing, and no two kinds take back the same one. */
    public function test_kinds_that_take_back(): void
    {
        $back = [];
        foreach (TapKind::cases() as $kind) {
            if ($kind->opposite() !== null) {
                $this->assertSame($kind->subject(), $kind->opposite()->subject(), $kind->value);
                $back[] = $kind->opposite()->value;
            }
        }
        $this->assertSame($back, array_values(array_unique($back)));
        $this->assertCount(11, $back);
    }

    public function test_what_a_tap_carries(): void
    {
        $tap = new Tap('a', TapKind::Placed, 10.5, ['item' => '12', 'place' => 'choir loft', 'heightCm' => 182.5]);
        $this->assertSame(12, $tap->subject());
        $this->assertSame(182.5, $tap->measure('heightCm'));
        $this->assertNull($tap->measure('angleDeg'));
        $this->assertNull($tap->number('place'));
        $this->assertSame('choir loft', $tap->words('place'));
    }

    /**
     * @param  list<Tap>  $taps
     * @return list<list<Tap>>
     */
    private static function orders(array $taps): array
    {
        if (count($taps) < 2) {
            return [$taps];
        }
        $all = [];
        foreach ($taps as $i => $first) {
            foreach (self::orders(array_values(array_diff_key($taps, [$i => true]))) as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all;
    }
}
