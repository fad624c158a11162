<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;

/**
 * What was read from the bodies' cards at one moment.
 *
 * @property int $id
 * @property list<array<string, mixed>> $read
 * @property \Illuminate\Support\Carbon $at
 */
final class CameraCheckRecord extends Record
{
    protected $guarded = [];

    protected $table = 'camera_checks';

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['read' => 'array', 'at' => 'datetime'];
    }

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
