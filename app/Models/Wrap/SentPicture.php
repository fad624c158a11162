<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Cards\Frame;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A picture that waits to be sent, or was.
 *
 * @property int $id
 * @property int $job_id
 * @property int $frame_id
 * @property string|null $due_clock
 * @property string|null $name  under which it lies there
 * @property string|null $hash  of what was sent, xxh128
 * @property int|null $bytes
 * @property int $tries
 * @property string|null $why  it did not arrive
 * @property Carbon|null $sent_at  once it was read back there
 * @property string|null $sent_to  the desk that it went to, as that says where it is; null where nobody noted it
 * @property-read Frame $frame
 */
final class SentPicture extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sent_at' => 'datetime'];
    }

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }
}
