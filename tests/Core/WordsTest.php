<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthSatchel\Plural;
use NorthSatchel\Some;
use PHPUnit\Framework\TestCase;

/** Words that follow a number, wherever they are said. */
final class WordsTest extends TestCase
{
    public function test_one_has_its_own_word(): void
    {
        $this->assertSame(
            ['things', 'thing', 'things', 'things'],
            array_map(static fn (int $n): string => Plural::of($n, 'thing', 'things'), [0, 1, 2, -1]),
        );
    }

    public function test_the_first_of_a_list_and_how_many_more(): void
    {
        $this->assertSame('', Some::of([], 2));
        $this->assertSame('a, b', Some::of(['a', 'b'], 2));
        $this->assertSame('a, b and 1 more', Some::of(['a', 'b', 'c'], 2));
        $this->assertSame('a; b and 2 more', Some::of(['x' => 'a', 'y' => 'b', 'z' => 'c', 'd'], 2, '; '));
    }
}
