<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the arithmetic needs of a camera body.
 *
 * @property int $id
 * @property int $item_id
 * @property string $serial
 * @property float $raw_mb
 * @property float $jpeg_mb
 * @property int $frames_per_charge
 * @property float $standby_hours_per_charge
 * @property float $crop_factor
 * @property string $planned_mode
 * @property-read Item $item
 */
final class Body extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['raw_mb' => 'float', 'jpeg_mb' => 'float', 'standby_hours_per_charge' => 'float', 'crop_factor' => 'float'];
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }
}
