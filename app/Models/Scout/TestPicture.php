<?php

declare(strict_types=1);

namespace App\Models\Scout;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A picture taken at a spot to measure it.
 *
 * @property int $id
 * @property int $spot_id
 * @property string $name
 * @property string $file
 * @property int $width
 * @property int $height
 * @property float|null $focal35_mm
 * @property float|null $latitude
 * @property float|null $longitude
 * @property float|null $direction_deg
 * @property bool $is_magnetic
 * @property float|null $ev100
 * @property int|null $taken_at
 * @property-read Spot $spot
 */
final class TestPicture extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'focal35_mm' => 'float',
            'latitude' => 'float',
            'longitude' => 'float',
            'direction_deg' => 'float',
            'is_magnetic' => 'bool',
            'ev100' => 'float',
        ];
    }

    /** @return BelongsTo<Spot, $this> */
    public function spot(): BelongsTo
    {
        return $this->belongsTo(Spot::class);
    }
}
