<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Time\Patience;

/** Patience by this machine's clock. */
final readonly class Stopwatch implements Patience
{
    private function __construct(private int $endNs) {}

    public static function seconds(float $seconds): self
    {
        return new self(hrtime(true) + (int) ($seconds * 1e9));
    }

    public function isOver(): bool
    {
        return hrtime(true) > $this->endNs;
    }

    public function part(float $share, float $mostSeconds = INF): self
    {
        $left = max(0, $this->endNs - hrtime(true)) / 1e9;

        return self::seconds(min($share * $left, $mostSeconds));
    }
}
