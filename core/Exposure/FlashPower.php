<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** The power steps of a flash, whole stops. */
enum FlashPower: string
{
    case Full = '1';
    case Half = '1/2';
    case Quarter = '1/4';
    case Eighth = '1/8';
    case Sixteenth = '1/16';
    case ThirtySecond = '1/32';
    case SixtyFourth = '1/64';
    case HundredTwentyEighth = '1/128';
    case TwoHundredFiftySixth = '1/256';

    /** As a photographer says it: full power, 1/4 power. */
    public function words(): string
    {
        return $this->value === '1' ? 'full power' : "{$this->value} power";
    }

    public function share(): float
    {
        return 0.5 ** $this->stopsDown();
    }

    public function stopsDown(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** The lowest step that gives at least so much of full power; null where full power is too little. */
    public static function atLeast(float $share): ?self
    {
        foreach (array_reverse(self::cases()) as $power) {
            if ($power->share() >= $share - 1e-9) {
                return $power;
            }
        }

        return null;
    }
}
