<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Station\Station;
use NorthSatchel\Kit\Station\StationLink;
use PHPUnit\Framework\TestCase;

/** The capture station as it is in the bag. */
final class StationTest extends TestCase
{
    /** @param  array<string, int|float|string|bool>  $specs */
    private static function gear(int $id, GearKind $kind, string $label, array $specs = []): Gear
    {
        return new Gear($id, $label, $kind, $specs);
    }

    /** @return list<Gear> */
    private static function bag(int $of = 1): array
    {
        $bag = [];
        for ($n = 1; $n <= $of; $n++) {
            $bag[] = self::gear(10 * $n, GearKind::Body, "Body {$n}");
            $bag[] = self::gear(10 * $n + 1, GearKind::Cable, "Cable {$n}", ['for_tether' => true, 'rate_mb_s' => 40.0]);
            $bag[] = self::gear(10 * $n + 2, GearKind::Computer, "Computer {$n}", ['write_mb_s' => 200.0]);
            $bag[] = self::gear(10 * $n + 3, GearKind::Drive, "Drive {$n}", ['write_mb_s' => 100.0]);
        }

        $bag[] = self::gear(95, GearKind::Display, 'Screen', ['is_calibrated' => true]);

        return $bag;
    }

    /** @return list<string> */
    private static function codes(Station $station): array
    {
        return array_map(static fn ($v): string => $v->code, iterator_to_array($station->verdicts(), false));
    }

    public function test_as_fast_as_its_slowest(): void
    {
        $station = new Station(self::bag(), 60.0);
        $this->assertSame(1.5, $station->secondsAFrame, '60 MB at 40 MB/s');
        $slow = array_values(array_filter($station->links, static fn (StationLink $l): bool => $l->isSlowest));
        $this->assertSame(['Cable 1'], array_map(static fn (StationLink $l): string => $l->label(), $slow));
        $joint = ['for_tether' => true, 'is_joint' => true];
        $hub = new Station([...self::bag(), self::gear(99, GearKind::Cable, 'Hub', [...$joint, 'rate_mb_s' => 20.0])], 60.0);
        $this->assertSame(3.0, $hub->secondsAFrame);
        $unknown = new Station([...self::bag(), self::gear(99, GearKind::Cable, 'Hub', $joint)], 60.0);
        $this->assertNull($unknown->secondsAFrame);
        $this->assertNull((new Station(self::bag(), 0.0))->secondsAFrame);
        $this->assertSame('60 MB a frame: 1.5 s until the next can follow, 40 a minute at most.', $station->paceSays());
        $this->assertSame('How long a frame takes nobody can say; not written down: the rate of Hub.', $unknown->paceSays());
        $this->assertStringEndsWith('how large a frame of the camera is.', (new Station(self::bag(), 0.0))->paceSays());
        $noWire = array_values(array_filter(self::bag(), static fn (Gear $g): bool => $g->kind !== GearKind::Cable));
        $this->assertStringEndsWith('not written down: which cable there is.', (new Station($noWire, 60.0))->paceSays());
    }

    public function test_missing_parts_and_spares(): void
    {
        $this->assertSame([], self::codes(new Station([self::gear(1, GearKind::Body, 'Body')], 60.0)), 'no station at all');
        $this->assertSame(['station.missing', 'station.no-spare'], self::codes(new Station(self::bag(), 60.0)), 'one drive is no two');
        $this->assertSame(['station.no-spare'], self::codes(new Station(self::bag(2), 60.0)), 'both drives are in use');
        $this->assertSame(['station.whole'], self::codes(new Station([...self::bag(2), ...array_slice(self::bag(3), 11, 1)], 60.0)), 'and a third');
        $three = [...self::bag(2), ...array_slice(self::bag(3), 11, 1)];
        $one = new Station([...$three, self::gear(98, GearKind::Trigger, 'Trigger')], 60.0);
        $this->assertSame(['station.no-spare'], self::codes($one), 'one trigger is none');
        $pair = new Station([...$three, self::gear(98, GearKind::Trigger, 'Trigger'), self::gear(97, GearKind::Trigger, 'Trigger 2')], 60.0);
        $this->assertSame(['station.whole'], self::codes($pair));
        $two = new Station(self::bag(2), 60.0);
        $says = array_map(static fn (StationLink $l): string => $l->spareSays(), $two->links);
        $this->assertSame(['1 spare', '1 spare', '1 spare', 'no spare', 'no spare'], $says);
    }

    public function test_others_look_at_a_screen_of_their_own(): void
    {
        $bag = static fn (array $display): array => [
            ...array_filter(self::bag(2), static fn (Gear $g): bool => $g->kind !== GearKind::Display),
            self::gear(90, GearKind::Drive, 'Drive 3'),
            ...$display,
        ];
        $this->assertSame(['station.no-display'], self::codes(new Station($bag([]), 60.0)));
        $this->assertSame(['station.colour'], self::codes(new Station($bag([self::gear(95, GearKind::Display, 'Screen')]), 60.0)));
        $calibrated = self::gear(95, GearKind::Display, 'Screen', ['is_calibrated' => true]);
        $station = new Station([...$bag([$calibrated]), self::gear(98, GearKind::Trigger, 'T'), self::gear(99, GearKind::Trigger, 'U')], 60.0);
        $this->assertSame(['station.whole'], self::codes($station), 'a screen alone ends no wire');
        $this->assertSame(
            ['trigger under 0, 1 spare', 'display under 2, no spare'],
            array_map(static fn (StationLink $l): string => "{$l->role} under {$station->under($l)}, {$l->spareSays()}", $station->beside),
        );
    }
}
