<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Looked;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Verdict;

/**
 * A camera that stands alone: where the sun is when it fires, by how much the light has changed since it was
 * mounted, and whether its cells and cards last (M12).
 */
final readonly class RemotePlan
{
    /** Within so many degrees of the lens's axis the sun is in the picture or flares. */
    private const FLARE_DEG = 35.0;

    /** It does not get darker out of doors (exposure guides after ANSI PH2.7, from memory). */
    private const MOONLIGHT_EV = -2.0;

    public float $evMounted;

    public float $evFired;

    public int $charges;

    /** Null where not one frame goes onto its cards. */
    public ?int $cardPairs;

    /**
     * @param  float  $bearingDeg  to which the lens points
     * @param  float  $hoursAlone  from mounting to fetching
     * @param  int  $framesOfMain  of the main camera, each of which it fires with
     */
    public function __construct(
        private SunPosition $mounted,
        private SunPosition $fired,
        private float $bearingDeg,
        private float $hoursAlone,
        private int $framesOfMain,
        private RemoteBody $body,
        private float $temperatureC,
        private float $fNumber = 5.6,
        private int $cellsIn = 1,
    ) {
        $this->evMounted = max(self::MOONLIGHT_EV, ClearSky::ev100($mounted->elevationDeg));
        $this->evFired = max(self::MOONLIGHT_EV, ClearSky::ev100($fired->elevationDeg));
        $this->charges = BatteryBudget::of(
            $framesOfMain,
            $body->framesPerCharge,
            $hoursAlone,
            $body->standbyHours,
            $temperatureC,
            BudgetNeeds::CELL_RESERVE,
        )->charges;
        $this->cardPairs = CardBudget::of(
            $framesOfMain,
            $body->rawMb,
            $body->jpegMb,
            SaveMode::Mirror,
            [$body->cardGb, $body->cardGb],
            BudgetNeeds::CARD_RESERVE,
        )->cardSets;
    }

    /** Stops of light lost (negative) or gained between mounting and firing. */
    public function change(): float
    {
        return $this->evFired - $this->evMounted;
    }

    /** By both schools. */
    public function exposures(): RemoteExposures
    {
        $fixed = ClearSky::startingExposure($this->evFired, $this->fNumber, 1000);
        $now = ClearSky::startingExposure($this->evMounted, $this->fNumber, 1000);

        return new RemoteExposures($fixed, 1000, min($fixed->iso, $now->iso), max($fixed->iso, $now->iso));
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        $change = round($this->change(), 1);
        $e = $this->exposures();
        $light =
            abs($change) < 0.5
                ? Verdict::fine(
                    'remote.light',
                    'The light is the same when it fires.',
                    "EV {$this->ev($this->evMounted)} when mounted, {$this->ev($this->evFired)} when it fires, under a clear sky.",
                    Looked::one('the light at both hours'),
                    ['stops' => $change],
                )
                : Verdict::fix(
                    'remote.light',
                    'The light '.($change < 0 ? 'falls by ' : 'rises by ').abs($change).' stops until it fires.',
                    "EV {$this->ev($this->evMounted)} when mounted, {$this->ev(
                        $this->evFired,
                    )} then. Either set it for that hour now: f/{$e->fixed->fNumber}, 1/{$e->fixed->shutter} s, ".
                        "ISO {$e->fixed->iso}; or fix 1/{$e->shutter} s and let ISO run ".
                        "from {$e->isoFrom} to {$e->isoTo}.",
                    ['stops' => $change],
                );
        $off = abs(Bearing::turn($this->bearingDeg, $this->fired->azimuthDeg));
        $sun = match (true) {
            $this->fired->elevationDeg <= 0 => Verdict::mind(
                'remote.sun',
                'The sun is down when it fires.',
                'Its elevation is '.round($this->fired->elevationDeg, 1).'°.',
            ),
            $off < self::FLARE_DEG && $this->fired->elevationDeg < self::FLARE_DEG => Verdict::fix(
                'remote.sun',
                'The sun stands in its lens when it fires.',
                'It bears '.
                    round($this->fired->azimuthDeg).
                    '°, '.
                    round($off).
                    '° off the axis and '.
                    round($this->fired->elevationDeg).
                    '° high: shade it, or point it '.
                    round(self::FLARE_DEG - $off).
                    '° further away.',
                ['off_deg' => round($off)],
            ),
            default => Verdict::fine(
                'remote.sun',
                'The sun stands clear of its lens.',
                'It bears '.round($this->fired->azimuthDeg).'°, '.round($off).'° off the axis.',
                Looked::one('the sun when it fires'),
                ['off_deg' => round($off)],
            ),
        };

        return [
            $light,
            $sun,
            $this->cells(),
            $this->cards(),
            Verdict::mind(
                'remote.rig',
                'A clamp and a second safety cable, and nobody below while rigging.',
                'Fresh cells, focus taped, the channel tested from where you will fire, the first frame looked at before you go. Things '.
                    'overhead are for licensed riggers where the house says so.',
            ),
        ];
    }

    private function cells(): Verdict
    {
        $because =
            "{$this->hoursAlone} h alone and {$this->framesOfMain} frames with the main camera, ".
                "at {$this->temperatureC} °C: {$this->charges} ".
            ($this->charges === 1 ? 'charge' : 'charges').
            ', 15 % kept back.';

        return match (true) {
            $this->charges > $this->cellsIn => Verdict::fix(
                'remote.cells',
                'Its cells do not last.',
                $because." It holds {$this->cellsIn}: a grip or an outside supply, or a walk to it in a break.",
                ['charges' => $this->charges],
            ),
            $this->framesOfMain === 0 => self::noFrames('remote.cells', 'cells'),
            default => Verdict::fine(
                'remote.cells',
                'Its cells last.',
                $because,
                Looked::one("{$this->framesOfMain} frames and {$this->hoursAlone} h"),
                ['charges' => $this->charges],
            ),
        };
    }

    private function cards(): Verdict
    {
        $because =
            "It fires with the main camera: {$this->framesOfMain} frames × ".
            ($this->body->rawMb + $this->body->jpegMb).
            " MB on cards of {$this->body->cardGb} GB.";

        return match (true) {
            $this->framesOfMain === 0 => self::noFrames('remote.cards', 'cards'),
            $this->cardPairs === null => Verdict::fix('remote.cards', 'Its cards do not hold one frame.', $because.' Larger cards.'),
            $this->cardPairs > 1 => Verdict::fix(
                'remote.cards',
                "Its cards are full before the end: {$this->cardPairs} pairs are needed.",
                $because.' Larger cards, jpeg alone there, or a walk to it in a break.',
                ['pairs' => $this->cardPairs],
            ),
            default => Verdict::fine(
                'remote.cards',
                'Its cards hold it all.',
                $because,
                Looked::one("{$this->framesOfMain} frames"),
                ['pairs' => 1],
            ),
        };
    }

    private static function noFrames(string $code, string $what): Verdict
    {
        return Verdict::mind(
            $code,
            "Whether its {$what} last nobody can say: no frames are planned.",
            'Plan frames in the segments it stands for, or type how many its main camera takes.',
        );
    }

    private function ev(float $ev): float
    {
        return round($ev, 1);
    }
}
