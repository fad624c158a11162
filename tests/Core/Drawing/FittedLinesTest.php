<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use NorthSatchel\Drawing\FittedLines;
use PHPUnit\Framework\TestCase;

final class FittedLinesTest extends TestCase
{
    public function test_at_its_size_where_it_fits_and_a_letter_more_makes_it_smaller(): void
    {
        // Ten letters of half a size of 10 are 50 units wide.
        $fit = new FittedLines('Hofsparken', 50.0, 10.0, 10.0);
        $this->assertSame([['Hofsparken'], 10.0], [$fit->lines, $fit->size]);
        $this->assertSame(9.0, (new FittedLines('Hofsparken!', 50.0, 10.0, 10.0))->size, 'eleven letters of 9.5 are 52 units wide');
        $this->assertSame(8.5, (new FittedLines('Hofsparken', 50.0, 8.9, 10.0))->size, 'nor is it higher than its box');
    }

    public function test_in_as_many_lines_as_there_is_room_for(): void
    {
        $fit = new FittedLines('Finish of the hundred metres', 40.0, 60.0, 10.0);
        $this->assertSame(['Finish', 'of the', 'hundred', 'metres'], $fit->lines);
        $this->assertSame([10.0, 10.8, 42.4], [$fit->size, $fit->dy(1), $fit->height()]);
        $tight = new FittedLines('Finish of the hundred metres', 40.0, 30.0, 10.0);
        $this->assertSame([['Finish of', 'the hundred', 'metres'], 7.0], [$tight->lines, $tight->size]);
    }

    public function test_it_is_whole_whatever_its_length_and_stays_within(): void
    {
        $words = ['a', 'Rindfleischetikettierung', 'of', 'the', 'lake', 'é', 'confetti', '12:30', 'grandparents'];
        mt_srand(11);
        for ($i = 0; $i < 400; $i++) {
            $text = implode(' ', array_map(static fn (): string => $words[mt_rand(0, 8)], range(0, mt_rand(0, 12))));
            [$width, $height] = [mt_rand(8, 200), mt_rand(8, 120)];
            $fit = new FittedLines($text, $width, $height, 13.0);
            $this->assertSame($text, implode(' ', $fit->lines));
            $this->assertLessThanOrEqual($height + 1e-6, $fit->height());
            foreach ($fit->lines as $line) {
                $this->assertLessThanOrEqual(max($width, 0.05 * mb_strlen($text)) + 1e-6, 0.5 * $fit->size * mb_strlen($line));
            }
        }
    }
}
