<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Some;

/** Things of which each alone breaks the same needs, and the lightest thing of the shelf that mends it. */
final readonly class LossRow
{
    /**
     * @param  non-empty-list<Gear>  $gear  alike: any one of them
     * @param  list<Need>  $breaks
     * @param  list<Gear>  $mends  from the shelf; empty where nothing there mends it
     */
    public function __construct(public array $gear, public array $breaks, public array $mends) {}

    /** A stand or a ladder is missed, but somebody holds the light. */
    public function breaksAMust(): bool
    {
        return array_filter($this->breaks, static fn (Need $n): bool => $n->isMust() && $n->what->isCritical()) !== [];
    }

    public function name(): string
    {
        $labels = array_map(static fn (Gear $g): string => $g->label, $this->gear);

        return count($labels) === 1 ? $labels[0] : 'any of '.implode(', ', $labels);
    }

    /** What breaks, and where in the plan. */
    public function says(): string
    {
        $parts = [];
        foreach ($this->breaks as $need) {
            $parts[] = $need->title.($need->at === [] ? '' : ' ('.$need->dearest()->why.')');
        }

        return Some::of($parts, 3, '; ');
    }

    public function toHire(): string
    {
        return $this->breaks[0]->toHire();
    }
}
