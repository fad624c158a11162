<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;

/**
 * What a person said of whose frames are on a load. Append-only; the last one holds.
 *
 * @property int $id
 * @property int $card_id
 * @property int $fill
 * @property int $job_id
 * @property int|null $from_taken  by the camera's clock; null for its beginning
 * @property int|null $to_taken
 * @property string|null $words
 */
final class FrameClaim extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
