<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthSatchel\Signed;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SignedTest extends TestCase
{
    #[TestWith([-4, '−4'])]
    #[TestWith([-0.5, '−0.5'])]
    #[TestWith([0, '0'])]
    #[TestWith([-0.0, '0'])]
    #[TestWith([12.3, '12.3'])]
    public function test_a_minus_is_none_of_the_hyphens(int|float $number, string $said): void
    {
        $this->assertSame($said, Signed::of($number));
    }
}
