<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** A place, or one spot of it: what one comes to, with the minutes of gates, stairs and missing lifts in and out that hold for who comes. */
final readonly class Site
{
    /**
     * @param  int  $in  minutes into the place from outside
     * @param  int  $out  minutes out of it
     * @param  int  $up  minutes from the place to its spot
     * @param  int  $down  minutes from the spot back into the place
     */
    public function __construct(
        public int $placeId,
        public ?int $spotId = null,
        public int $in = 0,
        public int $out = 0,
        public int $up = 0,
        public int $down = 0,
    ) {}

    /** Who holds another pass comes in by another gate: a way hangs on it. */
    public function key(): string
    {
        $gates = [$this->in, $this->out, $this->up, $this->down];

        return $this->placeId.($this->spotId === null ? '' : "/{$this->spotId}").(array_sum($gates) === 0 ? '' : ' '.implode(',', $gates));
    }

    public function isSameAs(self $other): bool
    {
        return $this->isInPlaceOf($other) && $this->spotId === $other->spotId;
    }

    /** Minutes of gates, stairs and missing lifts from here to there. */
    public function gatesTo(self $to): int
    {
        $place = $this->isInPlaceOf($to) ? 0 : $this->out + $to->in;

        return $place + ($this->isSameAs($to) ? 0 : $this->down + $to->up);
    }

    private function isInPlaceOf(self $other): bool
    {
        return $this->placeId === $other->placeId;
    }
}
