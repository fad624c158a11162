<?php

declare(strict_types=1);

namespace App\Models\Scout;

use App\Models\Brief\Place;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use NorthSatchel\Scout\Ground\GroundKind;

/**
 * The ground of a place, as it was typed.
 *
 * @property int $id
 * @property int $place_id
 * @property GroundKind $kind
 * @property float $length_m
 * @property float $width_m
 * @property float $bearing_deg
 * @property string|null $zones
 * @property string|null $posts
 * @property string|null $ways
 * @property string|null $outline  corners; null or empty: a rectangle
 * @property-read Place $place
 */
final class GroundRecord extends Record
{
    public $timestamps = false;

    protected $table = 'grounds';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => GroundKind::class, 'length_m' => 'float', 'width_m' => 'float', 'bearing_deg' => 'float'];
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }
}
