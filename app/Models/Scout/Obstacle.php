<?php

declare(strict_types=1);

namespace App\Models\Scout;

use App\Models\Record;

/**
 * A thing that takes the sun from a spot.
 *
 * @property int $id
 * @property int $spot_id
 * @property string $name
 * @property float $bearing_deg
 * @property float $distance_m
 * @property float $height_m
 * @property float $width_m
 */
final class Obstacle extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bearing_deg' => 'float', 'distance_m' => 'float', 'height_m' => 'float', 'width_m' => 'float'];
    }
}
