<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/** A line of the drawing, from the card to a medium; broken where not every file lies there. Lengths in the drawing's own units. */
final readonly class PermitLine
{
    /**
     * @param  int  $files  that lie there
     * @param  list<string>  $missing  names of those that do not, the first few
     * @param  float  $x1  at the card
     * @param  float  $x2  at the medium
     * @param  string  $anchor  how the text there stands: start or end
     */
    public function __construct(
        public string $place,
        public string $medium,
        public int $files,
        public int $of,
        public array $missing,
        public ?string $readAt,
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public string $anchor,
    ) {}

    public function isWhole(): bool
    {
        return $this->files === $this->of;
    }
}
