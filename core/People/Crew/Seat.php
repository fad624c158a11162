<?php

declare(strict_types=1);

namespace NorthSatchel\People\Crew;

/** Who or what stands where in the studio, metres from its near left corner. */
final readonly class Seat
{
    public function __construct(public string $name, public float $xM, public float $yM, public bool $hasScreen = false) {}

    /** What looks at no screen: the set itself, camera, lights, furniture. Whoever has a role behind a comma is somebody. */
    public function isThing(): bool
    {
        return preg_match(
            '/^(?:[^,]+\s)?(?:set|camera|tripod|lights?|lamps?|softbox|boom|reflector|flag|backdrop|background|wall|window|door|exit|tables?|'.
                'desk|sofa|couch|chairs?|bench|stools?|rail|rack|mirror|drives?|computer|kitchen|coffee|food|make-?up|changing|steamer|sink|water|'.
                'ladder|props?|products?|monitor|display)(?: \w{1,2})?$/iu',
            $this->name,
        ) === 1;
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
