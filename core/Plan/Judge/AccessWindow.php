<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\ImpossibleValue;

/** A pass that opens a zone, a place or one spot of it, for some hours. */
final readonly class AccessWindow
{
    /**
     * @param  list<string>  $lanes  who holds the pass; empty: everybody
     * @param  int  $opensAt  Unix seconds
     * @param  int  $gateMinutes  gates, stairs and missing lifts on the way in
     * @param  int  $outMinutes  of them those that one passes again on the way out: stairs, lifts
     *
     * @throws ImpossibleValue
     */
    public function __construct(
        public string $pass,
        public int $placeId,
        public ?int $spotId,
        public array $lanes,
        public int $opensAt,
        public int $closesAt,
        public int $gateMinutes = 0,
        public int $outMinutes = 0,
    ) {
        if ($closesAt <= $opensAt) {
            throw ImpossibleValue::of('closes_clock', 'must come after it opens');
        }
    }

    /** Is it open from then to then, in Unix seconds, the gates behind one? */
    public function holds(int $from, int $to): bool
    {
        return $this->opensAt + 60 * $this->gateMinutes <= $from && $to <= $this->closesAt;
    }

    public function isFor(string $lane): bool
    {
        return $this->lanes === [] || in_array($lane, $this->lanes, true);
    }
}
