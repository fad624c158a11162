<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\SceneKind;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One exposure a scene; EV by APEX (Exif 2.32), to the nearest nominal third of a stop. */
final class SceneExposureTest extends TestCase
{
    #[TestWith(['Vows', 12.0])]
    #[TestWith(['Family groups', 12.0])]
    #[TestWith(['First dance', 9.0])]
    #[TestWith(['Lakeside portraits', 15.0])]
    #[TestWith(['Speeches', 6.0])]
    public function test_it_exposes_for_the_light(string $title, float $ev): void
    {
        $s = SceneExposure::of($title, $ev)->settings;
        $this->assertEqualsWithDelta($ev, log($s->fNumber ** 2 * $s->shutter, 2) - log($s->iso / 100, 2), 0.2);
    }

    public function test_who_moves_is_stopped_and_groups_have_depth(): void
    {
        $this->assertGreaterThanOrEqual(250, SceneExposure::of('First dance and the floor', 7.0)->settings->shutter);
        $this->assertGreaterThanOrEqual(250, SceneExposure::of('Going out, petals', 12.0)->settings->shutter);
        $this->assertGreaterThanOrEqual(250, SceneExposure::of('Celebrations', 9.0)->settings->shutter);
        $this->assertSame(160, SceneExposure::of('Speeches', 7.0)->settings->shutter);
        $this->assertSame(5.6, SceneExposure::of('Family groups', 12.0)->settings->fNumber);
        $this->assertGreaterThanOrEqual(4.0, SceneExposure::of('Family groups', 5.0)->settings->fNumber, 'not wide open, whatever the light');
        $this->assertSame(4.0, SceneExposure::of('Portraits', 12.0)->settings->fNumber);
        $this->assertSame(2.8, SceneExposure::of('Portraits', 6.0)->settings->fNumber, 'opened where it is dark');
    }

    public function test_what_does_not_move_has_depth_and_a_longer_shutter(): void
    {
        foreach ([['Details', null], ['Room while it is empty', null], ['Living room', SceneKind::Room]] as [$title, $scene]) {
            $still = SceneExposure::of($title, 7.0, false, new DialLimits(), $scene);
            $this->assertSame([5.6, 60], [$still->settings->fNumber, $still->settings->shutter], $title);
            $this->assertStringContainsString('nothing there moves', $still->why);
        }
        $this->assertSame(['a tripod and a longer shutter'], SceneExposure::of('Details', -2.0)->ways);
        foreach (['Getting ready', 'Details and getting ready', 'Empty room with the model'] as $title) {
            $this->assertStringContainsString('stand or sit', SceneExposure::of($title, 7.0)->why, 'people are in it');
        }
        $this->assertSame(250, SceneExposure::of('Children in the empty room', 9.0)->settings->shutter, 'somebody is');
    }

    public function test_a_setup_is_exposed_for_the_lights_that_one_brings(): void
    {
        foreach (['First setup', 'Set the light, test frames', 'Packshots'] as $title) {
            $lit = SceneExposure::of($title, 7.0);
            $this->assertSame('f/8, 1/160 s, ISO 100', $lit->says(), $title);
            $this->assertSame([0.0, []], [$lit->stopsUnder, $lit->ways]);
        }
        $this->assertSame('f/8, 1/160 s, ISO 100', SceneExposure::of('First setup', 9.9)->says());
        $this->assertStringNotContainsString('lit by you', SceneExposure::of('First setup', 10.0)->why, 'in the sun the sun counts');
        $limits = new DialLimits(slowest: 200, widest: 11.0);
        $this->assertSame('f/11, 1/200 s, ISO 100', SceneExposure::of('First setup', 7.0, false, $limits)->says());
    }

    public function test_who_plays_is_frozen_whatever_the_period_is_called(): void
    {
        $play = static fn (?SceneKind $scene, DialLimits $limits = new DialLimits()): SceneExposure => SceneExposure::of(
            'Last third', 10.0, false, $limits, $scene,
        );
        $this->assertSame([1000, 160], [$play(SceneKind::Action)->settings->shutter, $play(null)->settings->shutter]);
        $this->assertStringContainsString('to freeze who plays', $play(SceneKind::Action)->why);
        $this->assertSame(2000, $play(SceneKind::Action, new DialLimits(slowest: 2000))->settings->shutter, 'a shorter one that is written down');
        $this->assertSame(1000, $play(SceneKind::Action, new DialLimits(slowest: 100))->settings->shutter, 'no slower, and no wish for slower');
        $this->assertLessThan(1000, SceneExposure::of('Last third', 10.0, true, scene: SceneKind::Action)->settings->shutter, 'the flash freezes');
        $this->assertSame(160, $play(SceneKind::Stage)->settings->shutter);
        $dark = SceneExposure::of('Last third', 5.0, scene: SceneKind::Action);
        // f/2.8 at 1/1000 s wants ISO 24,500 at EV 5: 1.9 stops above 6400.
        $this->assertEqualsWithDelta(1.9, $dark->stopsUnder, 0.1);
        $this->assertSame('a lens of f/1.4 (2 stops)', $dark->ways[0], 'nobody flashes at a match');
    }

