<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;

/**
 * A permit as it was given. Append-only.
 *
 * @property int $id
 * @property int $card_id
 * @property int $fill
 * @property int|null $job_id
 * @property string $who
 * @property array<string, mixed> $paper
 * @property \Illuminate\Support\Carbon $at
 */
final class PermitRecord extends Record
{
    protected $guarded = [];

    protected $table = 'permits';

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['paper' => 'array', 'at' => 'datetime'];
    }

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
