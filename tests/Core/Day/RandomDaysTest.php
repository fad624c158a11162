<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use PHPUnit\Framework\TestCase;
use Tests\Support\RandomDays;

/** Three phones, wrong clocks, taps doubled, late and out of order; ten thousand days by ./satchel trust day. */
final class RandomDaysTest extends TestCase
{
    public function test_every_phone_ends_with_the_day_that_really_was(): void
    {
        for ($seed = 1; $seed <= 300; $seed++) {
            $this->assertNull(RandomDays::run($seed), "day {$seed}");
        }
    }
}
