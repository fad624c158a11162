<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use App\Models\Brief\Person;

/** Somebody who came to a list, and may be who went from it. */
final readonly class AskedPerson
{
    public function __construct(public Person $gone, public Person $come) {}
}
