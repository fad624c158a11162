<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/** What somebody asks for by hand, for a segment or for the whole job. */
final readonly class Ask
{
    /**
     * @param  float|null  $distanceM  of a light from the people
     * @param  float|null  $fNumber  that the light must give there
     * @param  float  $iso  at which
     * @param  float  $stopsLost  in what is put before it
     * @param  float  $hours  that it stands alone
     * @param  int|null  $frames  that it fires with the main camera; null: those of its segment
     */
    public function __construct(
        public int $id,
        public NeedWhat $what,
        public int $count,
        public Priority $priority,
        public ?int $segmentId = null,
        public string $note = '',
        public ?float $distanceM = null,
        public ?float $fNumber = null,
        public float $iso = 100.0,
        public float $stopsLost = 0.0,
        public float $hours = 0.0,
        public ?int $frames = null,
    ) {}

    /** The guide number at full power that a light needs for it (ISO 1230); null where no distance or stop is named. */
    public function guideM(): ?float
    {
        return $this->distanceM === null || $this->fNumber === null
            ? null
            : (($this->distanceM * $this->fNumber) / sqrt($this->iso / 100)) * 2 ** ($this->stopsLost / 2);
    }
}
