<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** One setting of camera and flash that gives what is wished for, or says why it cannot. */
final readonly class FlashWay
{
    /**
     * @param  float  $share  of full power that it takes; above 1 the flash is too weak
     * @param  FlashPower|null  $power  the step to set; null where full power is too little
     * @param  float  $farthestM  up to where full power carries
     * @param  float|null  $recycleS  between two pops
     * @param  int|null  $popsACharge  of one charge of its cells
     */
    public function __construct(
        public string $name,
        public float $fNumber,
        public float $shutterS,
        public float $iso,
        public bool $isHighSpeedSync,
        public float $share,
        public ?FlashPower $power,
        public float $farthestM,
        public ?float $recycleS,
        public ?int $popsACharge,
    ) {}

    /** A shutter as photographers write it. */
    public static function shutter(float $seconds): string
    {
        return $seconds >= 0.4 ? round($seconds, 1).' s' : '1/'.round(1 / $seconds).' s';
    }

    /** In one sentence, by what stands on the dials: within a sixth of a stop of what was worked out. */
    public function says(): string
    {
        $set = 'f/'.Dial::stop($this->fNumber).', '.self::shutter(Dial::shutter($this->shutterS)).', ISO '.Dial::iso($this->iso);

        return $this->power === null
            ? "{$set}: full power carries {$this->farthestM} m".
                    ($this->isHighSpeedSync ? ' in high-speed sync' : '').
                    ', so come closer, or take '.
                    self::lights($this->share).
                    '.'
            : "{$set}: {$this->power->words()}, ready again after {$this->recycleS} s, {$this->popsACharge} pops a charge.";
    }

    private static function lights(float $share): string
    {
        return (int) ceil($share - 1e-9).' such lights together';
    }
}
