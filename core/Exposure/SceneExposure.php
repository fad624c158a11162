<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\Optics\RowsFocus;
use NorthSatchel\SceneKind;

/**
 * The one exposure that is planned for a scene, for the scout, the sheet of the dials and the desk alike: depth for groups, 1/250 s and
 * shorter for who walks or dances, the room two stops under where flash is planned; a usual stop, opened where it is dark and closed in
 * the sun, and the lowest ISO. A place to start; the meter decides. Stops and shutters of scenes are common practice, no source.
 */
final readonly class SceneExposure
{
    private const SLOWEST = 160;

    private const MOVING = 250;

    /** Rows, as wherever a group is placed. */
    private const ROWS = 200;

    /** Who runs, throws or turns. */
    private const ACTION = 1000;

    private const SYNC = 200;

    private const USUAL_STOP = 4.0;

    private const GROUP_STOP = 5.6;

    private const USUAL_WIDEST = 2.8;

    /** Up to here a lens is not opened further for the sake of noise. */
    public const CALM_ISO = 1600;

    /** Up to here light is spent on depth first, where rows stand (common practice, no source). */
    public const ROWS_ISO = 800;

    /** Beyond this most bodies show it. */
    private const HIGHEST_ISO = 6400;

    /** Faster than this not every shutter goes. */
    private const FASTEST = 4000;

    private const UNDER_FLASH = 2.0;

    /** Depth of a thing on a table, and a clean file. */
    private const STUDIO_STOP = 8.0;

    private const STUDIO_ISO = 100;

    /** From here on it is the day that lights a setup. */
    private const DAYLIGHT_EV = 10.0;

    /** By so much a raw is lifted before its shadows break up (common practice, no source). */
    private const LIFT_STOPS = 2;

    /** By hand, of what does not move, and of people who keep still when asked. */
    private const STILL = 60;

    /** What nominal steps are off by. */
    private const NOMINAL_STOPS = 0.1;

    /** A third of a stop nobody minds. */
    private const SEEN_STOPS = 0.35;

    private const WIDE_LENS = 1.4;

    private const MOVES = '/\b(?:walk|danc|going out|recess|procession|petal|confetti|play|match|race|run|game|warm|heat|childr|party|floor|'.
        'jump|celebrat)/iu';

    private const THINGS = '/\b(?:details?|empty|still life|packshots?|products?|catalogue)\b/iu';

    private const PEOPLE = '/\b(?:ready|portrait|couple|guest|people|bride|groom|mother|father|model|team|with)\b/iu';

    private const GROUPS = '/\b(?:group|famil|formal|team picture|everybody)/iu';

    /** @param  list<string>  $ways  where it is too dark or too bright, what would mend it */
    private function __construct(
        public Settings $settings,
        public string $why,
        public float $stopsUnder,
        public float $stopsOver,
        public array $ways,
    ) {}

    /**
     * @param  bool  $isFlash  whether a shot of it is planned with flash
     * @param  SceneKind|null  $scene  where somebody knows it; else by its words alone
     * @param  bool  $mayFlash  false where the brief forbids it: then it is no way out of the dark
     */
    public static function of(
        string $title,
        float $ev100,
        bool $isFlash = false,
        DialLimits $limits = new DialLimits(),
        ?SceneKind $scene = null,
        bool $mayFlash = true,
    ): self {
        if ($ev100 < self::DAYLIGHT_EV && SceneKind::isLitByUs($title, $scene)) {
            return self::litByUs($limits);
        }
        $isAction = $scene === SceneKind::Action;
        $isMoving = $isAction || preg_match(self::MOVES, $title) === 1;
        $isGroup = ! $isMoving && preg_match(self::GROUPS, $title) === 1;
        $isStill = ! $isMoving && ! $isGroup && ($scene === SceneKind::Room || preg_match(self::THINGS, $title) === 1) &&
            preg_match(self::PEOPLE, $title) !== 1;
        // Limits are bounds: what the scene itself asks for counts within them.
        $slowest = max(
            $limits->slowest ?? 0,
            match (true) {
                $isFlash => self::SYNC,
                $isAction => self::ACTION,
                $isMoving => self::MOVING,
                $isStill => self::STILL,
                $isGroup => $limits->slowest ?? self::ROWS,
                default => $limits->slowest ?? self::SLOWEST,
            },
        );
        $stops = self::stops($limits, $isGroup ? self::USUAL_STOP : self::USUAL_WIDEST, $isGroup);
        $ev = $ev100 + ($isFlash ? self::UNDER_FLASH : 0.0);
        $stop = self::stop(
            $ev,
            $slowest,
            $stops,
            $isGroup || $isStill ? self::GROUP_STOP : self::USUAL_STOP,
            $isGroup ? self::ROWS_ISO * 2 ** (1 / 6) : self::CALM_ISO, // as the nominal step that is nearest
        );
        $start = ClearSky::startingExposure($ev, $stop, $slowest);
        $highest = $limits->highestIso ?? self::HIGHEST_ISO;
        $under = max(0.0, log((100 * $start->shutter * $stop ** 2) / 2 ** $ev / $highest, 2));
        $seen = $limits->highestIso === null ? self::SEEN_STOPS : self::NOMINAL_STOPS;
        $over = max(0.0, log(2 ** $ev / $stop ** 2 / self::FASTEST, 2));

        return new self(
            $under > $seen ? new Settings($start->fNumber, $start->shutter, $highest) : $start,
            match (true) {
                $isFlash => 'the room two stops under the flash',
                $isGroup => 'depth for the rows first',
                $isAction => "1/{$slowest} s to freeze who plays; longer where the blur is wanted",
                $isMoving => "1/{$slowest} s for who moves",
                $isStill => 'nothing there moves; on a tripod any shutter will do',
                default => 'people who stand or sit',
            },
            $under > $seen ? round($under, 1) : 0.0,
            $over > self::NOMINAL_STOPS ? round($over, 1) : 0.0,
            match (true) {
                $under <= $seen => [],
                $isStill && ! $isFlash => ['a tripod and a longer shutter'],
                default => self::ways($under, $stop, $slowest, $isMoving, $isFlash, $isAction, $mayFlash),
            },
        );
    }

    /** Where the lamps are one's own their power follows the stop, and not the ISO the room. */
    private static function litByUs(DialLimits $limits): self
    {
        $stop = min(max(self::STUDIO_STOP, $limits->widest ?? 0.0), $limits->smallest ?? INF);

        return new self(
            new Settings($stop, max(self::SLOWEST, $limits->slowest ?? 0), self::STUDIO_ISO),
            'lit by you: the power of the lights follows this stop',
            0.0,
            0.0,
            [],
        );
    }

    public function says(): string
    {
        return "f/{$this->settings->fNumber}, 1/{$this->settings->shutter} s, ISO {$this->settings->iso}";
    }

    /**
     * @return non-empty-list<float> allowed, the widest first
     */
    private static function stops(DialLimits $limits, float $usualWidest, bool $isGroup): array
    {
        $usual = min($usualWidest, $limits->smallest ?? INF);
        // Rows are never taken wide open, whatever the sheet allows.
        $widest = $isGroup ? max($usual, $limits->widest ?? 0.0) : $limits->widest ?? $usual;

        return array_values(
            array_filter(
                RowsFocus::STOPS,
                static fn (float $stop): bool => $stop >= $widest - 0.05 && $stop <= ($limits->smallest ?? INF) + 0.05,
            ),
        ) ?: [$widest];
    }

    /**
     * The usual stop where its light allows; in the dark opened until the ISO is calm, in the sun closed until the shutter follows.
     *
     * @param  non-empty-list<float>  $stops  allowed, the widest first
     */
    private static function stop(float $ev100, int $slowest, array $stops, float $usual, float $calmIso): float
    {
        $calm = array_filter(
            $stops,
            static fn (float $stop): bool => $stop <= $usual && (100 * $slowest * $stop ** 2) / 2 ** $ev100 <= $calmIso,
        );
        $stop = $calm === [] ? $stops[0] : max($calm);
        foreach ($stops as $smaller) {
            if ($smaller > $stop && 2 ** $ev100 / $stop ** 2 > self::FASTEST) {
                $stop = $smaller;
            }
        }

        return $stop;
    }

    /** @return list<string> each with the stops that it brings */
    private static function ways(float $under, float $stop, int $slowest, bool $isMoving, bool $isFlash, bool $isAction, bool $mayFlash): array
    {
        $wider = round(2 * log($stop / self::WIDE_LENS, 2), 1);
        $slower = $isMoving ? 0.0 : round(log($slowest / self::STILL, 2), 1);
        $all = max(0.0, $wider) + max(0.0, $slower) + self::LIFT_STOPS;
        if ($under > $all) {
            return [match (true) {
                $isFlash => 'the flash alone, and the room behind it goes dark',
                $isAction => 'more lamps',
                ! $mayFlash => 'more of the lamps there, turned up or moved',
                default => 'a flash or a lamp',
            }.": all else together brings {$all} stops at most"];
        }

        return array_values(
            array_filter([
                $isFlash || $isAction ? null : ($mayFlash ? 'a flash or a lamp' : 'more of the lamps there'),
                $wider >= 0.5 ? 'a lens of f/'.self::WIDE_LENS." ({$wider} stops)" : null,
                $slower < 0.5 ? null : '1/'.self::STILL." s with people who keep still ({$slower} stops)",
                'raw, lifted afterwards by '.self::LIFT_STOPS.' stops at most, with its grain',
            ]),
        );
    }
}
