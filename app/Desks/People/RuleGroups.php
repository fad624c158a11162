<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\People\FormalGroup;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use NorthSatchel\People\FamilyGroup;

/** What the groups by rule brought to a list. */
final readonly class RuleGroups
{
    /** @param  int  $grown  how many of those there have whom the family gained */
    public function __construct(public int $added, public int $grown) {}

    /**
     * Whether a group may become that of the rule: all who are missing came after it was made.
     *
     * @param  Collection<array-key, Carbon|null>  $cameAt  by name
     */
    public static function mayGrow(FormalGroup $group, FamilyGroup $rule, Collection $cameAt): bool
    {
        $missing = array_diff($rule->people, $group->people);

        return $group->title === $rule->title && array_diff($group->people, $rule->people) === []
            && array_filter($missing, static fn (string $name): bool => ! ($cameAt[$name] > $group->created_at)) === [];
    }

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
