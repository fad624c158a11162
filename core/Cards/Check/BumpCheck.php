<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Exposure\FlashWay;
use NorthSatchel\Looked;
use NorthSatchel\Verdict;

/** Has a dial turned on the hip? The newest frames of a body against the settings sheet and against those before (M13). */
final class BumpCheck
{
    private const NEWEST = 3;

    private const BEFORE = 20;

    /** From one frame to the next a scene seldom changes by more (common practice, no source). */
    private const JUMP_STOPS = 3.0;

    /**
     * @param  list<ExposedFrame>  $frames  of one body, in the order in which it took them
     * @return list<Verdict>
     */
    public static function of(string $label, array $frames, SettingsSheet $sheet): array
    {
        $newest = array_slice($frames, -self::NEWEST);
        if ($newest === []) {
            return [
                Verdict::mind(
                    'bump.no-frames',
                    "{$label} has taken nothing that could be compared.",
                    'Fire one frame with it and look again: a body that hangs unused is the one whose dial has turned.',
                ),
            ];
        }
        $last = $newest[count($newest) - 1];
        $verdicts = array_values(
            array_filter([
                self::shutter($label, $last, $sheet),
                self::iso($label, $last, $sheet),
                self::stop($label, $last, $sheet),
                self::jump($label, $frames),
            ]),
        );

        if ($verdicts !== []) {
            return $verdicts;
        }
        $looked = Looked::at($sheet->limitsFor($last), 'limit of the sheet', 'limits of the sheet');
        $took = "Its last frame at {$last->clock}: ".self::dials($last);

        return [
            $looked === null
                ? Verdict::mind(
                    'bump.no-sheet',
                    "{$label}: there is nothing to compare its dials with.",
                    $sheet->isEmpty()
                        ? "{$took}. Nothing is written on the settings sheet: write the slowest shutter, the stops and the highest ISO there."
                        : "{$took}; the sheet limits what this frame does not tell.",
                )
                : Verdict::fine('bump.fine', "{$label} is as planned.", "{$took}, within {$looked->words}.", $looked),
        ];
    }

    private static function shutter(string $label, ExposedFrame $last, SettingsSheet $sheet): ?Verdict
    {
        return $sheet->slowestS === null || $last->shutterS === null || $last->shutterS <= $sheet->slowestS * 1.02
            ? null
            : Verdict::fix(
                'bump.shutter',
                "{$label}: the shutter is slower than planned.",
                "Its last frame at {$last->clock} took ".
                    FlashWay::shutter($last->shutterS).
                    ', the sheet says no slower than '.
                    FlashWay::shutter($sheet->slowestS).
                    '. Look at the dial.',
            );
    }

    private static function iso(string $label, ExposedFrame $last, SettingsSheet $sheet): ?Verdict
    {
        return $sheet->highestIso === null || $last->iso === null || $last->iso <= $sheet->highestIso
            ? null
            : Verdict::fix(
                'bump.iso',
                "{$label}: ISO {$last->iso} is more than planned.",
                "Its last frame at {$last->clock}; the sheet says no more than ISO {$sheet->highestIso}. Look at the dial.",
            );
    }

    private static function stop(string $label, ExposedFrame $last, SettingsSheet $sheet): ?Verdict
    {
        $n = $last->fNumber;

        return $n === null ||
            (($sheet->widest === null || $n >= $sheet->widest - 0.05) && ($sheet->smallest === null || $n <= $sheet->smallest + 0.05))
            ? null
            : Verdict::fix(
                'bump.stop',
                "{$label}: f/{$n} is not what was planned.",
                "Its last frame at {$last->clock}; the sheet says f/".
                    ($sheet->widest ?? '…').
                    ' to f/'.
                    ($sheet->smallest ?? '…').
                    '. Look at the dial.',
            );
    }

    /** @param  list<ExposedFrame>  $frames */
    private static function jump(string $label, array $frames): ?Verdict
    {
        $now = self::middle(array_slice($frames, -self::NEWEST));
        $before = self::middle(array_slice($frames, -self::NEWEST - self::BEFORE, -self::NEWEST));
        if ($now === null || $before === null || abs($now - $before) <= self::JUMP_STOPS) {
            return null;
        }
        $stops = round(abs($now - $before), 1);

        return Verdict::mind(
            'bump.jump',
            "{$label} is set {$stops} stops ".($now > $before ? 'darker' : 'brighter').' than before.',
            'EV '.
                round($now, 1).
                ' in its last frames, '.
                round($before, 1).
                ' in those before. If you walked through a door, all is well; if not, look at the dials.',
            ['stops' => $stops],
        );
    }

    /** @param  list<ExposedFrame>  $frames */
    private static function middle(array $frames): ?float
    {
        $evs = array_values(
            array_filter(
                array_map(static fn (ExposedFrame $f): ?float => $f->ev100(), $frames),
                static fn (?float $ev): bool => $ev !== null,
            ),
        );
        sort($evs);

        return $evs === [] ? null : $evs[intdiv(count($evs), 2)];
    }

    private static function dials(ExposedFrame $frame): string
    {
        return implode(
            ', ',
            array_filter([
                $frame->fNumber === null ? null : 'f/'.round($frame->fNumber, 1),
                $frame->shutterS === null ? null : FlashWay::shutter($frame->shutterS),
                $frame->iso === null ? null : "ISO {$frame->iso}",
            ]),
        ) ?:
            'without Exif';
    }
}
