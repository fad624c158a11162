<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Record;

/**
 * A frame that is shown to the client for a final picture: a file of the session folder, or a frame of the index.
 *
 * @property int $id
 * @property int $job_id
 * @property string $picture
 * @property int|null $session_file_id
 * @property int|null $frame_id
 * @property string $name
 * @property string|null $note  for the retoucher
 * @property int $added_at  Unix seconds
 */
final class PickRecord extends Record
{
    public $timestamps = false;

    protected $table = 'picks';

    protected $guarded = [];
}
