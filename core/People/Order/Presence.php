<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/** From when people stand by. */
enum Presence: string
{
    /** From the start of the first of their groups. */
    case Called = 'called';

    /** From the start of all. */
    case Gathered = 'gathered';
}
