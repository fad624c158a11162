<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\SunPosition;

/** People walk straight up to a spot and are shot on the way: where on it their faces have the sun, and where a reflector gets some. */
final readonly class WalkPath
{
    public const LONGEST_M = 200.0;

    private const STEP_M = 0.25;

    private const EDGE_M = 0.01;

    /** A reflector is carried beside the way, and no farther ahead than it still does much. */
    private const ASIDE_M = 1.5;

    private const FARTHEST_AHEAD_M = 6.0;

    /** Turned half way between the sun and the faces it shows both of them cos 60°, a half, of its surface; beyond that less. */
    private const WIDEST_TURN_DEG = 120.0;

    private function __construct(public float $bearingDeg, public float $metres) {}

    /**
     * @param  float  $bearingDeg  towards which they walk, clockwise from true north; they look where they go
     *
     * @throws ImpossibleValue
     */
    public static function of(float $bearingDeg, float $metres): self
    {
        if ($bearingDeg < 0 || $bearingDeg >= 360) {
            throw ImpossibleValue::of('walk_deg', 'must be a number from 0 to below 360');
        }
        if ($metres <= 0 || $metres > self::LONGEST_M) {
            throw ImpossibleValue::of('walk_m', 'must be above 0 and at most '.self::LONGEST_M);
        }

        return new self($bearingDeg, $metres);
    }

    /** Whether they have the sun in their backs: then no face has it, wherever they are. */
    public function isAway(SunPosition $sun): bool
    {
        return abs(Bearing::turn($this->bearingDeg, $sun->azimuthDeg)) > 90;
    }

    /** @return list<WalkStretch> from its beginning to the spot, without a gap; none while the sun is down */
    public function stretches(Spot $spot, SunPosition $sun): array
    {
        if ($sun->elevationDeg <= 0) {
            return [];
        }
        $stretches = [];
        $from = 0.0;
        $steps = (int) ceil($this->metres / self::STEP_M);
        $is = $this->shade($spot, $sun, 0.0, 0.0);
        for ($step = 1; $step <= $steps; $step++) {
            $at = min($this->metres, $step * self::STEP_M);
            $now = $this->shade($spot, $sun, $at, 0.0);
            if ($now !== $is) {
                $edge = $this->edge($spot, $sun, ($step - 1) * self::STEP_M, $at, $is);
                $stretches[] = new WalkStretch($from, $edge, $is);
                [$from, $is] = [$edge, $now];
            }
        }
        $stretches[] = new WalkStretch($from, $this->metres, $is);

        return $stretches;
    }

    /** Where a reflector stands that lights them in the middle of a stretch: ahead of it, beside the way, in the sun; null where nowhere. */
    public function reflector(Spot $spot, SunPosition $sun, WalkStretch $dark): ?FillPlace
    {
        if (abs(Bearing::turn(Bearing::whole($this->bearingDeg + 180), $sun->azimuthDeg)) > self::WIDEST_TURN_DEG) {
            return null;
        }
        for ($ahead = 1.0; $ahead <= self::FARTHEST_AHEAD_M; $ahead += self::STEP_M) {
            foreach ([self::ASIDE_M, -self::ASIDE_M] as $right) {
                if ($this->shade($spot, $sun, $dark->middleM() + $ahead, $right) === null) {
                    return new FillPlace($dark->middleM() + $ahead, $ahead, $right);
                }
            }
        }

        return null;
    }

    /** Where it is no longer as it was, by halving. */
    private function edge(Spot $spot, SunPosition $sun, float $before, float $after, ?string $was): float
    {
        while ($after - $before > self::EDGE_M) {
            $middle = ($before + $after) / 2;
            if ($this->shade($spot, $sun, $middle, 0.0) === $was) {
                $before = $middle;
            } else {
                $after = $middle;
            }
        }

        return $after;
    }

    /** What keeps the sun from a face there; null in the sun. */
    private function shade(Spot $spot, SunPosition $sun, float $alongM, float $rightM): ?string
    {
        return $spot->seenFrom($alongM - $this->metres, $rightM, $this->bearingDeg)->shadedBy($sun);
    }
}
