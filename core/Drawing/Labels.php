<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** Names beside the points that they belong to: whole, within the drawing, and none over another or over a point, as long as there is room. */
final class Labels
{
    /** A letter's width, in sizes of the text; wider than most, so that names keep apart. */
    private const LETTER = 0.55;

    private const GAP = 4.0;

    private const ROUNDS = 6;

    /**
     * @param  list<NamedPoint>  $points
     * @param  list<float>  $reach  how far from its point each mark is drawn
     * @param  float  $size  of the text
     * @return list<PlacedMark> in the same order: the middle of each baseline
     */
    public static function beside(array $points, array $reach, float $size, float $width, float $height): array
    {
        $taken = array_map(
            static fn (NamedPoint $p, float $r): array => [$p->x - $r, $p->y - $r, $p->x + $r, $p->y + $r],
            $points,
            $reach,
        );
        $labels = [];
        foreach ($points as $i => $point) {
            $best = $bestBox = null;
            $least = INF;
            foreach (self::places($point, $size, $reach[$i]) as [$x, $y]) {
                $half = min($width / 2, self::LETTER * $size * mb_strlen($point->name) / 2);
                $x = max($half, min($width - $half, $x));
                $y = max($size, min($height - self::GAP, $y));
                $box = [$x - $half, $y - $size, $x + $half, $y + self::GAP];
                $covered = array_sum(array_map(static fn (array $other): float => self::common($box, $other), $taken));
                if ($covered < $least) {
                    [$best, $bestBox, $least] = [new PlacedMark($x, $y, $point->name), $box, $covered];
                }
            }
            if ($best !== null && $bestBox !== null) {
                $labels[] = $best;
                $taken[] = $bestBox;
            }
        }

        return $labels;
    }

    /** @return list<array{float, float}> where it may stand: below first, then above, beside, and farther away */
    private static function places(NamedPoint $point, float $size, float $reach): array
    {
        $side = $reach + self::GAP + self::LETTER * $size * mb_strlen($point->name) / 2;
        $places = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $more = $round * ($size + self::GAP);
            array_push(
                $places,
                [$point->x, $point->y + $reach + $size + $more],
                [$point->x, $point->y - $reach - self::GAP - $more],
                [$point->x + $side, $point->y + $size / 3 + $more],
                [$point->x - $side, $point->y + $size / 3 + $more],
            );
        }

        return $places;
    }

    /**
     * @param  array{float, float, float, float}  $a  left, top, right, bottom
     * @param  array{float, float, float, float}  $b
     */
    private static function common(array $a, array $b): float
    {
        $wide = min($a[2], $b[2]) - max($a[0], $b[0]);
        $high = min($a[3], $b[3]) - max($a[1], $b[1]);

        return $wide > 0 && $high > 0 ? $wide * $high : 0.0;
    }
}
