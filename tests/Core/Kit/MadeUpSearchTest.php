<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Cover\CoverSearch;
use NorthSatchel\Time\Patience;
use PHPUnit\Framework\TestCase;
use Tests\Support\RandomShelf;
use Tests\Support\Sayings;

/**
 * What the search for the lightest choice finds, after how many looks, and what it says where it is broken off: a bound that prunes less
 * finds the same, only later, and shows here.
 */
final class MadeUpSearchTest extends TestCase
{
    private static function counting(int $most): Patience
    {
        return new class($most) implements Patience
        {
            public int $looks = 0;

            public function __construct(private readonly int $most) {}

            public function isOver(): bool
            {
                return ++$this->looks > $this->most;
            }

            public function part(float $share, float $mostSeconds = INF): Patience
            {
                return $this;
            }
        };
    }

    public function test_what_is_found_after_how_many_looks(): void
    {
        $say = new Sayings('searches');
        for ($seed = 1; $seed <= 260; $seed++) {
            [$items, $needs] = RandomShelf::of($seed, $say->whole(20, 44), $say->whole(9, 15), $say->whole(6, 12));
            foreach ([PHP_INT_MAX, 3, 1, 0] as $most) {
                $patience = self::counting($most);
                $cover = CoverSearch::lightest($items, $needs, $patience);
                $looks = get_object_vars($patience)['looks'] ?? 0;
                if ($looks === 0 && $seed > 30) {
                    continue; // found without a branch
                }
                $say->add("{$seed} after {$looks} looks: {$cover->weight} g, at least {$cover->lowerBound}".($cover->isOptimal ? ', proven' : '').
                    ', '.implode(' ', $cover->chosen).($cover->short === [] ? '' : ', short '.json_encode($cover->short)));
            }
        }
        $say->keep();
    }
}
