<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;

/**
 * Long work under way or done, with its progress: a copy, a comparison, a verification.
 *
 * @property int $id
 * @property int $job_id
 * @property RunKind $kind
 * @property list<int> $card_ids
 * @property list<int> $destination_ids
 * @property RunState $state
 * @property string|null $phase
 * @property string|null $doing
 * @property int $bytes_done
 * @property int $bytes_total
 * @property bool $pause_asked
 * @property float|null $started_at
 * @property float|null $told_at
 * @property list<array<string, mixed>>|null $report
 */
final class Run extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => RunKind::class,
            'state' => RunState::class,
            'card_ids' => 'array',
            'destination_ids' => 'array',
            'report' => 'array',
            'started_at' => 'float',
            'told_at' => 'float',
            'pause_asked' => 'bool',
        ];
    }
}
