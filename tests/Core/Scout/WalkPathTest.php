<?php

declare(strict_types=1);

namespace Tests\Core\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Light\PathJudge;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\SpotPlan;
use NorthSatchel\Scout\WalkPath;
use NorthSatchel\Scout\WalkStretch;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Segments;

/** Shadows by plain geometry: a thing of height h reaches (h − 1.6 m) ÷ tan of the sun's height at the height of a face. */
final class WalkPathTest extends TestCase
{
    /** @param  array<string, ShadowCaster>  $things */
    private static function spot(array $things, ?WalkPath $path = null, string $skyline = ''): Spot
    {
        return new Spot(1, 'Gate', GeoPoint::of(57.6, 18.3), 0.0, false, $things, Skyline::read($skyline), path: $path);
    }

    /** @return list<array{float, float, string|null}> */
    private static function parts(WalkPath $path, Spot $spot, SunPosition $sun): array
    {
        return array_map(
            static fn (WalkStretch $s): array => [round($s->fromM, 1), round($s->toM, 1), $s->shade],
            $path->stretches($spot, $sun),
        );
    }

    public function test_a_shadow_lies_as_wide_across_the_way_as_the_thing_is(): void
    {
        // They walk west along a line 10 m north of a mast of 4 m; the sun in the south at 30°, its shadow (12 − 1.6) ÷ tan 30° = 18 m long.
        $path = WalkPath::of(270, 20);
        $spot = self::spot(['Mast' => ShadowCaster::of(135, 14.142, 12, 4)]);
        $parts = self::parts($path, $spot, new SunPosition(30, 180));
        $this->assertSame([null, 'Mast', null], array_column($parts, 2));
        // The mast stands 10 m east of the spot: 10 m before it, half of its width to either side.
        $this->assertEqualsWithDelta(8.0, $parts[1][0], 0.1);
        $this->assertEqualsWithDelta(12.0, $parts[1][1], 0.1);
        $this->assertSame(0.0, $parts[0][0]);
        $this->assertSame(20.0, $parts[2][1]);
        // A sun of 60° throws it (12 − 1.6) ÷ tan 60° = 6 m: not as far as the way.
        $this->assertSame([[0.0, 20.0, null]], self::parts($path, $spot, new SunPosition(60, 180)));
        $this->assertSame([], $path->stretches($spot, new SunPosition(-0.1, 180)));
    }

    public function test_towards_the_sun_they_walk_into_the_shadow_where_its_tip_lies(): void
    {
        // 45°: 6.6 m throw 5 m of shadow at a face. The tree stands 2 m beyond the spot, so they lose the light 3 m before it.
        $path = WalkPath::of(180, 12);
        $spot = self::spot(['Tree' => ShadowCaster::of(180, 2, 6.6, 3)]);
        $sun = new SunPosition(45, 180);
        $parts = self::parts($path, $spot, $sun);
        $this->assertSame([null, 'Tree'], array_column($parts, 2));
        $this->assertEqualsWithDelta(9.0, $parts[1][0], 0.1);
        // A reflector ahead of them would have the sun behind it.
        $this->assertNull($path->reflector($spot, $sun, $path->stretches($spot, $sun)[1]));
        $this->assertFalse($path->isAway($sun));
        $this->assertTrue(WalkPath::of(0, 12)->isAway($sun));
        $this->assertFalse(WalkPath::of(90, 12)->isAway($sun), 'from the side');
    }

    public function test_the_reflector_stands_ahead_and_in_the_sun(): void
    {
        $path = WalkPath::of(270, 20);
        $spot = self::spot(['Mast' => ShadowCaster::of(135, 14.142, 12, 4)]);
        $sun = new SunPosition(30, 180);
        $place = $path->reflector($spot, $sun, $path->stretches($spot, $sun)[1]);
        $this->assertNotNull($place);
        // The shadow ends 2 m ahead of its middle.
        $this->assertEqualsWithDelta(2.0, $place->aheadM, 0.5);
        $this->assertEqualsWithDelta(10 + $place->aheadM, $place->alongM, 0.3);
        $this->assertTrue($spot->seenFrom($place->alongM - 20, $place->rightM, 270)->isInSun($sun));
        $this->assertFalse($spot->seenFrom(-10, 0, 270)->isInSun($sun), 'while they stand in the shade');
        // In the shadow of the land nobody gets any.
        $low = self::spot([], null, "0 40\n359 40");
        $this->assertNull($path->reflector($low, $sun, new WalkStretch(0, 20, Spot::LAND)));
    }

    /** @return list<array{float, float, string}> */
    public static function impossible(): array
    {
        return [[-1, 10, 'walk_deg'], [360, 10, 'walk_deg'], [0, 0, 'walk_m'], [0, 200.1, 'walk_m']];
    }

