<?php

declare(strict_types=1);

namespace NorthSatchel\People\Crew;

/** Who or what stands where in the studio, metres from its near left corner. */
final readonly class Seat
{
    public function __construct(public string $name, public float $xM, public float $yM, public bool $hasScreen = false) {}

    /** The set itself, the camera and lights look at no screen. */
    public function isThing(): bool
    {
        return preg_match('/^(?:set|camera|light|table|door|drives?|kitchen|make-?up|changing)(?: \w{1,2})?$/iu', $this->name) === 1;
    }

    public function isOperator(): bool
    {
        return preg_match('/\boperator\b/iu', $this->name) === 1;
    }

    public function from(self $other): float
    {
        return hypot($this->xM - $other->xM, $this->yM - $other->yM);
    }
}
