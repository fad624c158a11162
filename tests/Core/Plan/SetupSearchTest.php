<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Setups\SetupChanges;
use NorthSatchel\Plan\Setups\SetupElement;
use NorthSatchel\Plan\Setups\SetupOrder;
use NorthSatchel\Plan\Setups\SetupSearch;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Glpsol;

/** The order of elements: by hand, by trying all, and against glpsol as an integer program. */
final class SetupSearchTest extends TestCase
{
    /** @param  list<SetupElement>  $elements */
    private static function best(array $elements, array $listed = [], int $usual = 10, ?string $start = null, array $more = []): SetupOrder
    {
        $setups = [...array_map(static fn (SetupElement $e): string => $e->setup, $elements), ...$more, ...$start === null ? [] : [$start]];

        return SetupSearch::best($elements, new SetupChanges(array_values(array_unique($setups)), $listed, $usual), $start);
    }

    public function test_a_composite_by_hand(): void
    {
        $elements = [
            new SetupElement('clean', 'table', 20),
            new SetupElement('wet', 'tank', 30, ['clean']),
            new SetupElement('lid', 'table', 10, ['wet']),
            new SetupElement('box', 'table', 5),
        ];
        $order = self::best($elements, ['table' => ['tank' => 25]]);
        $this->assertSame([['clean', 'box', 'wet', 'lid'], 115, 2, 115, true],
            [$order->order, $order->minutes, $order->changes, $order->lowerBound, $order->isOptimal]);
        $listed = ['table' => ['tank' => 25], 'tank' => ['table' => 15]];
        $this->assertSame(65 + 25 + 15, self::best($elements, $listed)->minutes, 'the way back is listed');
        // From the tank one changes to the table first; from the table not at all.
        $this->assertSame([140, 3], [self::best($elements, ['table' => ['tank' => 25]], start: 'tank')->minutes,
            self::best($elements, ['table' => ['tank' => 25]], start: 'tank')->changes]);
        $this->assertSame(115, self::best($elements, ['table' => ['tank' => 25]], start: 'table')->minutes);
        $this->assertSame(85, self::best($elements)->minutes, 'ten minutes where nobody says');
        $this->assertSame([[], 0, 0, true], [self::best([])->order, self::best([])->minutes, self::best([])->changes, self::best([])->isOptimal]);
    }

    public function test_the_cheapest_way_goes_through_any_setup(): void
    {
        $two = [new SetupElement('a', 'left', 1), new SetupElement('b', 'right', 1, ['a'])];
        $listed = ['left' => ['right' => 30, 'bare' => 5], 'bare' => ['right' => 6]];
        $order = self::best($two, $listed, 50, null, ['bare']);
        $this->assertSame([13, 1], [$order->minutes, $order->changes], 'struck and built again, one change');
    }

    public function test_among_equals_the_fewest_changes(): void
    {
        $free = [new SetupElement('a', 'x', 5), new SetupElement('b', 'y', 5), new SetupElement('c', 'x', 5)];
        $this->assertSame([15, 1], [self::best($free, [], 0)->minutes, self::best($free, [], 0)->changes]);
    }

