<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Record;

/**
 * Shots that were worth keeping for the next job of a kind.
 *
 * @property int $id
 * @property string $kind
 * @property string $name
 * @property list<array<string, mixed>> $lines
 */
final class ShotSet extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lines' => 'array'];
    }
}
