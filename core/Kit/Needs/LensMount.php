<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\Shelf\Gear;

/** A body for a lens, as a capability. */
final class LensMount
{
    public static function mountFor(Gear $lens): string
    {
        return "a body for mount {$lens->mount()}";
    }
}
