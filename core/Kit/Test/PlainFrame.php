<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Test;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Verdict;

/**
 * A frame of a plain wall, far out of focus: dust on the sensor is a small dark spot, a smudge or a crack in front a
 * large soft one. Each cell of a grid is compared with the ground around it.
 */
final readonly class PlainFrame
{
    /** Half a tenth darker than the ground around it is seen in a sky (common practice, no source). */
    private const DARKER = 0.05;

    private const AROUND = 9;

    /** A spot of more cells is in front of the lens rather than on the sensor. */
    private const DUST_CELLS = 30;

    /** Above this unevenness the frame is no plain wall. */
    private const TOO_UNEVEN = 0.25;

    /**
     * @param  list<array{x: float, y: float, cells: int, darker: float}>  $spots  x and y as shares of the frame
     * @param  float  $unevenness  standard deviation of the ground ÷ its mean
     */
    private function __construct(public array $spots, public float $unevenness) {}

    /**
     * @param  list<list<float>>  $rows  luminance 0–1 by row, all of one length, at least 20 × 20
     *
     * @throws ImpossibleValue
     */
    public static function of(array $rows): self
    {
        $height = count($rows);
        $width = count($rows[0] ?? []);
        if ($height < 20 || $width < 20 || array_filter($rows, static fn (array $r): bool => count($r) !== $width) !== []) {
            throw ImpossibleValue::of('rows', 'must be at least 20 by 20, all of one length');
        }
        $sums = self::sums($rows, $width, $height);
        $dark = [];
        $ground = [];
        foreach ($rows as $y => $row) {
            foreach ($row as $x => $value) {
                $around = self::mean($sums, $x, $y, $width, $height);
                $ground[] = $around;
                if ($around > 0.02 && 1 - $value / $around > self::DARKER) {
                    $dark[$y * $width + $x] = 1 - $value / $around;
                }
            }
        }
        $mean = array_sum($ground) / count($ground);
        $variance = array_sum(array_map(static fn (float $g): float => ($g - $mean) ** 2, $ground)) / count($ground);

        return new self(self::spots($dark, $width, $height), $mean <= 0 ? 1.0 : sqrt($variance) / $mean);
    }

    /** @return list<Verdict> */
    public function verdicts(string $label): array
    {
        if ($this->unevenness > self::TOO_UNEVEN) {
            return [
                Verdict::mind(
                    'kit.frame-not-plain',
                    'This is no plain frame.',
                    'Its ground varies by '.
                        round(100 * $this->unevenness).
                        ' %: point at a blank wall or the sky, focus at infinity, f/16, move while it is open.',
                ),
            ];
        }
        $dust = array_filter($this->spots, static fn (array $s): bool => $s['cells'] <= self::DUST_CELLS);
        $smudges = array_filter($this->spots, static fn (array $s): bool => $s['cells'] > self::DUST_CELLS);
        $verdicts = [];
        if ($smudges !== []) {
            $verdicts[] = Verdict::fix(
                'kit.smudge',
                "Something is in front of {$label}.",
                count($smudges).
                    ' large dark '.
                    Plural::of(count($smudges), 'patch', 'patches').
                    ', the first '.
                    self::where(array_values($smudges)[0]).
                    ': wipe the front and the back of the lens, look for a crack, and take another frame.',
                ['spots' => count($smudges)],
            );
        }
        if ($dust !== []) {
            $verdicts[] = Verdict::fix(
                'kit.dust',
                "There is dust on the sensor of {$label}.",
                count($dust).
                    ' small dark '.
                    Plural::of(count($dust), 'spot', 'spots').
                    ', the first '.
                    self::where(array_values($dust)[0]).
                    ': blow it out, body facing down, and take another frame.',
                ['spots' => count($dust)],
            );
        }

        return $verdicts === []
            ? [
                Verdict::fine(
                    'kit.clean',
                    "{$label} sees clean.",
                    'No spot darker than the ground around it by a twentieth.',
                    Looked::one('the plain frame'),
                ),
            ]
            : $verdicts;
    }

    /** @param  array{x: float, y: float, cells: int, darker: float}  $spot */
    private static function where(array $spot): string
    {
        $down = ['at the top', 'in the middle', 'at the bottom'][(int) min(2, floor($spot['y'] * 3))];
        $across = [' left', '', ' right'][(int) min(2, floor($spot['x'] * 3))];

        return $down.$across.' ('.round(100 * $spot['darker']).' % darker)';
    }

    /**
     * Sums of everything above and to the left, for quick means.
     *
     * @param  list<list<float>>  $rows
     * @return array<int, float>
     */
    private static function sums(array $rows, int $width, int $height): array
    {
        $sums = array_fill(0, ($width + 1) * ($height + 1), 0.0);
        for ($y = 1; $y <= $height; $y++) {
            $line = 0.0;
            for ($x = 1; $x <= $width; $x++) {
                $line += $rows[$y - 1][$x - 1];
                $sums[$y * ($width + 1) + $x] = $sums[($y - 1) * ($width + 1) + $x] + $line;
            }
        }

        return $sums;
    }

    /** @param  array<int, float>  $sums */
    private static function mean(array $sums, int $x, int $y, int $width, int $height): float
    {
        [$left, $right] = [max(0, $x - self::AROUND), min($width, $x + self::AROUND + 1)];
        [$top, $bottom] = [max(0, $y - self::AROUND), min($height, $y + self::AROUND + 1)];
        $w = $width + 1;

        return ($sums[$bottom * $w + $right] - $sums[$top * $w + $right] - $sums[$bottom * $w + $left] + $sums[$top * $w + $left]) /
            (($right - $left) * ($bottom - $top));
    }

    /**
     * Dark cells that touch are one spot.
     *
     * @param  array<int, float>  $dark  by cell
     * @return list<array{x: float, y: float, cells: int, darker: float}>
     */
    private static function spots(array $dark, int $width, int $height): array
    {
        $spots = [];
        while ($dark !== []) {
            $look = [(int) array_key_first($dark)];
            $cells = [];
            $darkest = 0.0;
            while ($look !== []) {
                $at = array_pop($look);
                if (! isset($dark[$at])) {
                    continue;
                }
                $darkest = max($darkest, $dark[$at]);
                unset($dark[$at]);
                $cells[] = $at;
                foreach ([-1, 1, -$width, $width] as $step) {
                    // A row does not go on in the next one.
                    if (abs($step) !== 1 || intdiv($at + $step, $width) === intdiv($at, $width)) {
                        $look[] = $at + $step;
                    }
                }
            }
            $middle = $cells[intdiv(count($cells), 2)];
            $spots[] = [
                'x' => ($middle % $width) / $width,
                'y' => intdiv($middle, $width) / $height,
                'cells' => count($cells),
                'darker' => $darkest,
            ];
        }
        usort($spots, static fn (array $a, array $b): int => $b['cells'] <=> $a['cells']);

        return $spots;
    }
}
