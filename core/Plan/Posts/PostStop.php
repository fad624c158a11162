<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Plural;
use NorthSatchel\Scout\Ground\GroundPost;
use NorthSatchel\Some;

/** A photographer at a post in a period: what they are there for, and how they came. */
final readonly class PostStop
{
    private const MOST_NAMED = 3;

    /**
     * @param  list<string>  $zones  of worth that nobody covers with a shorter lens
     * @param  list<string>  $again  of worth that another covers too
     * @param  int  $walkMinutes  from the post of the period before; 0 where one stays
     * @param  int|null  $breakMinutes  before the period; null before the first
     * @param  float  $nearM  to the nearest zone of both lists; 0 where there is none
     * @param  string|null  $move  where one goes when the action moves
     */
    public function __construct(
        public PlayedPeriod $period,
        public GroundPost $post,
        public array $zones,
        public array $again,
        public int $walkMinutes,
        public ?int $breakMinutes,
        public float $nearM,
        public float $farM,
        public ?string $move = null,
    ) {}

    public function isForNothing(): bool
    {
        return $this->zones === [] && $this->again === [];
    }

    /** "Finish side: for Finish, Bend": the post with what it is for. */
    public function says(): string
    {
        $for = match (true) {
            $this->zones !== [] => ': for '.Some::of($this->zones, self::MOST_NAMED),
            $this->again !== [] => ': a second view of '.Some::of($this->again, self::MOST_NAMED),
            default => ': nothing of worth within the lens',
        };

        return $this->post->name.$for.($this->move === null ? '' : "; {$this->move}");
    }

    /** How far it is, and the walk there; empty where one stays and nothing is in reach. */
    public function how(): string
    {
        $near = (int) round($this->nearM);
        $far = (int) round($this->farM);
        $parts = array_filter([
            $this->isForNothing() ? '' : ($near === $far ? "{$near} m" : "{$near} to {$far} m"),
            $this->post->upM > 0 ? "{$this->post->upM} m up" : '',
            $this->walkMinutes > 0 && $this->breakMinutes !== null
                ? "a walk of {$this->walkMinutes} of the ".Plural::of($this->breakMinutes, '1 min', "{$this->breakMinutes} min").' before'
                : '',
        ]);

        return implode(', ', $parts);
    }
}