    #[DataProvider('impossible')]
    public function test_what_is_no_way(float $bearing, float $metres, string $field): void
    {
        try {
            WalkPath::of($bearing, $metres);
            $this->fail('it was taken');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
        }
        $this->assertSame(200.0, WalkPath::of(359.9, 200)->metres);
    }

    private static function judged(Spot $spot, string $clock): ?Verdict
    {
        $day = LocalDay::of('2027-06-05', 'Europe/Stockholm');
        $at = $day->startsAt() + 3600 * (int) $clock;
        $segment = Segments::of(['id' => 1, 'title' => 'Portraits', 'lane' => 'lead', 'startsAt' => $at, 'minutes' => 30,
            'priority' => Priority::Must]);

        return PathJudge::of($spot, $spot->place ?? GeoPoint::of(0, 0), $segment, $day);
    }

    public function test_what_is_said_of_it(): void
    {
        $day = LocalDay::of('2027-06-05', 'Europe/Stockholm');
        $sun = Sun::at(GeoPoint::of(57.6, 18.3), $day->startsAt() + 18 * 3600);
        // Across the sun, with a barn between it and the middle of the way.
        $across = WalkPath::of(fmod($sun->azimuthDeg + 90, 360), 16);
        $barn = self::spot(['Barn' => ShadowCaster::of($sun->azimuthDeg, 10, 9, 5)], $across)->seenFrom(8, 0, $across->bearingDeg);
        $verdict = self::judged($barn, '18');
        $this->assertSame(['scout.path-shade', 'mind'], [$verdict?->code, $verdict?->severity->value]);
        $this->assertMatchesRegularExpression(
            '/^Walking up to Gate for Portraits, faces lose the light 1[01](\.\d+)? m before it\.$/',
            $verdict->finding,
        );
        $this->assertStringContainsString('Barn keeps it from them', $verdict->because);
        $this->assertMatchesRegularExpression('/A reflector stands [\d.]+ m ahead of where they are 8 m before it/', $verdict->because);
        $this->assertEqualsWithDelta(5.0, $verdict->figures['from_m'] - $verdict->figures['to_m'], 0.6);
        // Away from the sun; into it with nothing in the way; in shade all along; by night; where nobody walks.
        $away = self::spot([], WalkPath::of(fmod($sun->azimuthDeg + 180, 360), 16));
        $this->assertSame('scout.path-away', self::judged($away, '18')?->code);
        $this->assertStringContainsString('A reflector', ucfirst(explode(': ', (string) self::judged($away, '18')->because)[1]));
        $this->assertNull(self::judged(self::spot([], WalkPath::of($sun->azimuthDeg, 16)), '18'));
        $this->assertNull(self::judged(self::spot([], $across, "0 60\n359 60"), '18'));
        $this->assertNull(self::judged($away, '1'));
        $this->assertNull(self::judged(self::spot(['Barn' => ShadowCaster::of($sun->azimuthDeg, 10, 9, 5)]), '18'));
        // A post of half a metre is a step.
        $post = self::spot(['Post' => ShadowCaster::of($sun->azimuthDeg, 4, 9, 0.5)], $across)->seenFrom(8, 0, $across->bearingDeg);
        $this->assertNull(self::judged($post, '18'));
        // Out of the shade into the light.
        $out = self::spot(['Barn' => ShadowCaster::of($sun->azimuthDeg, 10, 9, 12)], $across)->seenFrom(16, 0, $across->bearingDeg);
        $this->assertStringContainsString('faces come into the light', (string) self::judged($out, '18')?->finding);
    }

    public function test_it_is_drawn_up_to_the_dot(): void
    {
        $day = LocalDay::of('2027-06-05', 'Europe/Stockholm');
        $at = $day->startsAt() + 18 * 3600;
        $place = GeoPoint::of(57.6, 18.3);
        $sun = Sun::at($place, $at);
        $drawn = static fn (?WalkPath $path, int $when): array => (new SpotPlan(self::spot([], $path), $place, $day, $when))->path();
        $this->assertSame([], $drawn(null, $at));
        [$part] = $drawn(WalkPath::of(0, 20), $at);
        // Northwards: it begins below the middle, so far as the drawing reaches.
        $this->assertEqualsWithDelta(200, $part->from->x, 0.1);
        $this->assertEqualsWithDelta(350, $part->from->y, 0.1);
        $this->assertEqualsWithDelta(200, $part->to->y, 0.1);
        $this->assertTrue($drawn(WalkPath::of($sun->azimuthDeg, 20), $at)[0]->isLit);
        $this->assertFalse($drawn(WalkPath::of(fmod($sun->azimuthDeg + 180, 360), 20), $at)[0]->isLit, 'the sun is behind them');
        $this->assertFalse($drawn(WalkPath::of(0, 20), $day->startsAt() + 1800)[0]->isLit, 'the sun is down');
    }
}
