<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Viewpoint;

use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** A whole day from one spot at eye level (M14)? The balance of distances, heights and sides. */
final class ViewpointJudge
{
    /** Among fewer lines than this nothing is said. */
    private const LEAST_LINES = 5;

    private const TOO_MUCH = 0.6;

    /** @param  list<ShotView>  $shots */
    public static function of(array $shots): Verdicts
    {
        $verdicts = [];
        foreach (['distance', 'height', 'side'] as $what) {
            $verdicts[] = self::share(
                $what,
                array_values(
                    array_filter(
                        array_map(
                            static fn (ShotView $s): ?string => match ($what) {
                                'distance' => $s->distance,
                                'height' => $s->height,
                                default => $s->side,
                            },
                            $shots,
                        ),
                    ),
                ),
            );
        }
        $scenes = [];
        foreach ($shots as $shot) {
            if ($shot->distance !== null) {
                $scenes[$shot->scene][] = $shot->distance;
            }
        }
        foreach ($scenes as $scene => $distances) {
            $verdicts[] = self::scene((string) $scene, $distances);
        }

        return new Verdicts(array_filter($verdicts));
    }

    /**
     * The viewpoints of the last job at the same place, used again?
     *
     * @param  list<ShotView>  $shots
     * @param  list<ShotView>  $last
     */
    public static function repeated(array $shots, array $last, string $lastJob): ?Verdict
    {
        $key = static fn (ShotView $s): ?string => $s->distance === null || $s->height === null || $s->side === null
            ? null
            : "{$s->distance} {$s->height} {$s->side}";
        $used = array_unique(array_filter(array_map($key, $last)));
        $now = array_values(array_filter(array_map($key, $shots)));
        $again = array_values(array_filter($now, static fn (string $view): bool => in_array($view, $used, true)));
        if (count($now) < self::LEAST_LINES || count($again) <= self::TOO_MUCH * count($now)) {
            return null;
        }
        $counts = array_count_values($again);
        arsort($counts);
        $most = (string) array_key_first($counts);
        $percent = round((100 * count($again)) / count($now));

        return Verdict::mind(
            'plan.viewpoint-repeated',
            "The viewpoints of {$lastJob} come back.",
            count($again).
                ' of '.
                count($now).
                " lines, {$percent} %, stand where you stood the last time at this place, most of them {$most}: look for others.",
            ['share' => count($again) / count($now)],
        );
    }

    /** @param  list<string>  $values */
    private static function share(string $what, array $values): ?Verdict
    {
        $counts = array_count_values($values);
        arsort($counts);
        $most = (string) array_key_first($counts);
        $count = $counts[$most] ?? 0;
        if (count($values) < self::LEAST_LINES || $count <= self::TOO_MUCH * count($values)) {
            return null;
        }
        $said = ['distance' => $most, 'height' => $most === 'eye' ? 'at eye level' : $most, 'side' => "from the {$most}"][$what] ?? $most;
        $percent = round((100 * $count) / count($values));

        return Verdict::mind(
            'plan.viewpoint',
            "Most of the shots are {$said}.",
            "{$count} of ".
                count($values).
                " lines that name a {$what}, {$percent} %: above 60 % a day looks the same throughout. Change some.",
            ['share' => $count / count($values)],
        );
    }

    /** @param  list<string>  $distances */
    private static function scene(string $scene, array $distances): ?Verdict
    {
        $missing = array_diff(['wide', 'tight'], $distances);
        if (count($distances) < 2 || $missing === []) {
            return null;
        }
        $which = implode(' or ', $missing);

        return Verdict::mind(
            'plan.no-wide-or-tight',
            "{$scene} has no {$which} shot.",
            count($distances).' lines name a distance, and a scene wants both a wide and a tight one to be told.',
        );
    }
}
