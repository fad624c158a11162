<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use NorthSatchel\Exposure\ShotExposure;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Shots that are taken otherwise than their scene (common practice, no source; the arithmetic is checked by the exposure equation). */
final class ShotExposureTest extends TestCase
{
    private static function says(string $what, ?string $light = null, float $ev = 12.0): ?string
    {
        return ShotExposure::of($what, $light, $ev, 6.0)?->says;
    }

    #[TestWith(['Rings', null])]
    #[TestWith(['Rings', 'front'])]
    #[TestWith(['Walking in the park', 'shade'])]
    #[TestWith(['The company of friends', 'flash'])]
    public function test_most_shots_are_taken_as_their_scene_is(string $what, ?string $light): void
    {
        $this->assertNull(self::says($what, $light));
    }

    /** EV 12 on the faces, EV 15 behind them: f/5.6 at ISO 100 wants 2^15 ÷ 5.6² = 1/1045 s. */
    public function test_a_silhouette_is_exposed_for_what_is_behind(): void
    {
        $this->assertStringStartsWith(
            'for what is behind: f/5.6, 1/1000 s, ISO 100, about 3 stops over the faces',
            (string) self::says('A silhouette at the wall'),
        );
        $this->assertStringStartsWith('for what is behind', (string) self::says('Silhouette', 'against'), 'its words count before its light');
    }

    /** EV 12: f/4 at ISO 100 wants 1/256 s; two stops under is 1/1024 s. */
    public function test_against_the_light_there_are_two_schools(): void
    {
        $says = (string) self::says('The two on the wall', 'against');
        $this->assertStringContainsString('for the skin f/4, 1/250 s, ISO 100', $says);
        $this->assertStringContainsString('two stops under in raw, f/4, 1/1000 s, ISO 100', $says);
        $this->assertStringContainsString('a reflector gives the faces about one stop', $says);
        $this->assertStringContainsString('the far one is two to three stops darker', (string) self::says('By the window'));
    }

    /** 35 mm × 1.5 m/s × 1/15 s ÷ 4 m = 0.875 mm, of pixels of 6 µm 146. */
    public function test_blur_on_purpose_is_told_in_pixels(): void
    {
        $says = (string) self::says('Dance floor, slow shutter, flash rear', 'flash', 4.0);
        $this->assertStringContainsString('at 1.5 m/s, 4 m off, 35 mm, it streaks over about 150 pixels', $says);
        $this->assertStringContainsString('freezes who stands before the streak', $says);
        $this->assertStringContainsString('on a support', (string) self::says('Light trails of the cars', null, 4.0));
        // In the sun f/16, 1/15 s and ISO 100 are EV 11.9: the blur is kept, and the light is taken away.
        $sunny = (string) self::says('Crowd, blurred', null, 14.0);
        $this->assertStringStartsWith('f/16, 1/15 s, ISO 100, and a grey filter of 2 stops: at 1.3 m/s', $sunny);
        $this->assertStringStartsWith('f/16, 1/15 s, ISO 100: at', (string) self::says('Crowd, blurred', null, 12.0));
        $this->assertStringStartsWith('f/11, 1/15 s, ISO 100: at', (string) self::says('Crowd, blurred', null, 10.8));
        $this->assertStringStartsWith('f/5.6, 1/15 s, ISO 100: at', (string) self::says('Crowd, blurred', null, 8.9));
        // 85 mm × 6 m/s × 1/60 s ÷ 8 m = 1.06 mm.
        $this->assertStringContainsString('the ground streaks over 180 pixels', (string) self::says('Pan with the runner'));
    }
}
