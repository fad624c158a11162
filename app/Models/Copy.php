<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A frame that a copy event proved to be at its destination.
 *
 * @property int $frame_id
 * @property int $copy_event_id
 */
final class Copy extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<CopyEvent, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(CopyEvent::class, 'copy_event_id');
    }
}
