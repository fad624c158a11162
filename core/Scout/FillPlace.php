<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** Where somebody stands with a reflector beside a way. */
final readonly class FillPlace
{
    /**
     * @param  float  $alongM  from where the way begins
     * @param  float  $aheadM  of the middle of what it lights
     * @param  float  $rightM  of the way as they walk it; negative: to the left
     */
    public function __construct(public float $alongM, public float $aheadM, public float $rightM) {}

    public function side(): string
    {
        return $this->rightM > 0 ? 'right' : 'left';
    }
}
