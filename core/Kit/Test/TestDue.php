<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Test;

use NorthSatchel\Kit\Shelf\Gear;

/** A test that a job asks for. */
final readonly class TestDue
{
    /**
     * @param  string  $latestOn  the last day on which another could still be ordered, YYYY-MM-DD
     */
    public function __construct(
        public Gear $gear,
        public int $leadDays,
        public string $latestOn,
        public TestState $state,
        public ?TestResult $test,
        public bool $canStillBeOrdered,
    ) {}

    /** What to do after it failed. */
    public function mend(): string
    {
        return $this->canStillBeOrdered
            ? "Order another by {$this->latestOn}: it takes {$this->leadDays} days."
            : "Too late to order: another takes {$this->leadDays} days. Borrow one, or put a spare in.";
    }
}
