<?php

declare(strict_types=1);

namespace App\Models\Copies;

use App\Models\Brief\Job;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A folder that a capture program writes into, and the two routes out of it.
 *
 * @property int $id
 * @property int $job_id
 * @property string $folder
 * @property int $automatic_id
 * @property int $by_hand_id
 * @property int $allowed_minutes  for which a file may lie on too few drives
 * @property bool $is_watched
 * @property int|null $looked_at
 * @property string|null $problem
 * @property-read Job $job
 * @property-read Destination $automatic
 * @property-read Destination $byHand
 */
final class SessionFolder extends Record
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Destination, $this> */
    public function automatic(): BelongsTo
    {
        return $this->belongsTo(Destination::class, 'automatic_id');
    }

    /** @return BelongsTo<Destination, $this> */
    public function byHand(): BelongsTo
    {
        return $this->belongsTo(Destination::class, 'by_hand_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_watched' => 'bool', 'allowed_minutes' => 'int'];
    }
}
