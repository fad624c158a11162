<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\Looked;
use NorthSatchel\Optics\FrameEdge;
use NorthSatchel\Plural;
use NorthSatchel\Signed;
use NorthSatchel\Verdict;

/** Does the exposure plan break the sync speed (M30), is the flash strong enough, and are the rows lit alike? */
final class FlashJudge
{
    /**
     * @param  float  $depthM  from the front row to the back row
     * @param  int  $frames  planned with it
     * @param  FrameEdge|null  $edge  where the light stands, when that is known
     * @return list<Verdict>
     */
    public static function of(FlashPlan $plan, Evenness $even, float $depthM, int $frames, ?FrameEdge $edge = null, ?SecondLight $rim = null): array
    {
        return [
            self::sync($plan),
            self::power($plan, $frames),
            ...$depthM > 0 ? [self::evenness($even, $depthM)] : [],
            ...$edge === null || $edge->isOutside ? [] : [self::inFrame($edge)],
            ...$rim === null ? [] : [$rim->verdict()],
        ];
    }

    /** Where nothing is typed, the usual figures stand on the desk, and of them nothing is found. */
    public static function ofAnExample(): Verdict
    {
        return Verdict::mind(
            'flash.example',
            'Nothing is asked yet.',
            'What stands here is worked out for usual figures, as an example: put in your own stop, distance and light, and it is judged.',
        );
    }

    /** Where the brief forbids it nothing of it is fine, however well it would do. */
    public static function ofForbidden(string $segment): Verdict
    {
        return Verdict::fix(
            'flash.forbidden',
            "The brief forbids flash in “{$segment}”.",
            'What stands here is arithmetic only. The light that is there, a wider lens, or a word with who forbids it: then change the brief.',
        );
    }

    private static function inFrame(FrameEdge $edge): Verdict
    {
        $least = ceil(10 * $edge->leastM) / 10;

        return Verdict::fix(
            'flash.in-frame',
            'So near, the light stands in the picture.',
            "The frame's edge, half the light and a hand's breadth leave it {$least} m from the people at best, ".
                round($edge->asideM, 1).
                ' m to the side and '.
                round($edge->alongM, 1).
                ' m from the camera: take that, a longer lens from farther off, or a smaller light.',
            ['least_m' => $least],
        );
    }

    private static function sync(FlashPlan $plan): Verdict
    {
        $shutter = FlashWay::shutter($plan->shutterS);
        $said = 'EV '.Signed::of($plan->ambientEv100).", {$plan->under} under, at f/{$plan->fNumber} and ISO {$plan->iso} wants {$shutter}";
        if (! $plan->breaksSync) {
            return Verdict::fine(
                'flash.sync',
                'The shutter synchronises.',
                "{$said}; the body syncs up to ".FlashWay::shutter($plan->syncS).'.',
                Looked::one("{$shutter} against the sync speed"),
            );
        }
        $works = array_values(array_filter($plan->ways, static fn (FlashWay $w): bool => $w->power !== null));

        return Verdict::fix(
            'flash.sync',
            'This breaks the sync speed by '.round($plan->stopsTooShort(), 1).' stops.',
            "{$said}, and the body syncs at ".
                FlashWay::shutter($plan->syncS).
                '. '.
                ($works === []
                    ? 'No way that is listed has power enough: come closer, or take more lights.'
                    : ucfirst($works[0]->name).' mends it: '.$works[0]->says()),
            ['stops' => round($plan->stopsTooShort(), 2)],
        );
    }

    private static function power(FlashPlan $plan, int $frames): Verdict
    {
        $way = array_values(array_filter($plan->ways, static fn (FlashWay $w): bool => $w->power !== null))[0] ?? null;
        if ($way === null || $way->power === null) {
            return Verdict::fix('flash.weak', "{$plan->gun->label} is too weak for that.", $plan->ways[0]->says(), [
                'share' => round($plan->ways[0]->share, 2),
            ]);
        }
        $charges = max(1, (int) ceil($frames / max(1, $way->popsACharge ?? 1)));

        return Verdict::mind(
            'flash.power',
            "Set {$way->power->words()}; ready again after {$way->recycleS} s.",
            "{$frames} frames are planned there, {$way->popsACharge} pops a charge at that power: {$charges} ".
                Plural::of($charges, 'charge', 'charges').
                '. Bare reflector and no cloth give more and harder light. Not close to eyes; mind infants, animals and people with '.
                'photosensitive epilepsy.',
            ['charges' => $charges],
        );
    }

    private static function evenness(Evenness $even, float $depthM): Verdict
    {
        $stops = round($even->stops, 1);

        return $even->isSeen()
            ? Verdict::fix(
                'flash.uneven',
                "The back row is {$stops} stops darker than the front row.",
                "The rows are {$depthM} m apart. From ".
                    round($even->evenFromM, 1).
                    ' m away it is a third of a stop, which nobody sees; or feather the light over the front row.',
                ['stops' => $stops],
            )
            : Verdict::fine('flash.even', 'Front and back row are lit alike.', "{$stops} stops apart over {$depthM} m.", Looked::one('both rows'), [
                'stops' => $stops,
            ]);
    }
}
