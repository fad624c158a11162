<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** How fast work goes, and how long it still takes. */
final readonly class Pace
{
    private function __construct(public float $share, public ?float $bytesPerS, public ?int $secondsLeft) {}

    public static function of(int $bytesDone, int $bytesTotal, float $seconds): self
    {
        $share = $bytesTotal > 0 ? min(1.0, $bytesDone / $bytesTotal) : 0.0;
        $rate = $seconds > 0 && $bytesDone > 0 ? $bytesDone / $seconds : null;
        $left = $rate === null ? null : (int) ceil(max(0, $bytesTotal - $bytesDone) / $rate);

        return new self($share, $rate, $left);
    }

    /** As “182 MB/s, 1 min 20 s left”. */
    public function text(): string
    {
        if ($this->bytesPerS === null || $this->secondsLeft === null) {
            return 'starting';
        }
        $left = $this->secondsLeft >= 60 ? intdiv($this->secondsLeft, 60).' min '.($this->secondsLeft % 60).' s' : $this->secondsLeft.' s';
        $rate = $this->bytesPerS / 1e6;

        return sprintf($rate < 10 ? '%.1f' : '%.0f', $rate)." MB/s, {$left} left";
    }
}
