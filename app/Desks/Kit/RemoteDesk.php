<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Remote\RemoteBody;
use NorthSatchel\Kit\Remote\RemotePlan;
use NorthSatchel\Kit\Remote\RemoteRounds;
use NorthSatchel\Kit\Remote\RemoteSheet;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\Lane;

/** The desk of a camera that stands alone: worked out from what stands in the address, nothing is stored. */
final readonly class RemoteDesk
{
    private const SUN_EVERY_S = 600;

    /** Where nobody knows it: a room with its lamps on (common practice, no source). */
    private const INDOORS_EV = 7.0;

    public function __construct(private NeedsDesk $needs, private LightDesk $light) {}

    /**
     * A camera that is mounted so many hours before a segment, fires then, and is fetched when whoever does that segment comes to it; null
     * where the place is not known.
     *
     * @throws ImpossibleValue
     */
    public function plan(Job $job, AskedLight $asked): ?RemotePlan
    {
        $segment = $asked->segment;
        $stored = $segment === null ? null : $job->segments->firstWhere('id', $segment->id);
        $place = $stored?->place;
        $point = $place === null ? null : JobDay::pointOf($place);
        $body = $this->light->bodyOf($job);
        if ($segment === null || $point === null || $body === null) {
            return null;
        }
        $v = $asked->values;
        $cards = array_map(
            static fn (Gear $g): float => $g->number('capacity_gb') ?? 0.0,
            array_values(array_filter($this->needs->bag($job), static fn (Gear $g): bool => $g->kind === GearKind::Card)),
        );

        $mountedAt = $segment->from - (int) round(3600 * max(0.0, $v['alone']));
        $rounds = new RemoteRounds(
            $this->needs->stretches($job),
            $segment->lanes[0] ?? Lane::Lead->value,
            $mountedAt,
            $segment->from,
            $segment->to,
            $v['walk'],
            $v['mounting'],
            $v['fetching'],
            JobDay::of($job),
        );

        return new RemotePlan(
            Sun::at($point, $mountedAt),
            Sun::at($point, $segment->from),
            $v['bearing'],
            $rounds->hoursAlone(),
            (int) max(0.0, $v['shots']),
            new RemoteBody(
                rawMb: $body->number('raw_mb') ?? 50.0,
                jpegMb: $body->number('jpeg_mb') ?? 0.0,
                framesPerCharge: $body->number('frames_per_charge') ?? 500.0,
                standbyHours: $body->number('standby_hours_per_charge') ?? 40.0,
                cardGb: $cards === [] ? 128.0 : max($cards),
            ),
            $job->temperature_c,
            rounds: $rounds,
            lampsEv: $stored->is_outdoor ?? true ? null : ($segment->ev100 ?? self::INDOORS_EV),
            firing: array_map(
                static fn (int $at): SunPosition => Sun::at($point, $at),
                self::moments($segment->from, $segment->to),
            ),
        );
    }

    /** @return list<int> a step apart, the end among them */
    private static function moments(int $from, int $to): array
    {
        $moments = [];
        for ($at = $from; $at < $to; $at += self::SUN_EVERY_S) {
            $moments[] = $at;
        }

        return [...$moments, $to];
    }

    /**
     * What goes with that camera; null where it cannot be worked out.
     *
     * @throws ImpossibleValue
     */
    public function sheet(Job $job, AskedLight $asked): ?RemoteSheet
    {
        $plan = $this->plan($job, $asked);
        $v = $asked->values;
        $rest = $this->light->motionAndRoom($v, $this->light->pixelUm($job));

        return $plan?->rounds === null
            ? null
            : new RemoteSheet($plan, $plan->rounds, $v['bearing'], $rest->freeze, $rest->blur, $v['pan_shutter']);
    }
}
