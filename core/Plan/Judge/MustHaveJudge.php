<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Brief\NamedHour;
use NorthSatchel\Remedy;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdict;

/** Is each must-have of the brief planned, and at the hour that it names? */
final class MustHaveJudge
{
    /** More than so much of what a must-have is about must be found in one scene (our own choice, no source). */
    private const ENOUGH = 0.5;

    /** An hour that is named may be the one at which people gather (common practice, no source). */
    private const EARLY_MINUTES = 15;

    /**
     * Each must-have is a shot or a segment, or it is said.
     *
     * @param  list<string>  $mustHaves
     * @param  list<Scene>  $scenes
     * @param  list<string>  $freeShots  that no segment holds
     * @return list<Verdict>
     */
    public static function planned(array $mustHaves, array $scenes, array $freeShots): array
    {
        $texts = array_map(
            static fn (Scene $s): string => $s->words().' '.implode(' ', $s->people),
            $scenes,
        );
        $verdicts = [];
        foreach ($mustHaves as $line) {
            if (array_filter([...$texts, ...$freeShots], static fn (string $text): bool => self::isIn($line, $text)) === []) {
                $verdicts[] = Verdict::fix(
                    'plan.must-have',
                    "“{$line}” is among the words of no segment and no shot.",
                    'The brief says that it must not be missed: give it a line, so that minutes are kept for it.'.
                        self::near($line, $scenes, $freeShots),
                    [],
                    new Remedy('shots.must', 'Add it as a must', ['what' => $line]),
                );
            }
        }

        return $verdicts;
    }

    /**
     * What shares the most words with it: the reader knows whether that is meant.
     *
     * @param  list<Scene>  $scenes
     * @param  list<string>  $freeShots
     */
    private static function near(string $line, array $scenes, array $freeShots): string
    {
        $near = [];
        foreach ($scenes as $scene) {
            $near["“{$scene->title}”"] = $scene->title;
            foreach ($scene->shots as $shot) {
                $near["“{$shot->what}” in {$scene->title}"] = $shot->what;
            }
        }
        foreach ($freeShots as $shot) {
            $near["“{$shot}”"] = $shot;
        }
        $shared = array_map(static fn (string $words): int => count(array_intersect(Words::of($line), Words::of($words))), $near);
        arsort($shared);

        return reset($shared) > 0 ? ' Where '.array_key_first($shared).' is meant, call it so in the brief.' : '';
    }

    /**
     * A must-have that names its hour is planned at that hour.
     *
     * @param  list<string>  $mustHaves
     * @param  list<Scene>  $scenes
     * @param  int  $from  of the covered hours, minutes since midnight
     * @return list<Verdict>
     */
    public static function atTheirHours(array $mustHaves, array $scenes, int $from, int $to): array
    {
        $verdicts = [];
        foreach ($mustHaves as $line) {
            $at = NamedHour::in($line, $from, $to);
            $meant = array_values(array_filter(
                $at === null ? [] : $scenes,
                static fn (Scene $s): bool => $s->from !== null && self::isIn($line, $s->words()),
            ));
            $then = array_filter($meant, static fn (Scene $s): bool => $s->from - self::EARLY_MINUTES <= $at && $at < $s->to);
            if ($meant !== [] && $then === []) {
                $verdicts[] = Verdict::fix(
                    'plan.must-at-another-hour',
                    "“{$line}” is planned from ".ClockTime::face((int) $meant[0]->from).' to '.ClockTime::face((int) $meant[0]->to).'.',
                    "It stands in {$meant[0]->title}, and the brief names another hour: ask which of the two is true.",
                );
            }
        }

        return $verdicts;
    }

    private static function isIn(string $line, string $text): bool
    {
        $wanted = Words::of($line);

        return $wanted === [] || count(array_intersect($wanted, Words::of($text))) > self::ENOUGH * count($wanted);
    }
}
