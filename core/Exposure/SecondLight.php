<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Verdict;

/** A rim or hair light beside the main one: does it show, at the power that is set? */
final readonly class SecondLight
{
    /** Under this an edge is not told from none; up to half a stop over it is plain without burning (common practice, no source). */
    private const UNSEEN_STOPS = -2.5;

    private const BURNT_STOPS = 2.0;

    private function __construct(public string $label, public FlashPower $power, public float $stops) {}

    /**
     * Guide numbers after ISO 1230.
     *
     * @param  float  $guideM  at full power, metres at ISO 100
     *
     * @throws ImpossibleValue
     */
    public static function of(string $label, float $guideM, FlashPower $power, float $distanceM, float $fNumber, float $iso, float $syncS): self
    {
        $light = Flash::of($guideM, $iso, $power->share(), $distanceM, $syncS, $syncS);

        return new self($label, $power, round(2 * log($light->fNumber / $fNumber, 2), 1));
    }

    public function verdict(): Verdict
    {
        $stops = abs($this->stops);
        $figures = ['stops' => $this->stops];
        if ($this->stops < self::UNSEEN_STOPS) {
            return Verdict::mind(
                'flash.rim',
                'The second light brings nothing.',
                "At {$this->power->words()} it is {$stops} stops under the exposure, and an edge that faint is not seen: switch it off and save its ".
                    'charge, or bring it '.round(2 ** ((self::UNSEEN_STOPS + 1.5 - $this->stops) / 2), 1).' times nearer.',
                $figures,
            );
        }
        if ($this->stops > self::BURNT_STOPS) {
            return Verdict::mind(
                'flash.rim',
                "The second light burns: {$stops} stops over.",
                'An edge keeps its detail up to about two stops over the exposure: '.
                    (int) ceil($this->stops - 1).' steps less power, or farther off.',
                $figures,
            );
        }

        return Verdict::mind(
            'flash.rim',
            "The second light shows: {$stops} stops ".($this->stops < 0 ? 'under' : 'over').' the exposure.',
            "At {$this->power->words()}. From behind, a stop under is an edge, a stop over a bright one; screen it from the lens.",
            $figures,
        );
    }
}
