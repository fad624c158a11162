<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** One of several jobs on a day, with what is on its packing list. */
final readonly class KitStop
{
    /**
     * @param  int  $from  minutes since midnight
     * @param  array<int, StopThing>  $items  by item id
     */
    public function __construct(public int $jobId, public string $name, public int $from, public int $to, public array $items) {}

    /** @return list<string> */
    public function labels(int ...$ids): array
    {
        $labels = array_map(fn (int $id): string => $this->items[$id]->label, $ids);
        sort($labels);

        return $labels;
    }
}
