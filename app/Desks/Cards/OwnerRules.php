<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Cards\AuditRuleRecord;

/** The owner's rule for copies and permits; the last one that was kept holds, for all jobs. */
final class OwnerRules
{
    private const AT_FIRST = [
        'copies' => 3, 'kinds' => 2, 'elsewhere' => 1, 'again_after_days' => 90, 'waits_for_elsewhere' => false, 'looks_first' => true,
        'permit_copies' => 2, 'more_without_twin' => 1, 'away_days' => 30, 'reads_again' => 'minute',
    ];

    private ?AuditRuleRecord $record = null;

    public function record(): AuditRuleRecord
    {
        return $this->record ??= AuditRuleRecord::query()->latest('id')->first() ?? new AuditRuleRecord(self::AT_FIRST);
    }
}
