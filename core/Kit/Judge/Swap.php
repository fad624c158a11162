<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Plural;

/** Fresh cards or cells at a moment of the day. */
final readonly class Swap
{
    /**
     * @param  PlannedStretch|null  $before  the stretch before which it is done; null where they are fresh then anyway
     * @param  int  $after  frames taken until then
     * @param  int  $within  so many more in the stretch itself, which alone takes more than they give
     */
    public function __construct(
        public ?PlannedStretch $before,
        public int $after,
        public PlannedStretch $wouldRunOutIn,
        public int $within,
    ) {}

    /** Where it goes into the plan. */
    public function segmentId(): int
    {
        return ($this->before ?? $this->wouldRunOutIn)->id;
    }

    /** @param  string  $what  such as cards */
    public function says(string $what): string
    {
        $more =
            $this->within === 0
                ? ''
                : Plural::of($this->within, 'once', "{$this->within} times").
                    " within “{$this->wouldRunOutIn->title}” ({$this->wouldRunOutIn->clock}), between two shots: it takes more than ".
                    'one set gives';

        return match (true) {
            $this->before === null => "Swap {$what} {$more}.",
            $more !== '' => "Swap {$what} before “{$this->before->title}” ({$this->before->clock}), after {$this->after} frames, ".
                "and {$more}.",
            default => "Swap {$what} before “{$this->before->title}” ({$this->before->clock}), after {$this->after} frames.",
        };
    }
}
