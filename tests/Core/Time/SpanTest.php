<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\Span;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SpanTest extends TestCase
{
    #[TestWith([0, '0 s'])]
    #[TestWith([59, '59 s'])]
    #[TestWith([60, '1 min'])]
    #[TestWith([-120, '2 min'])]
    #[TestWith([3599, '59 min 59 s'])]
    #[TestWith([3600, '1 h'])]
    #[TestWith([3605, '1 h 5 s'])]
    #[TestWith([-7384, '2 h 3 min 4 s'])]
    public function test_exact(int $seconds, string $words): void
    {
        $this->assertSame($words, Span::exact($seconds));
    }

    #[TestWith([0, '0 min'])]
    #[TestWith([59, '59 min'])]
    #[TestWith([60, '1 h'])]
    #[TestWith([425, '7 h 05'])]
    public function test_hours(int $minutes, string $words): void
    {
        $this->assertSame($words, Span::hours($minutes));
    }

    public function test_a_move_says_which_way(): void
    {
        $this->assertSame(['20 min later', '1 h 05 earlier', '2 h later'], array_map(Span::later(...), [20, -65, 120]));
    }

    #[TestWith(['2', 120])]
    #[TestWith(['5.5', 330])]
    #[TestWith(['5,5', 330])]
    #[TestWith(['5:30', 330])]
    #[TestWith([' 5 h 30 ', 330])]
    #[TestWith(['90 min', 90])]
    #[TestWith(['0.25', 15])]
    #[TestWith(['12 hours', 720])]
    public function test_hours_as_people_type_them(string $typed, int $minutes): void
    {
        $this->assertSame($minutes, Span::ofHours($typed));
    }

    #[TestWith([''])]
    #[TestWith(['soon'])]
    #[TestWith(['5:75'])]
    #[TestWith(['-2'])]
    #[TestWith(['5.5.5'])]
    public function test_what_is_no_length_of_time_is_refused(string $typed): void
    {
        $this->expectException(ImpossibleValue::class);
        Span::ofHours($typed);
    }
}
