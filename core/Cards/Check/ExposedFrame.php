<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

/** What a frame says of the dials. */
final readonly class ExposedFrame
{
    /** @param  string  $clock  as the body's clock showed it, HH:MM */
    public function __construct(public string $clock, public ?float $shutterS, public ?float $fNumber, public ?int $iso) {}

    /** EV at ISO 100 that it was exposed for (Exif 2.32, APEX); null where something is missing. */
    public function ev100(): ?float
    {
        return $this->shutterS === null ||
            $this->fNumber === null ||
            $this->iso === null ||
            $this->shutterS <= 0 ||
            $this->fNumber <= 0 ||
            $this->iso <= 0
            ? null
            : log($this->fNumber ** 2 / $this->shutterS, 2) - log($this->iso / 100, 2);
    }
}
