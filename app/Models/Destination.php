<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A place that copies go to.
 *
 * @property int $id
 * @property string $name
 * @property string $folder
 * @property string $kept
 */
final class Destination extends Model
{
    protected $guarded = [];
}
