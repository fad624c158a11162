<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Verdicts;

/** A camera that stands alone, as it was kept: where it is mounted, and what is to be said of it as the plan stands now. */
final readonly class KeptCamera
{
    /**
     * @param  int  $ask  what it asks of the kit
     * @param  string  $query  its page, as an address has it
     */
    public function __construct(public int $ask, public string $where, public string $when, public string $query, public Verdicts $verdicts) {}
}
