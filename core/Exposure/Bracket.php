<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\ImpossibleValue;

/**
 * A bracket from the darkest that is wanted to the brightest: so many frames, so many stops apart, an odd number of them around the middle.
 * Two stops between frames are the most that blend without a seam (common practice, no source).
 */
final readonly class Bracket
{
    private const MOST_STEP = 2.0;

    private const FEWEST = 3;

    /** @var list<float> light values for which each frame is exposed, the brightest first */
    public array $evs;

    private function __construct(public int $frames, public float $step, float $brightest)
    {
        $this->evs = array_map(static fn (int $i): float => $brightest - $i * $step, range(0, $frames - 1));
    }

    /**
     * @param  float  $brightEv  of what is bright, as the view in the window
     * @param  float  $darkEv  of the room
     *
     * @throws ImpossibleValue when it is darker in the light than in the dark
     */
    public static function of(float $brightEv, float $darkEv): self
    {
        if ($brightEv < $darkEv) {
            throw ImpossibleValue::of('bright_ev', 'must not be below dark_ev');
        }
        $range = $brightEv - $darkEv;
        $frames = max(self::FEWEST, (int) ceil($range / self::MOST_STEP - 1e-9) + 1);
        $frames += $frames % 2 === 0 ? 1 : 0;
        // Cameras step by thirds; rounded up so that both ends are in.
        $step = max(1 / 3, ceil($range / ($frames - 1) * 3 - 1e-9) / 3);

        return new self($frames, $step, $brightEv + ($step * ($frames - 1) - $range) / 2);
    }

    public function says(): string
    {
        return "{$this->frames} frames, ".rtrim(rtrim(number_format($this->step, 1), '0'), '.').' stops apart';
    }
}
