<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Record;

/**
 * The way from one place to another.
 *
 * @property int $from_place_id
 * @property int $to_place_id
 * @property int $minutes  on the road
 * @property int $walk_minutes
 * @property int $parking_minutes
 * @property int $loading_minutes
 */
final class Travel extends Record
{
    protected $guarded = [];

    protected $table = 'travels';
}
