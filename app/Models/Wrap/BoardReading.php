<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Record;

/**
 * The codes that were read in a frame; none where it shows none.
 *
 * @property int $frame_id
 * @property list<string>|null $codes  null where there is no picture to look through
 */
final class BoardReading extends Record
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'frame_id';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['codes' => 'array'];
    }
}