    public function test_where_flash_is_planned_the_room_is_two_stops_under(): void
    {
        $flash = SceneExposure::of('Speeches', 6.0, true);
        $this->assertSame(200, $flash->settings->shutter);
        $s = $flash->settings;
        $this->assertEqualsWithDelta(8.0, log($s->fNumber ** 2 * $s->shutter, 2) - log($s->iso / 100, 2), 0.2);
    }

    public function test_what_is_stops_under_says_so_and_what_mends_it(): void
    {
        $dark = SceneExposure::of('Lanterns on the water', 1.0);
        // f/2.8 at 1/160 s wants ISO 62,700 at EV 1: 3.3 stops above 6400.
        $this->assertEqualsWithDelta(3.3, $dark->stopsUnder, 0.15);
        $this->assertSame(6400, $dark->settings->iso);
        $this->assertContains('1/60 s with people who keep still (1.4 stops)', $dark->ways);
        $this->assertContains('a lens of f/1.4 (2 stops)', $dark->ways);
        $this->assertNotContains('1/60 s with people who keep still (1.4 stops)', SceneExposure::of('Dance', 1.0)->ways, 'dancers do not');
        $this->assertNotContains('a flash or a lamp', SceneExposure::of('Dance', 0.0, true)->ways);
        // f/2.8 to f/1.4 are 2 stops, 1/160 s to 1/60 s 1.4, a lifted raw 2: where more is missing, only light mends it.
        $this->assertSame(['a flash or a lamp: all else together brings 5.4 stops at most'], SceneExposure::of('Vows', -2.0)->ways);
        $without = static fn (float $ev): array => SceneExposure::of('Vows', $ev, mayFlash: false)->ways;
        $this->assertSame(['more of the lamps there, turned up or moved: all else together brings 5.4 stops at most'], $without(-2.0));
        $this->assertSame('more of the lamps there', $without(2.0)[0], 'where flash is forbidden it is no way out');
        $this->assertCount(4, SceneExposure::of('Vows', 0.0)->ways);
        $this->assertSame(
            ['the flash alone, and the room behind it goes dark: all else together brings 4 stops at most'],
            SceneExposure::of('Dance', -4.0, true)->ways,
        );
        $this->assertSame([0.0, []], [SceneExposure::of('Vows', 12.0)->stopsUnder, SceneExposure::of('Vows', 12.0)->ways]);
    }

    public function test_limits_that_somebody_wrote_down_are_kept(): void
    {
        $kept = SceneExposure::of('Vows', 6.0, false, new DialLimits(320, 1600, 2.0, 4.0));
        $this->assertSame([320, 1600, 2.0], [$kept->settings->shutter, $kept->settings->iso, $kept->settings->fNumber]);
        $this->assertSame(0.3, $kept->stopsUnder);
        $bright = SceneExposure::of('Vows', 16.0, false, new DialLimits(null, null, 1.4, 1.4));
        $this->assertGreaterThan(0.5, $bright->stopsOver);
    }

    public function test_limits_are_bounds_and_no_wishes(): void
    {
        $wide = new DialLimits(100, 6400, 1.8, 11.0);
        $this->assertSame(4.0, SceneExposure::of('Family groups', 5.0, false, $wide)->settings->fNumber, 'rows, though the sheet allows f/1.8');
        $this->assertSame(250, SceneExposure::of('First dance', 5.0, false, $wide)->settings->shutter, 'dancers, though it allows 1/100 s');
        $this->assertSame(100, SceneExposure::of('Speeches', 5.0, false, $wide)->settings->shutter);
        $this->assertSame(320, SceneExposure::of('First dance', 5.0, false, new DialLimits(320))->settings->shutter);
        $this->assertSame(5.6, SceneExposure::of('Family groups', 12.0, false, new DialLimits(widest: 5.6))->settings->fNumber);
        $this->assertSame(2.8, SceneExposure::of('Family groups', 5.0, false, new DialLimits(smallest: 2.8))->settings->fNumber);
    }
}
