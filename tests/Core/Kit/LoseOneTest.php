<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\CountedNeed;
use NorthSatchel\Kit\LosableThing;
use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\LostItems;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every thing, and every pair, taken out in turn: by hand, and against a plain program on random bags. */
final class LoseOneTest extends TestCase
{
    public function test_a_bag_by_hand(): void
    {
        $things = [
            'body' => new LosableThing(['body', 'mount'], ['cell']),
            'body 2' => new LosableThing(['body', 'mount'], ['cell']),
            'long' => new LosableThing(['long'], ['mount']),
            'cell' => new LosableThing(['cell']),
            'flash' => new LosableThing(['light'], ['small cell']),
        ];
        $needs = [
            'two' => new CountedNeed(capability: 'body', count: 2),
            'one' => new CountedNeed(capability: 'body', count: 1),
            'long' => new CountedNeed(capability: 'long', count: 1),
            'light' => new CountedNeed(capability: 'light', count: 1),
        ];
        $lose = new LoseOne($things, $needs);
        $this->assertSame(['two', 'one', 'long'], $lose->met);
        $this->assertSame(['light'], $lose->unmet, 'the flash has no cells');
        $this->assertFalse($lose->isUsable('flash'));
        $this->assertEquals(
            [
                new LostItems(['body'], ['two']),
                new LostItems(['body 2'], ['two']),
                new LostItems(['long'], ['long']),
                new LostItems(['cell'], ['two', 'one', 'long']),
            ],
            $lose->breaks(),
        );
        $pairs = array_slice($lose->breaks(2), 4);
        $this->assertContainsEquals(
            new LostItems(['body', 'body 2'], ['two', 'one', 'long']),
            $pairs,
            'no body, so no mount, so no long lens',
        );
        $this->assertNotContains(['body', 'cell'], array_column($pairs, 'items'), 'the cell alone breaks as much');
    }

    public function test_two_things_that_need_each_other_hold_each_other_up_and_one_never_itself(): void
    {
        $lose = new LoseOne(
            ['a' => new LosableThing(['x'], ['y']), 'b' => new LosableThing(['y'], ['x']), 'c' => new LosableThing(['z'], ['z'])],
            [
                'x' => new CountedNeed(capability: 'x', count: 1),
                'z' => new CountedNeed(capability: 'z', count: 1),
            ],
        );
        $this->assertSame(['x'], $lose->met);
        $this->assertSame(['z'], $lose->unmet, 'what it requires some other must give');
        $this->assertEquals([new LostItems(['a'], ['x']), new LostItems(['b'], ['x'])], $lose->breaks());
    }

    public function test_what_is_no_thing_of_its_own_is_not_lost(): void
    {
        $lose = new LoseOne(
            ['lens' => new LosableThing(['lens']), 'pair' => new LosableThing(['reach'], ['lens'], canBeLost: false)],
            ['reach' => new CountedNeed(capability: 'reach', count: 1)],
        );
        $this->assertEquals([new LostItems(['lens'], ['reach'])], $lose->breaks(2));
    }

    /** The largest set in which everything works, by taking out what does not until nothing changes. */
    public function test_random_bags_against_a_plain_program(): void
    {
        $broken = $unmet = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            $some = static fn (int $most): array => array_map(
                static fn (): string => 'c'.$dice->getInt(0, 6),
                $most === 0 ? [] : range(1, $most),
            );
            $things = $needs = [];
            for ($i = 0; $i < 9; $i++) {
                $things[(string) ($i * 7)] = new LosableThing($some($dice->getInt(1, 2)), $some($dice->getInt(0, 2)));
            }
            for ($i = 0; $i < 5; $i++) {
                $needs["n{$i}"] = new CountedNeed(capability: "c{$i}", count: $dice->getInt(1, 2));
            }
            $met = self::met($things, $needs);
            $lose = new LoseOne($things, $needs);
            $this->assertSame($met, $lose->met);
            $unmet += count($lose->unmet);
            $expected = $alone = [];
            $ids = array_map(strval(...), array_keys($things));
            foreach ($ids as $id) {
                $alone[$id] = array_values(array_diff($met, self::met(array_diff_key($things, [$id => 0]), $needs)));
                $expected = $alone[$id] === [] ? $expected : [...$expected, new LostItems([$id], $alone[$id])];
            }
            foreach ($ids as $i => $one) {
                foreach (array_slice($ids, $i + 1) as $other) {
                    $both = array_values(array_diff($met, self::met(array_diff_key($things, [$one => 0, $other => 0]), $needs)));
                    $expected =
                        array_diff($both, $alone[$one], $alone[$other]) === []
                            ? $expected
                            : [...$expected, new LostItems([$one, $other], $both)];
                }
            }
            $this->assertEquals($expected, $lose->breaks(2), "seed {$seed}");
            $broken += count($expected);
        }
        $this->assertGreaterThan(100, $broken);
        $this->assertGreaterThan(20, $unmet);
    }

    /**
     * @param  array<LosableThing>  $things
     * @param  array<string, CountedNeed>  $needs
     * @return list<string>
     */
    private static function met(array $things, array $needs): array
    {
        do {
            $before = count($things);
            foreach ($things as $id => $thing) {
                foreach ($thing->requires as $capability) {
                    $others = array_filter(
                        $things,
                        static fn (LosableThing $o): bool => $o !== $thing && in_array($capability, $o->gives, true),
                    );
                    if ($others === []) {
                        unset($things[$id]);
                    }
                }
            }
        } while (count($things) < $before);
        $met = [];
        foreach ($needs as $id => $need) {
            if (
                count(array_filter($things, static fn (LosableThing $o): bool => in_array($need->capability, $o->gives, true))) >=
                $need->count
            ) {
                $met[] = $id;
            }
        }

        return $met;
    }
}
