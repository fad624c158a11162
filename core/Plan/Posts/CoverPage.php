<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Plural;
use NorthSatchel\Sky\SunPosition;

/** The covers of a ground side by side: the proven one, the chosen one, and what more would bring. */
final readonly class CoverPage
{
    /** @param  list<PostGain>  $gains */
    public function __construct(public PostCover $best, public ?PostCover $hand, public array $gains) {}

    /**
     * @param  array<int, SunPosition>  $suns  by segment, of those outdoors
     * @return list<CoverMap> a drawing for each period
     */
    public function maps(GroundCover $cover, array $suns = []): array
    {
        return array_map(
            fn (PlayedPeriod $p): CoverMap => new CoverMap($cover->ground, $this->shown(), $p, $cover->worths($p), $suns[$p->segment] ?? null),
            $cover->periods,
        );
    }

    /** @return list<PostDay> of each photographer, as it is shown */
    public function days(GroundCover $cover): array
    {
        return array_map(fn (Shooter $s): PostDay => new PostDay($cover, $this->shown(), $s), $cover->shooters);
    }

    /** How much is covered, and of how much. */
    public function says(): string
    {
        $shown = $this->shown();

        return "{$shown->worth} of {$shown->plan->of()} covered with ".Plural::of($shown->moves, '1 move', "{$shown->moves} moves").
            ($this->hand === null ? '' : ', as chosen').
            ($this->best->isOptimal
                ? "; the most that is possible is {$this->best->worth}, proven."
                : "; no better was found than {$this->best->worth}.");
    }

    /** What is shown: the chosen one where there is one. */
    public function shown(): PostCover
    {
        return $this->hand ?? $this->best;
    }
}
