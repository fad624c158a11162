<?php

declare(strict_types=1);

namespace Tests\Core\Brief;

use NorthSatchel\Brief\NamedHour;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hours that people write into what must not be missed. */
final class NamedHourTest extends TestCase
{
    /** @return iterable<string, array{string, int, int, int|null}> */
    public static function lines(): iterable
    {
        yield 'marked' => ['sparkler exit at 23:00', 660, 1350, 1380];
        yield 'with a dot, marked' => ['cake by 21.15', 660, 1350, 1275];
        yield 'with an h' => ['toast around 19h30', 660, 1350, 1170];
        yield 'in halves of a day' => ['lanterns at 9 pm', 660, 1350, 1260];
        yield 'halves with minutes' => ['lanterns at 9:30 p.m.', 660, 1350, 1290];
        yield 'bare' => ['Doors 18:00, the queue', 900, 1320, 1080];
        yield 'first in its line' => ['19.30 toast of the godmother', 660, 1350, 1170];
        yield 'after midnight, while it goes on' => ['last train at 00:40', 900, 1530, 1480];
        yield 'after midnight, and nobody there any more' => ['last train at 00:40', 900, 1410, 1480];
        yield 'before they begin' => ['fog over the field at 6:30', 660, 1350, 390];
        yield 'an aperture' => ['rings at f/2.8', 660, 1350, null];
        yield 'a length' => ['veil, 1.20 m long', 660, 1350, null];
        yield 'a lens and a count' => ['the choir of 24 at 200 mm', 660, 1350, null];
        yield 'a ratio' => ['crop 16:9', 660, 1350, null];
        yield 'no such hour' => ['ready at 29:75', 660, 1350, null];
        yield 'none' => ['the mill and its wheel', 660, 1350, null];
    }

    #[DataProvider('lines')]
    public function test_the_hour_of_a_line(string $line, int $from, int $to, ?int $minutes): void
    {
        $this->assertSame($minutes, NamedHour::in($line, $from, $to));
    }
}
