<?php

declare(strict_types=1);

namespace App\Models\Scout;

use App\Models\Brief\Place;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A spot of a place.
 *
 * @property int $id
 * @property int $place_id
 * @property string $name
 * @property float|null $facing_deg
 * @property bool $is_indoor
 * @property float|null $room_m
 * @property string|null $notes
 * @property string|null $rejected_because
 * @property string|null $scouted_on
 * @property float|null $latitude
 * @property float|null $longitude
 * @property float|null $east_m  from its place, where it has no coordinates of its own
 * @property float|null $north_m
 * @property string|null $power
 * @property string|null $background
 * @property string|null $plan_b
 * @property string|null $plan_b_trigger
 * @property string|null $skyline
 * @property string|null $windows
 * @property float|null $walk_m  how far people walk up to it while they are shot
 * @property float|null $walk_deg  towards which they walk; else as they face
 * @property-read Place $place
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Obstacle> $obstacles
 * @property-read \Illuminate\Database\Eloquent\Collection<int, TestPicture> $pictures
 */
final class Spot extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'facing_deg' => 'float',
            'room_m' => 'float',
            'is_indoor' => 'bool',
            'latitude' => 'float',
            'longitude' => 'float',
            'east_m' => 'float',
            'north_m' => 'float',
            'walk_m' => 'float',
            'walk_deg' => 'float',
        ];
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return HasMany<Obstacle, $this> */
    public function obstacles(): HasMany
    {
        return $this->hasMany(Obstacle::class);
    }

    /** @return HasMany<TestPicture, $this> the newest first */
    public function pictures(): HasMany
    {
        $pictures = $this->hasMany(TestPicture::class);
        $pictures->orderByDesc('id');

        return $pictures;
    }
}
