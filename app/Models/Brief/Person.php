<?php

declare(strict_types=1);

namespace App\Models\Brief;

use Illuminate\Database\Eloquent\Model;

/**
 * Somebody who matters on the job.
 *
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property string|null $role
 */
final class Person extends Model
{
    protected $guarded = [];
}
