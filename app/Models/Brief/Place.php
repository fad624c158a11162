<?php

declare(strict_types=1);

namespace App\Models\Brief;

use App\Models\Record;
use App\Models\Scout\Spot;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A place, remembered for the next job there.
 *
 * @property int $id
 * @property string $name
 * @property float|null $latitude
 * @property float|null $longitude
 * @property string $timezone
 * @property string|null $notes
 * @property-read Collection<int, Spot> $spots
 */
final class Place extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['latitude' => 'float', 'longitude' => 'float'];
    }

    /** @return HasMany<Spot, $this> */
    public function spots(): HasMany
    {
        return $this->hasMany(Spot::class);
    }
}
