<?php

declare(strict_types=1);

namespace App\Desks\Day;

use NorthSatchel\Day\CallTable;
use NorthSatchel\Day\ChanceTable;
use NorthSatchel\Day\PocketTable;

/** All that a phone needs for a day without the server. */
final readonly class Pocket
{
    /**
     * @param  list<string>  $lanes
     * @param  list<PocketSegment>  $segments
     * @param  list<PocketMoment>  $moments  of the day: the sun, who leaves
     * @param  string|null  $lane  whose phone it is, where a link says so
     * @param  bool  $mayTap  false for who only looks
     * @param  list<PocketGear>  $gear
     * @param  list<PocketElement>  $elements
     * @param  list<PocketWanted>  $wanted
     */
    public function __construct(
        public int $job,
        public string $name,
        public int $number,
        public string $date,
        public string $timezone,
        public array $lanes,
        public array $segments,
        public array $moments,
        public ?PocketTable $table,
        public ?ChanceTable $chances,
        public int $midnight,
        public int $madeAt,
        public ?string $lane = null,
        public bool $mayTap = true,
        /** Of the photographer's own page only. */
        public ?CallTable $calling = null,
        /** What may break, of who reads it. */
        public array $gear = [],
        /** Of the photographer's own page only, in the order of work. */
        public array $elements = [],
        /** What is wanted early, of the photographer's own page only. */
        public array $wanted = [],
    ) {}

    /**
     * For a phone of somebody else: their segments, nothing of what is hidden from them, no word of who leaves when.
     *
     * @param  list<PocketSegment>  $segments
     * @param  list<string>  $hidden  titles
     */
    public function shared(?string $lane, bool $mayTap, array $segments, array $hidden): self
    {
        return new self(
            $this->job,
            $this->name,
            $this->number,
            $this->date,
            $this->timezone,
            $lane === null ? $this->lanes : [$lane],
            $segments,
            array_values(array_filter($this->moments, static fn (PocketMoment $m): bool => ! $m->isOfPeople)),
            $mayTap ? $this->table?->shared(array_map(static fn (PocketSegment $s): int => $s->id, $segments), $hidden) : null,
            $mayTap ? $this->chances : null,
            $this->midnight,
            $this->madeAt,
            $lane,
            $mayTap,
            gear: array_values(array_filter($this->gear, static fn (PocketGear $g): bool => $mayTap && $g->lane === $lane)),
        );
    }
}
