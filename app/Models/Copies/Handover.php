<?php

declare(strict_types=1);

namespace App\Models\Copies;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A drive given to somebody, with what was on it then.
 *
 * @property int $id
 * @property int $destination_id
 * @property string $who
 * @property string|null $why
 * @property string $due_on
 * @property list<array{bag: string, label: string, job: string, files: int, bytes: int, manifest: string|null}> $contents
 * @property \Illuminate\Support\Carbon $gone_at
 * @property \Illuminate\Support\Carbon|null $back_at
 * @property int|null $back_after  the last reading of any bag that was noted before it came back
 * @property Destination $destination
 */
final class Handover extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['contents' => 'array', 'gone_at' => 'datetime', 'back_at' => 'datetime'];
    }

    /** @return BelongsTo<Destination, $this> */
    public function destination(): BelongsTo
    {
        return $this->belongsTo(Destination::class);
    }
}
