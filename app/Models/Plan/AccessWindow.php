<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Brief\Place;
use App\Models\Record;
use App\Models\Scout\Spot;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A pass that opens a place, or a spot of it, for some hours of a job's day.
 *
 * @property int $id
 * @property int $job_id
 * @property int $place_id
 * @property int|null $spot_id
 * @property string $pass
 * @property list<string>|null $lanes
 * @property int $day
 * @property string $opens_clock
 * @property string $closes_clock
 * @property int $gate_minutes in
 * @property int $out_minutes
 * @property-read Place $place
 * @property-read Spot|null $spot
 */
final class AccessWindow extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lanes' => 'array'];
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return BelongsTo<Spot, $this> */
    public function spot(): BelongsTo
    {
        return $this->belongsTo(Spot::class);
    }
}
