<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Severity;
use NorthSatchel\Signed;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** A spot for a segment, in the order in which a photographer would choose: by what is wrong there, by light, by the way. */
final readonly class SpotChoice
{
    /** What a finding weighs against a spot; ours, no source. */
    private const WEIGHT = ['stop' => 100, 'fix' => 10, 'mind' => 1, 'fine' => 0];

    /** Places to start, and what the scout leaves to be done, say nothing against a spot. */
    private const NEUTRAL = [
        'scout.exposure', 'scout.window-exposure', 'scout.open-shade', 'scout.no-plan-b', 'scout.no-trigger', 'plan.critical-chain', 'plan.thin',
    ];

    /** Even next door, people and bags take so long (common practice, no source). */
    private const MOVE_MINUTES = 5;

    /** A written fault of the background. */
    private const BACKGROUND = 2;

    /** @param  list<string>  $against  findings that only this spot brings */
    private function __construct(
        public SpotTry $try,
        public FaceLight $light,
        public SceneExposure $exposure,
        public array $against,
        public int $weight,
    ) {}

    /**
     * @param  list<SpotTry>  $tries
     * @return list<self> the best first
     */
    public static function ranked(Segment $segment, array $tries, DialLimits $limits = new DialLimits()): array
    {
        $named = array_map(
            static fn (SpotTry $t): array => array_map(static fn (Verdict $v): string => "{$v->code} {$v->finding}", array_values($t->found)),
            $tries,
        );
        // What is said of the plan wherever it is speaks against none of them; light that no spot has does.
        $everywhere = array_filter(
            count($named) < 2 ? [] : array_intersect(...$named),
            static fn (string $said): bool => str_starts_with($said, 'plan.'),
        );
        $choices = array_map(static fn (SpotTry $t): self => self::of($segment, $t, $limits, $everywhere), $tries);
        usort(
            $choices,
            static fn (self $a, self $b): int => [$a->weight, $a->exposure->stopsUnder, $a->try->wayMinutes, $a->try->spot->name] <=>
                [$b->weight, $b->exposure->stopsUnder, $b->try->wayMinutes, $b->try->spot->name],
        );

        return $choices;
    }

    /** @param  array<string>  $everywhere  code and finding of what every spot has */
    private static function of(Segment $segment, SpotTry $try, DialLimits $limits, array $everywhere): self
    {
        $middle = $segment->startsAt + 30 * $segment->minutes;
        $light = FaceLight::at($try->spot, ! $try->spot->isIndoor, $try->spot->place, $middle, $segment->setting->scene);
        $isAgainst = static fn (Verdict $v): bool => $v->severity !== Severity::Fine && ! in_array($v->code, self::NEUTRAL, true) &&
            ! in_array("{$v->code} {$v->finding}", $everywhere, true);
        $against = array_values(array_filter($try->found, $isAgainst));
        $weight = array_sum(array_map(static fn (Verdict $v): int => self::WEIGHT[$v->severity->value], $against));

        return new self(
            $try,
            $light,
            PlannedExposure::of($segment, $light, $limits),
            array_map(static fn (Verdict $v): string => rtrim($v->finding, '.'), $against),
            $weight + ($try->background === null ? 0 : self::BACKGROUND),
        );
    }

    /** Nothing stands against it that would have to be mended first. */
    public function serves(): bool
    {
        return $this->weight < self::WEIGHT['fix'];
    }

    /** Light, start, room, power and way, in one line. */
    public function says(): string
    {
        $room = $this->try->roomM;

        return implode('; ', array_filter([
            'EV '.Signed::of(round($this->light->ev100, 1)).", {$this->light->why}: {$this->exposure->says()}".
                ($this->exposure->stopsUnder > 0 ? ", {$this->exposure->stopsUnder} stops under: ".implode(', or ', $this->exposure->ways) : ''),
            $room === null ? '' : "{$room} m to step back",
            $this->try->background === null ? '' : "behind them: {$this->try->background}",
            $this->try->power === null ? '' : "power: {$this->try->power}",
            $this->try->wayMinutes > 0 ? "{$this->try->wayMinutes} min of way" : '',
        ]));
    }

    /**
     * The last minute at which one must have decided to go there: the way and the setting up come off the start.
     *
     * @return string a time of day
     */
    public function decideBy(Segment $segment, LocalDay $day): string
    {
        return $day->face($segment->startsAt - 60 * (max(self::MOVE_MINUTES, $this->try->wayMinutes) + $segment->wants->setupMinutes));
    }
}
