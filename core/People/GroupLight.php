<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Looked;
use NorthSatchel\Signed;
use NorthSatchel\Verdict;

/** What the light costs a group: shutter and ISO at the stop that its rows want. */
final class GroupLight
{
    private const GRAINY_ISO = 3200;

    public static function of(GroupSetup $setup, Sway $sway): Verdict
    {
        $shutter = (int) $setup->shutter;
        $at = 'At EV '.Signed::of($setup->ev100)." and f/{$setup->focus->fNumber}.";
        $figures = ['iso' => $setup->iso, 'shutter' => $shutter, 'slowest' => $sway->slowest];

        return match (true) {
            $setup->iso > self::GRAINY_ISO => Verdict::fix(
                'people.dark',
                "That costs ISO {$setup->iso} at 1/{$shutter} s, and slower people smear.",
                "{$at} {$sway->why($shutter)} Bring light, or make fewer rows.",
                $figures,
            ),
            $shutter < GroupSetup::SHUTTER => Verdict::mind(
                'people.slow',
                "ISO {$setup->iso} at 1/{$shutter} s: ask everybody to hold still.",
                "{$at} At 1/".GroupSetup::SHUTTER.' s it would be beyond ISO '.self::GRAINY_ISO.". {$sway->why($shutter)}",
                $figures,
            ),
            default => Verdict::fine(
                'people.light',
                "ISO {$setup->iso} at 1/{$shutter} s.",
                "{$at} {$sway->why($shutter)} Not slower than 1/{$sway->slowest} s.",
                Looked::one('EV '.Signed::of($setup->ev100)." at f/{$setup->focus->fNumber}"),
                $figures,
            ),
        };
    }
}
