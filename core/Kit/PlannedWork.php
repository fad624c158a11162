<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;

/** What the day asks of kit in numbers. */
final readonly class PlannedWork
{
    /**
     * @param  list<Need>  $needs  without cells and cards, which follow from the bodies
     * @param  array<string, int>  $framesByLane  planned
     * @param  list<RemoteWork>  $remotes  cameras that stand alone, one entry each
     */
    public function __construct(
        public array $needs,
        public array $framesByLane,
        public FlashWork $flash,
        public float $hours,
        public float $temperatureC,
        public array $remotes = [],
        /** Of the planned frames those that nobody typed. */
        public int $usual = 0,
    ) {}

    /**
     * Cameras that stand alone fire with the main camera: in their segment, or all day where none is named, for at least
     * as long as it lasts.
     *
     * @param  list<Ask>  $asks
     * @param  list<PlannedStretch>  $stretches
     * @return list<RemoteWork>
     */
    public static function remotes(array $asks, array $stretches): array
    {
        $remotes = [];
        foreach ($asks as $ask) {
            if ($ask->what !== NeedWhat::Remote) {
                continue;
            }
            $with = array_values(
                array_filter(
                    $stretches,
                    static fn (PlannedStretch $s): bool => $ask->segmentId === null
                        ? in_array('lead', $s->lanes, true)
                        : $s->id === $ask->segmentId,
                ),
            );
            $frames = array_sum(
                array_map(
                    static fn (PlannedStretch $s): int => array_sum(
                        array_map(static fn (PlannedShot $shot): int => $shot->frames, $s->shots),
                    ),
                    $with,
                ),
            );
            $hours = $ask->segmentId === null || $with === [] ? 0.0 : round(($with[0]->to - $with[0]->from) / 3600, 1);
            array_push($remotes, ...array_fill(0, $ask->count, new RemoteWork(frames: $ask->frames ?? $frames, hours: max($ask->hours, $hours))));
        }

        return $remotes;
    }

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
