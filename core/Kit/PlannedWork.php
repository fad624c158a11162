<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\Need;

/** What the day asks of kit in numbers. */
final readonly class PlannedWork
{
    /**
     * @param  list<Need>  $needs  without cells and cards, which follow from the bodies
     * @param  array<string, int>  $framesByLane  planned
     */
    public function __construct(public array $needs, public array $framesByLane, public int $pops, public float $hours, public float $temperatureC) {}

    /**
     * How many bodies each photographer wants.
     *
     * @param  list<Need>  $needs  that are taken into account
     * @return array<string, int>
     */
    public function bodiesByLane(array $needs): array
    {
        $wanted = array_map(static fn (): int => 1, array_filter($this->framesByLane));
        foreach ($needs as $need) {
            foreach ($need->id === 'body-harness' ? $need->at : [] as $at) {
                $wanted[$at->lane] = 2;
            }
        }

        return $wanted;
    }
}
