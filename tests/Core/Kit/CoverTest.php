<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Cover\CoverItem;
use NorthSatchel\Kit\Cover\CoverSearch;
use NorthSatchel\Time\Looks;
use PHPUnit\Framework\Attributes\RequiresOperatingSystemFamily;
use PHPUnit\Framework\TestCase;
use Tests\Support\RandomShelf;

/** The lightest bag that gives everything: by hand, by trying all of them, and against glpsol. */
final class CoverTest extends TestCase
{
    public function test_a_shelf_by_hand(): void
    {
        $shelf = [
            new CoverItem('zoom', 900, ['wide', 'long'], ['body']),
            new CoverItem('wide', 400, ['wide'], ['body']),
            new CoverItem('long', 450, ['long'], ['body']),
            new CoverItem('body', 700, ['body']),
            new CoverItem('old body', 750, ['body']),
        ];
        $cover = CoverSearch::lightest($shelf, ['wide' => 1, 'long' => 1]);
        $this->assertSame(
            [['wide', 'long', 'body'], 1550, 1550, true, []],
            [$cover->chosen, $cover->weight, $cover->lowerBound, $cover->isOptimal, $cover->short],
        );
        $spare = CoverSearch::lightest($shelf, ['wide' => 2, 'long' => 1, 'body' => 2]);
        $this->assertSame(['zoom', 'wide', 'body', 'old body'], $spare->chosen, 'the zoom is long too, so no other long lens is needed');
        $missing = CoverSearch::lightest($shelf, ['wide' => 4, 'flash' => 1]);
        $this->assertSame(['wide' => 2, 'flash' => 1], $missing->short);
        $this->assertSame(['zoom', 'wide', 'body'], $missing->chosen, 'as far as it goes');
        $this->assertSame([], CoverSearch::lightest([], ['wide' => 1])->chosen);
        $this->assertSame(
            [],
            CoverSearch::lightest([new CoverItem('lens', 5, ['wide'], ['body'])], ['wide' => 1])->chosen,
            'without a body it is of no use',
        );
        $this->assertSame(
            ['b'],
            CoverSearch::lightest(
                [new CoverItem('a1', 50, ['x']), new CoverItem('a2', 50, ['y']), new CoverItem('b', 100, ['x', 'y'])],
                ['x' => 1, 'y' => 1],
            )->chosen,
            'of two equally light bags the one with fewer things',
        );
    }

    public function test_small_shelves_by_trying_all(): void
    {
        for ($seed = 1; $seed <= 80; $seed++) {
            [$items, $needs] = RandomShelf::of($seed, 11, 6, 4);
            $least = null;
            for ($mask = 0; $mask < 1 << count($items); $mask++) {
                $taken = array_values(array_filter($items, static fn (int $i): bool => (($mask >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY));
                if (self::holds($taken, $needs, $items)) {
                    $weight = array_sum(array_map(static fn (CoverItem $i): int => $i->weight, $taken));
                    $least = min($least ?? PHP_INT_MAX, $weight);
                }
            }
            $cover = CoverSearch::lightest($items, $needs);
            $this->assertTrue($cover->isOptimal);
            $this->assertSame($least, $cover->weight, "seed {$seed}");
        }
    }

    /** GNU Linear Programming Kit's glpsol on the same integer program, 80 things. */
    #[RequiresOperatingSystemFamily('Linux')]
    public function test_large_shelves_against_glpsol(): void
    {
        for ($seed = 101; $seed <= 108; $seed++) {
            [$items, $needs] = RandomShelf::of($seed, 80, 26, 20);
            $cover = CoverSearch::lightest($items, $needs);
            $this->assertTrue($cover->isOptimal);
            $this->assertSame(RandomShelf::glpsol($items, $needs), $cover->weight, "seed {$seed}");
        }
    }

    public function test_a_bound_is_true_when_the_time_is_up(): void
    {
        [$items, $needs] = RandomShelf::of(7, 80, 26, 20);
        $quick = CoverSearch::lightest($items, $needs, Looks::upTo(0));
        $proven = CoverSearch::lightest($items, $needs);
        $this->assertLessThanOrEqual($proven->weight, $quick->lowerBound);
        $this->assertGreaterThanOrEqual($proven->weight, $quick->weight);
    }

    /**
     * @param  list<CoverItem>  $taken
     * @param  array<string, int>  $needs
     * @param  list<CoverItem>  $all
     */
    private static function holds(array $taken, array $needs, array $all): bool
    {
        $givers = static fn (array $of, string $c, ?CoverItem $but = null): int => count(
            array_filter($of, static fn (CoverItem $i): bool => $i !== $but && in_array($c, $i->gives, true)),
        );
        $usable = $all;
        do {
            $before = count($usable);
            $usable = array_values(
                array_filter(
                    $usable,
                    static fn (CoverItem $i): bool => array_filter(
                        $i->requires,
                        static fn (string $c): bool => $givers($usable, $c, $i) === 0,
                    ) === [],
                ),
            );
        } while (count($usable) < $before);
        foreach ($taken as $item) {
            foreach ($item->requires as $c) {
                if ($givers($taken, $c, $item) === 0) {
                    return false;
                }
            }
        }
        foreach ($needs as $c => $count) {
            if ($givers($taken, $c) < min($count, $givers($usable, $c))) {
                return false;
            }
        }

        return true;
    }
}
