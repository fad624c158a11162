<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

/** A line of the sheet that goes with a camera that stands alone. */
final readonly class RemoteStep
{
    /** @param  string|null  $clock  on the wall; null where it comes right after the one before */
    public function __construct(public ?string $clock, public string $what) {}
}
