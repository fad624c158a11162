<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Record;

/**
 * A line that the couple proposes.
 *
 * @property int $id
 * @property int $job_id
 * @property string $form  of one sending
 * @property string $kind  person, group or without
 * @property string $text
 * @property int|null $formal_group_id
 * @property string|null $answer  accepted or declined
 */
final class Proposal extends Record
{
    protected $guarded = [];
}
