<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\ShotText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShotTextTest extends TestCase
{
    /** @return array<string, array{string, array{what: string, priority: string, minutes: int, frames: int, focal_mm: int|null}}> */
    public static function lines(): array
    {
        $shot = static fn (string $what, string $priority = 'should', int $minutes = 3, int $frames = 10, ?int $focal = null): array => [
            'what' => $what, 'priority' => $priority, 'minutes' => $minutes, 'frames' => $frames, 'focal_mm' => $focal,
        ];

        return [
            'only words' => ['Rings close', $shot('Rings close')],
            'all there is' => ['Rings close, 5 min, 12 frames, 85 mm, must', $shot('Rings close', 'must', 5, 12, 85)],
            'any order, other marks' => ["MUST; 200mm;Vows\t8 minutes", $shot('Vows', 'must', 8, 10, 200)],
            'a bullet' => ['• Bell tower', $shot('Bell tower')],
            'a number' => ['12) Bell tower', $shot('Bell tower')],
            'a number that belongs to it' => ['3 sisters by the door', $shot('3 sisters by the door')],
            'commas in the words' => ['Anna, Bo, and the dog', $shot('Anna, Bo, and the dog')],
            'a lens that is none' => ['Moon, 9000 mm', $shot('Moon, 9000 mm')],
            'nothing but a length' => ['5 min', $shot('5 min', minutes: 5)],
        ];
    }

    /** @param  array{what: string, priority: string, minutes: int, frames: int, focal_mm: int|null}  $shot */
    #[DataProvider('lines')]
    public function test_a_line_is_read(string $line, array $shot): void
    {
        $this->assertSame([$shot], ShotText::read("\n  \n{$line}\r\n"));
    }
}
