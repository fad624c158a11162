<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The way from one place to another.
 *
 * @property int $from_place_id
 * @property int $to_place_id
 * @property int $minutes
 */
final class Travel extends Model
{
    protected $guarded = [];

    protected $table = 'travels';
}
