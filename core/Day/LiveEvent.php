<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\TapKind;

/** Something tapped while a lane is lived through. */
final readonly class LiveEvent
{
    /**
     * @param  float  $at  seconds since midnight, the device's clock set right
     * @param  string|null  $segment  of all kinds but undone
     * @param  string|null  $of  the event that an undone takes back
     * @param  string  $written  the event as it came, by which two under one id and at one time are told apart
     */
    public function __construct(
        public string $id,
        public TapKind $kind,
        public float $at,
        public ?string $segment,
        public ?string $of,
        public string $written,
    ) {}

    /** By corrected time, then by id as text. */
    public static function order(self $a, self $b): int
    {
        return $a->at <=> $b->at ?: strcmp($a->id, $b->id);
    }
}
