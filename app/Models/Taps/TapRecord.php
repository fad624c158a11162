<?php

declare(strict_types=1);

namespace App\Models\Taps;

use App\Models\Record;
use NorthSatchel\Taps\TapKind;

/**
 * What was tapped on a phone or laptop, with the id and the time made there. Append-only.
 *
 * @property string $id
 * @property TapKind $kind
 * @property array<string, int|float|string|null> $on
 * @property int|null $job_id  as the tap names it, kept by the database itself
 * @property \Illuminate\Support\Carbon $made_at
 */
final class TapRecord extends Record
{
    protected $table = 'device_events';

    protected $guarded = [];

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TapKind::class, 'on' => 'array', 'made_at' => 'datetime', 'received_at' => 'datetime'];
    }
}
