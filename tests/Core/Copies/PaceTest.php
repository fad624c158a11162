<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use NorthSatchel\Copies\Pace;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    #[TestWith([0, 1_000_000, 5.0, 0.0, 'starting'])]
    #[TestWith([500_000, 1_000_000, 0.0, 0.5, 'starting'])]
    #[TestWith([59_000_000, 118_000_000, 59.0, 0.5, '1.0 MB/s, 59 s left'])]
    #[TestWith([60_000_000, 120_000_000, 60.0, 0.5, '1.0 MB/s, 1 min 0 s left'])]
    #[TestWith([99_000_000, 198_000_000, 10.0, 0.5, '9.9 MB/s, 10 s left'])]
    #[TestWith([100_000_000, 200_000_000, 10.0, 0.5, '10 MB/s, 10 s left'])]
    #[TestWith([300, 200, 1.0, 1.0, '0.0 MB/s, 0 s left'])]
    #[TestWith([300, 0, 1.0, 0.0, '0.0 MB/s, 0 s left'])]
    #[TestWith([100, 101, 100.0, 0.99, '0.0 MB/s, 1 s left'])]
    public function test_what_is_left_follows_from_what_is_done(int $done, int $of, float $seconds, float $share, string $text): void
    {
        $pace = Pace::of($done, $of, $seconds);
        $this->assertEqualsWithDelta($share, $pace->share, 0.001);
        $this->assertSame($text, $pace->text());
    }
}
