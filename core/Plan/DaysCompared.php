<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Severity;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What is said of a day planned otherwise, and was not said before; without their numbers, which change with everything. */
final readonly class DaysCompared
{
    /** @var list<Verdict> */
    private array $new;

    public function __construct(Verdicts $before, Verdicts $after)
    {
        $known = array_map(self::shape(...), iterator_to_array($before));
        $this->new = array_values(
            array_filter(iterator_to_array($after), static fn (Verdict $v): bool => ! in_array(self::shape($v), $known, true)),
        );
    }

    public function isStopped(): bool
    {
        return $this->of(Severity::Stop) !== [];
    }

    /** @return list<string> what would have to be mended then */
    public function fixes(): array
    {
        return array_map(static fn (Verdict $v): string => rtrim($v->finding, '.'), $this->of(Severity::Fix));
    }

    /** @return list<Verdict> */
    private function of(Severity $severity): array
    {
        return array_values(array_filter($this->new, static fn (Verdict $v): bool => $v->severity === $severity));
    }

    private static function shape(Verdict $verdict): string
    {
        return $verdict->code.preg_replace('/ at f\/[\d.]+|[\d:.,]+/', '', $verdict->finding);
    }
}