    public function test_a_circle_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        self::best([new SetupElement('a', 'x', 1, ['b']), new SetupElement('b', 'y', 1, ['a'])]);
    }

    /** @return array{list<SetupElement>, array<string, array<string, int>>, string|null} */
    private static function random(int $seed, int $elements, int $setups, float $density): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $names = array_map(static fn (int $s): string => "s{$s}", range(1, $setups));
        $list = $listed = [];
        for ($i = 0; $i < $elements; $i++) {
            $after = array_filter(range(0, max(0, $i - 1)), static fn (int $j): bool => $j < $i && $random->getInt(0, 999) < 1000 * $density);
            $list[] = new SetupElement("e{$i}", $names[$random->getInt(0, $setups - 1)], $random->getInt(0, 20),
                array_values(array_map(static fn (int $j): string => "e{$j}", $after)));
        }
        foreach ($names as $from) {
            foreach ($names as $to) {
                if ($from !== $to && $random->getInt(0, 2) > 0) {
                    $listed[$from][$to] = $random->getInt(0, 30);
                }
            }
        }

        return [$list, $listed, $random->getInt(0, 1) === 0 ? null : $names[0]];
    }

    public function test_small_ones_by_trying_all_orders(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            [$elements, $listed, $start] = self::random($seed, 6, 3, 0.25);
            $changes = new SetupChanges(array_values(array_unique(['s1', 's2', 's3'])), $listed, 10);
            $best = [PHP_INT_MAX, 0];
            $try = static function (array $done, ?string $at, int $minutes, int $count) use (&$try, &$best, $elements, $changes): void {
                if (count($done) === count($elements)) {
                    $best = min($best, [$minutes, $count]);
                }
                foreach ($elements as $element) {
                    if (! isset($done[$element->id]) && array_diff($element->after, array_keys($done)) === []) {
                        $is = $at !== null && $at !== $element->setup;
                        $more = $element->minutes + ($is ? $changes->between($at, $element->setup) : 0);
                        $try([...$done, $element->id => true], $element->setup, $minutes + $more, $count + ($is ? 1 : 0));
                    }
                }
            };
            $try([], $start, 0, 0);
            $found = SetupSearch::best($elements, $changes, $start);
            $this->assertSame($best, [$found->minutes, $found->changes], "seed {$seed}");
            $this->assertSame([$found->minutes, true], [$found->lowerBound, $found->isOptimal]);
            $this->assertIsAnOrder($elements, $found);
        }
    }

    /** @param  list<SetupElement>  $elements */
    private function assertIsAnOrder(array $elements, SetupOrder $found): void
    {
        $by = array_column($elements, null, 'id');
        $this->assertEqualsCanonicalizing(array_keys($by), $found->order);
        foreach ($found->order as $at => $id) {
            $this->assertSame([], array_diff($by[$id]->after, array_slice($found->order, 0, $at)));
        }
    }

    /** GNU Linear Programming Kit's glpsol: places in the order, who is at each, and the change between two neighbours. */
    public function test_against_glpsol(): void
    {
        for ($seed = 101; $seed <= 106; $seed++) {
            [$elements, $listed, $start] = self::random($seed, 7, 3, 0.2);
            $changes = new SetupChanges(['s1', 's2', 's3'], $listed, 10);
            $count = count($elements);
            $objective = $rules = $binaries = [];
            for ($p = 0; $p < $count; $p++) {
                $rules[] = implode(' + ', array_map(static fn (int $e): string => "x{$e}_{$p}", range(0, $count - 1))).' = 1';
                foreach ($elements as $e => $element) {
                    $binaries[] = "x{$e}_{$p}";
                    if ($p === 0 && $start !== null && $element->setup !== $start) {
                        $objective[] = '+ '.(1000 * $changes->between($start, $element->setup) + 1)." x{$e}_0";
                    }
                    foreach ($p > 0 ? $elements : [] as $f => $other) {
                        if ($other->setup !== $element->setup) {
                            $objective[] = '+ '.(1000 * $changes->between($other->setup, $element->setup) + 1)." y{$f}_{$e}_{$p}";
                            $rules[] = "y{$f}_{$e}_{$p} - x{$f}_".($p - 1)." - x{$e}_{$p} >= -1";
                        }
                    }
                }
            }
            foreach ($elements as $e => $element) {
                $rules[] = implode(' + ', array_map(static fn (int $p): string => "x{$e}_{$p}", range(0, $count - 1))).' = 1';
                foreach ($element->after as $id) {
                    $before = (int) substr($id, 1);
                    $rules[] = implode(' ', array_map(
                        static fn (int $p): string => ($p > 0 ? "+ {$p} x{$e}_{$p} - {$p} x{$before}_{$p}" : ''), range(0, $count - 1),
                    )).' >= 1';
                }
            }
            $text = "Minimize\n z: ".($objective === [] ? '0 x0_0' : implode(' ', $objective))."\nSubject To\n";
            foreach ($rules as $n => $rule) {
                $text .= " r{$n}: {$rule}\n";
            }
            $best = Glpsol::best($text."Binary\n ".implode("\n ", $binaries)."\nEnd\n");
            $found = SetupSearch::best($elements, $changes, $start);
            $minutes = array_sum(array_map(static fn (SetupElement $e): int => $e->minutes, $elements));
            $this->assertSame($best, 1000 * ($found->minutes - $minutes) + $found->changes, "seed {$seed}");
        }
    }

    public function test_forty_elements_in_eight_setups_are_proven(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            [$elements, $listed, $start] = self::random($seed, 40, 8, [0.02, 0.06, 0.1, 0.3][$seed % 4]);
            $found = SetupSearch::best($elements, new SetupChanges(array_map(static fn (int $s): string => "s{$s}", range(1, 8)), $listed), $start);
            $this->assertTrue($found->isOptimal, "seed {$seed}");
            $this->assertIsAnOrder($elements, $found);
        }
    }

    /** More than there are bits: an order, a true bound, and no claim. */
    public function test_a_hundred_elements_have_an_order_and_a_bound(): void
    {
        [$elements, $listed, $start] = self::random(3, 100, 12, 0.03);
        $found = SetupSearch::best($elements, new SetupChanges(array_map(static fn (int $s): string => "s{$s}", range(1, 12)), $listed), $start);
        $this->assertIsAnOrder($elements, $found);
        $this->assertFalse($found->isOptimal);
        $this->assertLessThanOrEqual($found->minutes, $found->lowerBound);
        $this->assertGreaterThan(0, $found->lowerBound);
    }
}
