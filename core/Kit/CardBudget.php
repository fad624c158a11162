<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\ImpossibleValue;

/** How many frames a set of two cards takes in one body, and how many sets the job asks for. GB = 10^9, MB = 10^6 bytes. */
final readonly class CardBudget
{
    /** @param  int|null  $cardSets null when frames are to be taken and a set holds none */
    private function __construct(public int $framesPerSet, public ?int $cardSets, public float $gbTotal) {}

    /**
     * @param  array{float, float}  $slotGb
     * @param  float  $reserve  share of each card left unused, 0 ≤ x < 1
     *
     * @throws ImpossibleValue
     */
    public static function of(int $frames, float $rawMb, float $jpegMb, SaveMode $mode, array $slotGb, float $reserve = 0.0): self
    {
        if ($rawMb <= 0 && $jpegMb <= 0) {
            throw ImpossibleValue::of('jpeg_mb', 'must be above 0 when raw_mb is 0: nothing would be recorded');
        }
        if ($reserve < 0 || $reserve >= 1) {
            throw ImpossibleValue::of('reserve', 'must be a number from 0 to below 1');
        }
        $fits = static fn (float $gb, float $mb): int => (int) floor($gb * 1000 * (1 - $reserve) / $mb * (1 + 1e-12));
        $both = $rawMb + $jpegMb;

        $perSet = match ($mode) {
            SaveMode::Mirror => $fits(min($slotGb), $both),
            SaveMode::Overflow => $fits($slotGb[0], $both) + $fits($slotGb[1], $both),
            SaveMode::Split => min(
                $rawMb > 0 ? $fits($slotGb[0], $rawMb) : PHP_INT_MAX,
                $jpegMb > 0 ? $fits($slotGb[1], $jpegMb) : PHP_INT_MAX,
            ),
        };
        $sets = $frames === 0 ? 0 : ($perSet === 0 ? null : intdiv($frames + $perSet - 1, $perSet));

        return new self($perSet, $sets, $frames * $both / 1000);
    }
}
