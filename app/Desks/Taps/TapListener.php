<?php

declare(strict_types=1);

namespace App\Desks\Taps;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Taps\Tap;

/** What a phase does when something of its own is tapped, beside the tap being kept. */
interface TapListener
{
    public function hears(Tap $tap): bool;

    /**
     * Takes a tap that fits what is known.
     *
     * @throws ValidationException when it contradicts what is known
     * @throws ModelNotFoundException when what it names is no longer there
     */
    public function take(Tap $tap): void;

    /** Writes down that a tap was kept although it contradicts what is known. */
    public function clash(Tap $tap, string $why): void;
}
