<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Optics\Panning;
use NorthSatchel\Plural;

/**
 * How one shot departs from the exposure of its scene, because of what it is: a silhouette, faces against the light, beside a window,
 * blurred or panned on purpose. Both schools where there are two. Steps are common practice, no source.
 */
final readonly class ShotExposure
{
    /** What is lit behind faces that are in shade: open shade is three stops under the sun (exposure guides after ANSI PH2.7; from memory). */
    private const CONTRAST_STOPS = 3.0;

    private const BLURRED_S = 1 / 15;

    private const BLURRED_STOPS = [5.6, 8.0, 11.0, 16.0];

    /** What a dial does not show. */
    private const SEEN_STOPS = 0.5;

    private const PANNED_S = 1 / 60;

    /** Metres a second of what is blurred or followed, by its words. */
    private const SPEEDS = [
        '/\b(?:danc|twirl|spin)/iu' => 1.5,
        '/\b(?:run|sprint|horse)/iu' => 6.0,
        '/\b(?:cycl|bike)/iu' => 10.0,
        '/\b(?:car|race)/iu' => 20.0,
    ];

    private const BLURRED = '/\b(?:slow shutter|drag(?:ged)?|light trails|motion blur|blurred|rear curtain|second curtain)\b/iu';

    private const WALKING_M_S = 1.3;

    private const AWAY_M = 4.0;

    private const WIDE_MM = 35.0;

    private const LONG_MM = 85.0;

    private function __construct(public string $what, public string $says) {}

    /**
     * @param  string|null  $light  one of front, side, against, shade, flash, as the plan has it
     * @param  float  $ev100  of the faces
     * @param  float  $pixelUm  of the body that takes it
     * @return self|null null where it is taken as its scene is
     */
    public static function of(string $what, ?string $light, float $ev100, float $pixelUm): ?self
    {
        $says = match (true) {
            preg_match('/\bsilhouette/iu', $what) === 1 => self::silhouette($ev100),
            preg_match('/\bpan(?:s|ned|ning)?\b/iu', $what) === 1 => self::panned($what, $pixelUm),
            preg_match(self::BLURRED, $what) === 1 => self::blurred(
                $what,
                $ev100,
                $light === 'flash' || preg_match('/\bflash/iu', $what) === 1,
                $pixelUm,
            ),
            $light === 'against' => self::against($ev100),
            preg_match('/\bwindow/iu', $what) === 1 => self::window(),
            default => null,
        };

        return $says === null ? null : new self($what, $says);
    }

    private static function silhouette(float $ev100): string
    {
        $start = ClearSky::startingExposure($ev100 + self::CONTRAST_STOPS, 5.6, 250);

        return "for what is behind: f/{$start->fNumber}, 1/{$start->shutter} s, ISO {$start->iso}, about ".(int) self::CONTRAST_STOPS.
            ' stops over the faces, which go black; no fill, and clear ground around the outline';
    }

    private static function against(float $ev100): string
    {
        $start = ClearSky::startingExposure($ev100, 4.0, 250);
        $under = ClearSky::startingExposure($ev100 + 2, 4.0, 250);
        $set = static fn (Settings $s): string => "f/{$s->fNumber}, 1/{$s->shutter} s, ISO {$s->iso}";

        return "for the skin {$set($start)}, and the ground behind goes about ".(int) self::CONTRAST_STOPS.
            " stops over; or two stops under in raw, {$set($under)}, and".
            ' lifted afterwards, which keeps the sky and shows the grain of two stops more ISO; a reflector gives the faces about one '.
            'stop, a flash as many as you set';
    }

    private static function window(): string
    {
        return 'for the lit cheek; turned half to the window the far one is two to three stops darker, a white card opposite takes one of them back';
    }

    private static function blurred(string $what, float $ev100, bool $isFlash, float $pixelUm): string
    {
        $ev = $ev100 + ($isFlash ? 1 : 0);
        // The shutter makes the blur: where it is too bright for it the lens is closed, and then a filter takes the rest.
        $over = static fn (float $stop): float => log(2 ** $ev * self::BLURRED_S / $stop ** 2, 2);
        $fits = array_filter(self::BLURRED_STOPS, static fn (float $stop): bool => $over($stop) < self::SEEN_STOPS);
        $stop = reset($fits) ?: max(self::BLURRED_STOPS);
        $filter = max(0, (int) round($over($stop)));
        $iso = $over($stop) > -self::SEEN_STOPS ? 100 : ClearSky::startingExposure($ev, $stop, (int) round(1 / self::BLURRED_S))->iso;
        $speed = self::speed($what);
        $pixels = (int) round(MotionBlur::of($speed, self::AWAY_M, self::WIDE_MM, self::BLURRED_S, $pixelUm)->pixels, -1);

        return "f/{$stop}, 1/".(int) round(1 / self::BLURRED_S)." s, ISO {$iso}".
            ($filter === 0 ? '' : ", and a grey filter of {$filter} ".Plural::of($filter, 'stop', 'stops')).
                ": at {$speed} m/s, ".(int) self::AWAY_M.' m off, '.
            (int) self::WIDE_MM." mm, it streaks over about {$pixels} pixels".
            ($isFlash ? '; the flash at the end of the opening freezes who stands before the streak' : '; on a support');
    }

    private static function panned(string $what, float $pixelUm): string
    {
        $speed = self::speed($what);
        $pan = Panning::of($speed, 2 * self::AWAY_M, self::LONG_MM, self::PANNED_S, $pixelUm);

        return '1/'.(int) round(1 / self::PANNED_S)." s and followed: at {$speed} m/s, ".(int) (2 * self::AWAY_M).' m off, '.(int) self::LONG_MM.
            ' mm, the ground streaks over '.(int) round($pan->groundBlurPx, -1).' pixels, and '.
            ($pan->tries === null ? 'hardly a try is sharp: a shorter shutter' : "{$pan->tries} tries hold a sharp one in nine cases of ten");
    }

    private static function speed(string $what): float
    {
        foreach (self::SPEEDS as $words => $speed) {
            if (preg_match($words, $what) === 1) {
                return $speed;
            }
        }

        return self::WALKING_M_S;
    }
}
