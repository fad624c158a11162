<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\SceneKind;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;

/** A segment of the plan, as the kit sees it. */
final readonly class PlannedStretch
{
    /**
     * @param  list<string>  $lanes  who does it
     * @param  float|null  $ev100  of the light that is forecast there; null where nobody knows
     * @param  list<PlannedShot>  $shots
     */
    public function __construct(
        public int $id,
        public string $title,
        public array $lanes,
        public int $from,
        public int $to,
        public string $clock,
        public ?int $placeId,
        public Priority $priority,
        public ?float $ev100,
        public array $shots,
        /** Whether a shot of it is planned with flash. */
        public bool $isFlash = false,
        /** Whether the brief forbids flash there. */
        public bool $mayNotFlash = false,
        /** Why its faces want fill from below or before; null where they do not, or nobody knows. */
        public ?string $fill = null,
        private ?SceneKind $kind = null,
        /** The focal length that the distance asks for at which one has to stay, on full format; null where nobody has to. */
        public ?int $farMm = null,
    ) {}

    /** What kind of scene it is; by its words alone where nobody said so. */
    public function scene(): SceneKind
    {
        return $this->kind ?? SceneKind::of($this->title);
    }

    /** @return list<string> of those who are in it, the ones with a camera in their hands */
    public function photographers(): array
    {
        $typed = array_filter($this->shots, static fn (PlannedShot $s): bool => ! $s->isUsual);

        return Lane::photographers($this->lanes, $typed !== []);
    }

    /**
     * In whose hands a shot is that names a focal length: of several who are there one takes it, but what is played each takes from where
     * they stand (common practice, no source).
     *
     * @return list<string>
     */
    public function hands(): array
    {
        return $this->scene() === SceneKind::Action ? $this->photographers() : array_slice($this->photographers(), 0, 1);
    }

    /** Planned in it, by one photographer. */
    public function frames(): int
    {
        return array_sum(array_map(static fn (PlannedShot $s): int => $s->frames, $this->shots));
    }

    public function at(string $lane, Priority $priority, string $why): NeededAt
    {
        return new NeededAt($this->id, $lane, $this->from, $this->to, $this->placeId, $priority, $why);
    }

    /**
     * Frames that nobody typed, of all photographers.
     *
     * @param  list<self>  $stretches
     */
    public static function usualFrames(array $stretches): int
    {
        $frames = 0;
        foreach ($stretches as $stretch) {
            foreach ($stretch->shots as $shot) {
                $frames += $shot->isUsual ? $shot->frames * count($stretch->photographers()) : 0;
            }
        }

        return $frames;
    }

    /**
     * The shots that name a focal length, each with the photographer whose segment it is.
     *
     * @param  list<self>  $stretches
     * @return list<array{string, PlannedShot}>
     */
    public static function shotsWithReach(array $stretches): array
    {
        $shots = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->shots as $shot) {
                if ($shot->focalMm !== null && $stretch->photographers() !== []) {
                    $shots[] = [$stretch->photographers()[0], $shot];
                }
            }
        }

        return $shots;
    }
}
