<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use NorthSatchel\Drawing\FittedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Names in drawings are whole, however long. */
final class FittedTextTest extends TestCase
{
    public function test_what_fits_is_as_it_was(): void
    {
        // 0.55 × 10 for each of ten letters.
        $fit = new FittedText('Hofsparken', 55.0, 10.0);
        $this->assertSame([['Hofsparken'], 10.0, 0.0], [$fit->lines, $fit->size, $fit->dy(0)]);
        $this->assertSame(9.1, (new FittedText('Hofsparken!', 55.0, 10.0))->size, 'a letter more is a tenth less');
    }

    public function test_what_is_longer_stands_in_two_lines_where_that_is_larger(): void
    {
        $two = new FittedText('Finish of the hundred metres final', 110.0, 15.0);
        $this->assertSame(['Finish of the', 'hundred metres final'], $two->lines);
        $this->assertSame(10.0, $two->size, '20 letters of 0.55 × 10');
        $this->assertSame([-5.8, 4.7], [$two->dy(0), $two->dy(1)]);
        $this->assertCount(1, (new FittedText('Finish of the hundred metres final', 110.0, 15.0, false))->lines);
        $this->assertCount(1, (new FittedText('Finish side.', 110.0, 17.0))->lines, 'a little smaller is better than two lines');
    }

    /** @return array<string, array{string}> */
    public static function names(): array
    {
        return [
            'no space' => [str_repeat('Å', 80)], 'many spaces' => [str_repeat('a b ', 30)], 'nothing' => [''], 'one letter' => ['x'],
            'another script' => ['渡辺 葵と長い名前の人たちの写真'],
        ];
    }

    #[DataProvider('names')]
    public function test_nothing_of_a_name_is_lost_and_none_is_wider_than_there_is_room(string $name): void
    {
        $fit = new FittedText($name, 90.0, 14.0);
        $this->assertSame(trim((string) preg_replace('/\s+/u', ' ', $name)), implode(' ', $fit->lines));
        foreach ($fit->lines as $line) {
            $this->assertLessThanOrEqual(90.0 + mb_strlen($line) * 0.55 * 0.05, 0.55 * $fit->size * mb_strlen($line), 'but for rounding');
        }
    }
}
