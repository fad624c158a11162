<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Copies\CopyEvent;

/** A reading of a bag, and which of the contents that were asked for it found there. */
final readonly class HeldContents
{
    /** @param  array<string, true>  $contents  by their keys */
    public function __construct(public CopyEvent $event, public array $contents) {}
}
