<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Verdict;

/**
 * A camera that stands alone: where the sun is when it fires, by how much the light has changed since it was
 * mounted, and whether its cells and cards last (M12).
 */
final readonly class RemotePlan
{
    /** It does not get darker out of doors (exposure guides after ANSI PH2.7, from memory). */
    private const MOONLIGHT_EV = -2.0;

    /** 1/… s, which freezes most of what passes. */
    private const FREEZES = 1000;

    /** Under a roof it is seldom colder where people are (common practice, no source). */
    private const INDOORS_C = 15.0;

    public float $evMounted;

    public float $evFired;

    /** The darkest while it fires. */
    public float $evLowest;

    /** The brightest while it fires. */
    public float $evHighest;

    public int $charges;

    /** Null where not one frame goes onto its cards. */
    public ?int $cardPairs;

    /** Of the air around it: indoors no colder than a hall is. */
    public float $temperatureC;

    /**
     * @param  float  $bearingDeg  to which the lens points
     * @param  float  $hoursAlone  from mounting to fetching
     * @param  int  $framesOfMain  of the main camera, each of which it fires with
     * @param  list<SunPosition>  $firing  the sun while it fires, to the end; empty where it fires once
     * @param  float|null  $lampsEv  indoors, where the sky decides nothing; at ISO 100
     * @param  RemoteRounds|null  $rounds  when somebody can walk to it; null where no plan is at hand
     */
    public function __construct(
        private SunPosition $mounted,
        public SunPosition $fired,
        public float $bearingDeg,
        public float $hoursAlone,
        public int $framesOfMain,
        public RemoteBody $body,
        float $temperatureC,
        private float $fNumber = 5.6,
        public int $cellsIn = 1,
        public ?RemoteRounds $rounds = null,
        public array $firing = [],
        public ?float $lampsEv = null,
    ) {
        $this->temperatureC = $lampsEv === null ? $temperatureC : max($temperatureC, self::INDOORS_C);
        $ev = static fn (SunPosition $sun): float => $lampsEv ?? max(self::MOONLIGHT_EV, ClearSky::ev100($sun->elevationDeg));
        $this->evMounted = $ev($mounted);
        $this->evFired = $ev($fired);
        $evs = array_map($ev, [$fired, ...$firing]);
        $this->evLowest = min($evs);
        $this->evHighest = max($evs);
        $this->charges = $this->chargesOver($hoursAlone);
        $this->cardPairs = CardBudget::of(
            $framesOfMain,
            $body->rawMb,
            $body->jpegMb,
            SaveMode::Mirror,
            [$body->cardGb, $body->cardGb],
            BudgetNeeds::CARD_RESERVE,
        )->cardSets;
    }

    /** Stops of light lost (negative) or gained since it was mounted, at the moment of its firing at which that is most. */
    public function change(): float
    {
        $falls = $this->evLowest - $this->evMounted;
        $rises = $this->evHighest - $this->evMounted;

        return abs($falls) > abs($rises) ? $falls : $rises;
    }

    /** By both schools. */
    public function exposures(): RemoteExposures
    {
        $fixed = ClearSky::startingExposure($this->evFired, $this->fNumber, self::FREEZES);
        $isos = array_map(
            fn (float $ev): int => ClearSky::startingExposure($ev, $this->fNumber, self::FREEZES)->iso,
            [$this->evMounted, $this->evLowest, $this->evHighest],
        );

        return new RemoteExposures(
            $fixed,
            self::FREEZES,
            min($isos),
            max($isos),
            $this->stopsShort(),
        );
    }

    /** Stops by which the darkest moment is too dark for 1/1000 s, this f-number and the highest ISO; 0 where it is not. */
    private function stopsShort(): float
    {
        $ev = min($this->evMounted, $this->evLowest);
        $iso = ClearSky::startingExposure($ev, $this->fNumber, self::FREEZES)->iso;

        return max(0.0, round(log(100 * self::FREEZES * $this->fNumber ** 2 / 2 ** $ev / $iso, 2), 1));
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        return (new RemoteJudge($this))->verdicts();
    }

    /** Whether a cell that is put in before it fires, at `freshAt`, lasts where one of the mounting does not. */
    public function isHelpedByFreshCell(): bool
    {
        $hours = $this->rounds?->hoursSinceFresh();

        return $this->charges > $this->cellsIn && $hours !== null && $this->chargesOver($hours) <= $this->cellsIn;
    }

    private function chargesOver(float $hours): int
    {
        return BatteryBudget::of(
            $this->framesOfMain,
            $this->body->framesPerCharge,
            $hours,
            $this->body->standbyHours,
            $this->temperatureC,
            BudgetNeeds::CELL_RESERVE,
        )->charges;
    }
}
