<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\Exposure\Settings;

/** How a camera that stands alone is set: one exposure throughout, or a shutter with an ISO that follows the light. */
final readonly class RemoteExposures
{
    public function __construct(public Settings $fixed, public int $shutter, public int $isoFrom, public int $isoTo) {}
}
