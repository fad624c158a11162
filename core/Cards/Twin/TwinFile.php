<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

use NorthSatchel\Picture\FrameKind;

/** One path on the two cards; a side is null where the file is not there. */
final readonly class TwinFile
{
    public function __construct(
        public string $path,
        public ?Side $a,
        public ?Side $b,
        public bool $isIdentical,
        public ?string $whyA = null,
        public ?string $whyB = null,
    ) {}

    public function kind(): ?FrameKind
    {
        return FrameKind::of($this->path);
    }

    public function isIntactSomewhere(): bool
    {
        return $this->a === Side::Intact || $this->b === Side::Intact;
    }

    /** Damaged wherever it stands. */
    public function isLost(): bool
    {
        return $this->a !== Side::Intact && $this->a !== Side::Unknown && $this->b !== Side::Intact && $this->b !== Side::Unknown;
    }

    public function differs(): bool
    {
        return $this->a !== null && $this->b !== null && ! $this->isIdentical;
    }
}
