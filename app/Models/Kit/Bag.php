<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;

/**
 * A bag, pouch, hip or case of the owner.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property int $places
 * @property int|null $limit_g
 */
final class Bag extends Record
{
    public const KINDS = ['case', 'backpack', 'hip', 'pouch', 'harness'];

    protected $guarded = [];
}
