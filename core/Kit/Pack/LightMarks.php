<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Verdict;

/** Has a light that stayed overnight been moved? Its marks measured again (M18). */
final class LightMarks
{
    /** A tape held by hand, and a protractor (common practice, no source). */
    private const WITHIN = ['heightCm' => 2.0, 'distanceCm' => 3.0, 'angleDeg' => 3.0];

    private const WORDS = ['heightCm' => ['its height', ' cm'], 'distanceCm' => ['its distance', ' cm'], 'angleDeg' => ['its angle', '°']];

    /**
     * @param  array{heightCm?: float, angleDeg?: float, distanceCm?: float}  $marked
     * @param  array{heightCm?: float, angleDeg?: float, distanceCm?: float}  $now
     */
    public static function compare(string $label, array $marked, array $now): Verdict
    {
        $moved = $open = [];
        $compared = 0;
        foreach (self::WITHIN as $name => $within) {
            if (isset($marked[$name]) && ! isset($now[$name])) {
                $open[] = self::WORDS[$name][0];
            }
            if (! isset($marked[$name], $now[$name])) {
                continue;
            }
            $compared++;
            $by = $name === 'angleDeg' ? Bearing::turn($marked[$name], $now[$name]) : $now[$name] - $marked[$name];
            if (abs($by) > $within) {
                [$word, $unit] = self::WORDS[$name];
                $moved[] =
                    "{$word} by ".
                    ($by > 0 ? '+' : '−').
                    round(abs($by), 1).
                    "{$unit} (back to ".
                    round($marked[$name], 1).
                    "{$unit})";
            }
        }

        $looked = Looked::at($compared, 'mark');

        return match (true) {
            $looked === null => Verdict::mind(
                'marks.none',
                "{$label} has nothing to compare.",
                'Measure the same marks as when it was placed: height, angle, distance.',
            ),
            $moved === [] && $open !== [] => Verdict::mind(
                'marks.some',
                "{$label} is measured again in part.",
                Plural::of($compared, 'One mark agrees', "{$compared} marks agree").'; '.implode(' and ', $open).
                    Plural::of(count($open), ' was', ' were').' marked, and not measured again.',
                ['open' => count($open)],
            ),
            $moved === [] => Verdict::fine(
                'marks.same',
                "{$label} stands as it did.",
                "{$compared} ".Plural::of($compared, 'mark agrees', 'marks agree').' within what a tape can tell.',
                $looked,
            ),
            default => Verdict::fix(
                'marks.moved',
                "{$label} was moved.",
                ucfirst(implode(', ', $moved)).'. Put it back before the next frame, or nothing matches yesterday’s.',
                ['moved' => count($moved)],
            ),
        };
    }
}
