<?php

declare(strict_types=1);

namespace App\Models\Copies;

use App\Models\Record;

/**
 * A folder that the owner allowed the program to look into.
 *
 * @property string $path
 */
final class AllowedRoot extends Record
{
    protected $guarded = [];
}
