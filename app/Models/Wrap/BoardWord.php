<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Record;

/**
 * Somebody's word that from a frame on it is a product; the last one on a frame counts.
 *
 * @property int $id
 * @property int $job_id
 * @property int|null $frame_id
 * @property int|null $session_file_id
 * @property int $product  0: of none
 */
final class BoardWord extends Record
{
    public $timestamps = false;

    protected $guarded = [];
}
