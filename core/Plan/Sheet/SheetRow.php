<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sheet;

use NorthSatchel\Plan\Audience;

/** A segment on a sheet. */
final readonly class SheetRow
{
    /**
     * @param  int  $startsAt  Unix seconds
     * @param  int|null  $leaveAt  Unix seconds, where a way lies before it
     * @param  list<SheetShot>  $shots
     * @param  list<Audience>  $hiddenFrom
     * @param  list<string>  $alsoLanes  who does it together with its own lane
     * @param  string  $date  of the day it belongs to, YYYY-MM-DD
     * @param  string|null  $spot  at the place
     * @param  array<string, string>  $posts  where a ground has some: by photographer, with what it is for
     */
    public function __construct(
        public int $id,
        public string $lane,
        public string $title,
        public ?string $place,
        public int $startsAt,
        public int $endsAt,
        public bool $isAnchor,
        public ?int $leaveAt = null,
        public array $shots = [],
        public array $hiddenFrom = [],
        public array $alsoLanes = [],
        public string $date = '',
        public ?string $spot = null,
        public array $posts = [],
    ) {}

    /** Place, spot and post, as far as they are known and are the readers' business: photographers read their own, clients none. */
    public function where(Audience $audience, bool $isPlaceTold = true): string
    {
        $posts = match (true) {
            $audience->isPhotographer() => array_intersect_key($this->posts, [$audience->value => true]),
            $audience === Audience::Coordinator => $this->posts,
            default => [],
        };
        $named = array_map(
            static fn (string $who, string $post): string => count($posts) > 1 ? "{$who}: {$post}" : $post,
            array_keys($posts),
            $posts,
        );

        return implode(' · ', array_filter([$isPlaceTold ? $this->place : null, $this->spot, ...$named]));
    }

    public function isOf(string $lane): bool
    {
        return $this->lane === $lane || in_array($lane, $this->alsoLanes, true);
    }

    /** @param  list<SheetShot>  $shots */
    public function with(array $shots): self
    {
        return new self(
            $this->id,
            $this->lane,
            $this->title,
            $this->place,
            $this->startsAt,
            $this->endsAt,
            $this->isAnchor,
            $this->leaveAt,
            $shots,
            $this->hiddenFrom,
            $this->alsoLanes,
            $this->date,
            $this->spot,
            $this->posts,
        );
    }
}
