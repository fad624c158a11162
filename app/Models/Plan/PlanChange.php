<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Record;

/**
 * Something that was done to a plan, with the segments and shots as they were before.
 *
 * @property int $id
 * @property int $job_id
 * @property string $said
 * @property array{is_whole?: bool, segments: list<array<string, mixed>>, shots: list<array<string, mixed>>,
 *     jobs?: list<array<string, mixed>>, lists?: array<string, list<array<string, mixed>>>,
 *     places?: array<string, list<array<string, mixed>>>} $before
 * @property string|null $undone_at
 */
final class PlanChange extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['before' => 'array'];
    }
}
