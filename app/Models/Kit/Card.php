<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A memory card; its life is in its events.
 *
 * @property int $id
 * @property int $item_id
 * @property float $capacity_gb
 * @property string|null $folder
 * @property-read Item $item
 */
final class Card extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['capacity_gb' => 'float'];
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }
}
