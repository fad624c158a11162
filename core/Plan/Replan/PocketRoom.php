<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/**
 * Pocket minutes rounded down to what the movable segments still to come can fill: 13 minutes left for
 * segments of 14 and 20 are none. Labels that differ only in such remainders are the same.
 */
final class PocketRoom
{
    /** @var list<list<list<int>>> fillable minutes by stage, pocket and minutes left */
    private array $fillable = [];

    /**
     * @param  list<Rest>  $segments
     * @param  array<string, int>  $pockets  minutes by id
     */
    public function __construct(array $segments, array $pockets)
    {
        $ids = array_map(strval(...), array_keys($pockets));
        $sums = array_map(static fn (int $minutes): array => [0 => true], array_values($pockets));
        $stages = [$this->tables($sums, array_values($pockets))];
        foreach (array_reverse($segments) as $segment) {
            if ($segment->isMovable()) {
                foreach ($ids as $index => $id) {
                    if (in_array($id, $segment->mayMoveTo, true)) {
                        $sums[$index] = self::with($sums[$index], $segment->movedMinutes(), array_values($pockets)[$index]);
                    }
                }
                $stages[] = $this->tables($sums, array_values($pockets));
            } else {
                $stages[] = $stages[count($stages) - 1];
            }
        }
        $this->fillable = array_reverse($stages);
    }

    /**
     * @param  list<int>  $left
     * @return list<int>
     */
    public function rounded(int $stage, array $left): array
    {
        foreach ($left as $index => $minutes) {
            $left[$index] = $this->fillable[$stage][$index][$minutes];
        }

        return array_values($left);
    }

    /**
     * @param  array<int, true>  $sums
     * @return array<int, true>
     */
    private static function with(array $sums, int $minutes, int $most): array
    {
        $more = $sums;
        foreach (array_keys($sums) as $sum) {
            if ($sum + $minutes <= $most) {
                $more[$sum + $minutes] = true;
            }
        }

        return $more;
    }

    /**
     * @param  list<array<int, true>>  $sums
     * @param  list<int>  $sizes
     * @return list<list<int>>
     */
    private function tables(array $sums, array $sizes): array
    {
        $tables = [];
        foreach ($sizes as $index => $size) {
            $table = [];
            $largest = 0;
            for ($minutes = 0; $minutes <= $size; $minutes++) {
                $largest = isset($sums[$index][$minutes]) ? $minutes : $largest;
                $table[] = $largest;
            }
            $tables[] = $table;
        }

        return $tables;
    }
}
