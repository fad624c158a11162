<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Exposure\FlashPower;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Plan\Lights\SetPiece;
use NorthSatchel\Plan\Lights\SetupLight;
use NorthSatchel\SceneKind;
use NorthSatchel\Time\Priority;

/** What a day asks of its flashes: how many at once, and how much of a charge each of them fires. */
final readonly class FlashWork
{
    /** Bounced or through cloth, at the ISO of an evening, where nobody has said a distance and a stop (common practice, no source). */
    private const USUAL = FlashPower::Quarter;

    /** Of a flash whose guide number is not written down (common practice, no source). */
    private const USUAL_GUIDE_M = 50.0;

    /**
     * @param  list<LitFrames>  $lit
     * @param  int  $atOnce  flashes that fire at the same time
     * @param  Priority  $priority  the highest of what they are wanted for
     */
    public function __construct(public array $lit = [], public int $atOnce = 0, public Priority $priority = Priority::Should) {}

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @param  list<SetupLight>  $setups  of a studio, with what stands in each
     */
    public static function of(array $stretches, array $asks, array $setups = []): self
    {
        $inSetups = max([0, ...array_map(static fn (SetupLight $s): int => count($s->lights()), $setups)]);
        $powers = array_map(static fn (SetPiece $p): ?float => $p->power, array_merge(...array_map(
            static fn (SetupLight $s): array => $s->lights(),
            $setups,
        ) ?: [[]]));
        $strongest = array_filter($powers) === [] ? null : max(array_filter($powers));
        $lights = array_values(array_filter($asks, static fn (Ask $a): bool => $a->what === NeedWhat::Light));
        $lit = [];
        $atOnce = 0;
        $isMust = false;
        foreach ($stretches as $stretch) {
            $own = array_values(array_filter($lights, static fn (Ask $a): bool => $a->segmentId === $stretch->id));
            $ofJob = array_values(array_filter($lights, static fn (Ask $a): bool => $a->segmentId === null));
            $isLit = SceneLights::wantsLight($stretch) || SceneLights::isDark($stretch);
            $by = match (true) {
                $own !== [] => $own,
                $isLit => $ofJob,
                default => [],
            };
            if ($stretch->frames() === 0 || ($by === [] && ! $isLit)) {
                continue;
            }
            // In a scene that is only dark a flash is one way out of several.
            $isMust = $isMust || ($by === []
                ? $stretch->priority === Priority::Must && SceneLights::wantsLight($stretch)
                : array_filter($by, static fn (Ask $a): bool => $a->priority === Priority::Must) !== []);
            $guides = array_filter(array_map(static fn (Ask $a): ?float => $a->guideM(), $by));
            $isInSetup = $by === [] && $inSetups > 0 && SceneKind::isLitByUs($stretch->title, $stretch->scene());
            $lit[] = new LitFrames($stretch->frames(), $guides === [] ? null : max($guides), $isInSetup ? $strongest : null);
            $atOnce = max($atOnce, match (true) {
                $isInSetup => $inSetups,
                $by === [] => count($stretch->photographers()),
                default => array_sum(array_map(static fn (Ask $a): int => $a->count, $by)),
            });
        }

        return new self($lit, $atOnce, $isMust ? Priority::Must : Priority::Should);
    }

    public function pops(): int
    {
        return array_sum(array_map(static fn (LitFrames $l): int => $l->frames, $this->lit));
    }

    /** The same energy in pops at full power of that flash: guide numbers go with the root of the power (ISO 1230). */
    public function fullPops(Gear $flash): float
    {
        $full = $flash->number('guide_number_m') ?? self::USUAL_GUIDE_M;
        $pops = 0.0;
        foreach ($this->lit as $lit) {
            $power = $lit->guideM === null ? self::USUAL : FlashPower::atLeast(($lit->guideM / $full) ** 2) ?? FlashPower::Full;
            $pops += $lit->frames * ($lit->share ?? $power->share());
        }

        return $pops;
    }
}
