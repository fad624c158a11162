<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An item that is to go along, and with whom.
 *
 * @property int $id
 * @property int $job_id
 * @property int $item_id
 * @property string $lane
 * @property int|null $bag_id
 * @property-read Item $item
 */
final class Packing extends Record
{
    protected $guarded = [];

    protected $table = 'packing';

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }
}
