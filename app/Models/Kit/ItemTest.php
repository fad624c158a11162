<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;

/**
 * What a test of a thing found. Append-only.
 *
 * @property int $id
 * @property int $item_id
 * @property int|null $job_id
 * @property string $result  passed or failed
 * @property string|null $note
 * @property \Illuminate\Support\Carbon $at
 */
final class ItemTest extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
