<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One line of the shot list, in the order in which it is shot.
 *
 * @property int $id
 * @property int|null $segment_id  null: it stands free
 * @property int $job_id
 * @property int $position
 * @property string $what
 * @property string $priority
 * @property int $minutes
 * @property int $frames
 * @property int|null $focal_mm
 * @property int|null $empty_percent  of the frame, left for words
 * @property string|null $distance
 * @property string|null $height
 * @property string|null $side
 * @property list<string>|null $hidden_from
 * @property list<string>|null $people
 * @property string|null $light
 * @property string|null $cue
 * @property int|null $cue_seconds
 * @property string|null $prompt
 * @property string|null $notes
 * @property int|null $owed_group_id  the family group that it owes
 * @property-read Segment|null $segment
 */
final class ShotLine extends Record
{
    use SoftDeletes;

    protected $guarded = [];

    protected static function booted(): void
    {
        self::creating(static function (ShotLine $line): void {
            $line->job_id ??= (int) Segment::query()->whereKey($line->segment_id)->value('job_id');
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hidden_from' => 'array', 'people' => 'array'];
    }

    /** @return BelongsTo<Segment, $this> */
    public function segment(): BelongsTo
    {
        return $this->belongsTo(Segment::class);
    }
}
