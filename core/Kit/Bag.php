<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** What is to go along, and what the plan asks of it. */
final readonly class Bag
{
    /**
     * @param  list<BagBody>  $bodies
     * @param  list<BagLens>  $lenses  in the bag
     * @param  list<BagLens>  $shelfLenses  at hand, but not in the bag
     * @param  array<string, int>  $cells  in the bag, by cell type
     * @param  list<float>  $cardsGb  in the bag
     * @param  array<string, int>  $framesByLane  planned
     * @param  list<WantedReach>  $reaches
     * @param  list<string>  $unpacked  labels of what is not ticked yet
     */
    public function __construct(
        public array $bodies,
        public array $lenses,
        public array $shelfLenses,
        public array $cells,
        public array $cardsGb,
        public array $framesByLane,
        public array $reaches,
        public array $unpacked,
        public int $items,
        public float $coveredHours,
        public float $temperatureC,
    ) {}

    /** A lane's frames are shared out evenly among its bodies. */
    public function framesOf(BagBody $body): int
    {
        $sharing = count(array_filter($this->bodies, static fn (BagBody $b): bool => $b->lane === $body->lane));

        return (int) ceil(($this->framesByLane[$body->lane] ?? 0) / max(1, $sharing));
    }
}
