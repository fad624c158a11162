<?php

declare(strict_types=1);

namespace App\Desks\People;

/** What the groups by rule brought to a list. */
final readonly class RuleGroups
{
    /** @param  int  $grown  how many of those there have whom the family gained */
    public function __construct(public int $added, public int $grown) {}

    public function says(): string
    {
        $added = match ($this->added) {
            0 => $this->grown === 0 ? 'All groups of the rule are there.' : '',
            1 => 'One group is added.',
            default => "{$this->added} groups are added.",
        };
        $grown = match ($this->grown) {
            0 => '',
            1 => 'One that was there has whom the family gained.',
            default => "{$this->grown} that were there have whom the family gained.",
        };

        return trim("{$added} {$grown}");
    }
}
