<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One line of the shot list, in the order in which it is shot.
 *
 * @property int $id
 * @property int $segment_id
 * @property int $position
 * @property string $what
 * @property string $priority
 * @property int $minutes
 * @property int $frames
 * @property int|null $focal_mm
 * @property string|null $distance
 * @property string|null $height
 * @property string|null $side
 * @property list<string>|null $hidden_from
 * @property-read Segment $segment
 */
final class ShotLine extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hidden_from' => 'array'];
    }

    /** @return BelongsTo<Segment, $this> */
    public function segment(): BelongsTo
    {
        return $this->belongsTo(Segment::class);
    }
}
