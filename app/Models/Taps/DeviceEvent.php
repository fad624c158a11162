<?php

declare(strict_types=1);

namespace App\Models\Taps;

use Illuminate\Database\Eloquent\Model;

/**
 * What was tapped on a phone or laptop, with the id and the time made there. Append-only.
 *
 * @property string $id
 * @property string $kind
 * @property array<string, mixed> $on
 * @property \Illuminate\Support\Carbon $made_at
 */
final class DeviceEvent extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on' => 'array', 'made_at' => 'datetime', 'received_at' => 'datetime'];
    }

    public $incrementing = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
