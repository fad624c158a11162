<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use NorthSatchel\Plan\WhatIf\BestBuffer;
use NorthSatchel\Plan\WhatIf\RehearsedRow;

/** A lane lived through many times: each segment, and where a buffer helps most. */
final readonly class LivedLane
{
    /** @param  list<RehearsedRow>  $rows */
    public function __construct(public array $rows, public ?BestBuffer $buffer) {}
}
