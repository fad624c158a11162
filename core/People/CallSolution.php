<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/**
 * An order of groups, and for the computed ones how near it is to the best there is: of least waiting in weighted person-minutes, of few
 * groups with the real change-overs, else with some of ordinary length, before it is settled by the real ones; of least walking in people.
 */
final readonly class CallSolution
{
    /**
     * @param  list<FamilyGroup>  $order
     * @param  int|float|null  $cost  null where nothing is minimised
     * @param  int|float|null  $lowerBound  no order costs less
     */
    public function __construct(
        public array $order,
        public int|float|null $cost = null,
        public int|float|null $lowerBound = null,
        public bool $isOptimal = false,
        /** Whether every change-over was as long as it really is. */
        public bool $isReal = false,
    ) {}

    public function gap(): int|float
    {
        return ($this->cost ?? 0) - ($this->lowerBound ?? 0);
    }

    /** How far it can be trusted, in a sentence; null where nothing is minimised. */
    public function proof(School $school): ?string
    {
        if ($this->cost === null || $this->lowerBound === null) {
            return null;
        }
        [$cost, $least] = [round($this->cost, 1), round($this->lowerBound, 1)];
        if ($school === School::LeastWalking) {
            return $this->isOptimal
                ? "Least walking is proven: in no order do fewer than {$cost} people walk in or out, with those kept apart not one ".
                    'after the other wherever that can be.'
                : "Least walking is the best found: {$cost} people walk in or out, and in no order fewer than {$least} do.";
        }
        if ($this->isReal) {
            return "Least waiting is proven: no order of these groups waits less than {$cost} person-min, each change-over as long as it ".
                'really is, with those kept apart not one after the other wherever that can be.';
        }
        $change = CallOrders::USUAL_CHANGE_MINUTES;

        return $this->isOptimal
            ? "Least waiting is proven: with change-overs of {$change} min each no order waits less than {$cost} person-min. The figure ".
                'above is with the real change-overs, group by group.'
            : "Least waiting is the best found: {$cost} person-min with change-overs of {$change} min each, and no order waits less ".
                "than {$least}. The figure above is with the real change-overs.";
    }
}
