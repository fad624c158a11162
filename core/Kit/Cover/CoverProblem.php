<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Cover;

/**
 * Which things to take along, as an integer program: least total weight; each capability given as often as it is
 * needed; a thing only with what it requires. Rows are "sum of coefficients of the chosen ≥ right side".
 */
final class CoverProblem
{
    /** @var list<CoverItem> those that can work at all */
    public readonly array $items;

    /** @var list<array<int, int>> by row: coefficient by item */
    public readonly array $rows;

    /** @var list<int> by row */
    public readonly array $right;

    /** @var list<array<int, int>> by item: coefficient by row */
    public readonly array $columns;

    /** @var list<int> by item; weights so scaled that of two equally light choices the one with fewer things costs less */
    public readonly array $costs;

    /** @var list<int> by item, the next of its kind, or -1: of equal things the first is taken first */
    public readonly array $nextLike;

    /** @var array<string, int> by capability, how many givers are missing */
    public readonly array $short;

    public readonly int $scale;

    /**
     * @param  list<CoverItem>  $items
     * @param  array<string, int>  $needs  how often, by capability
     */
    public function __construct(array $items, array $needs)
    {
        $this->items = self::working($items);
        $this->scale = count($this->items) + 1;
        // What does not weigh anything is no thing of its own, such as a lens put on a body.
        $this->costs = array_map(fn (CoverItem $i): int => $i->weight * $this->scale + ($i->weight > 0 ? 1 : 0), $this->items);
        $givers = [];
        foreach ($this->items as $index => $item) {
            foreach ($item->gives as $capability) {
                $givers[$capability][$index] = 1;
            }
        }
        $rows = $right = $short = [];
        foreach ($needs as $capability => $count) {
            $has = count($givers[$capability] ?? []);
            if ($has < $count) {
                $short[(string) $capability] = $count - $has;
            }
            if (min($has, $count) > 0) {
                $rows[] = $givers[$capability];
                $right[] = min($has, $count);
            }
        }
        foreach ($this->items as $index => $item) {
            foreach ($item->requires as $capability) {
                $row = $givers[$capability];
                unset($row[$index]);
                // Whoever is needed gives already what is required.
                $row[$index] = -1;
                $rows[] = $row;
                $right[] = 0;
            }
        }
        $columns = array_fill(0, count($this->items), []);
        foreach ($rows as $r => $row) {
            foreach ($row as $index => $coefficient) {
                $columns[$index][$r] = $coefficient;
            }
        }
        $this->rows = $rows;
        $this->right = $right;
        $this->columns = array_values($columns);
        $this->short = $short;
        $this->nextLike = $this->likeness();
    }

    /** @param  array<int, int>  $choice  0 or 1 by item */
    public function holds(array $choice): bool
    {
        foreach ($this->rows as $r => $row) {
            $sum = 0;
            foreach ($row as $index => $coefficient) {
                $sum += $coefficient * $choice[$index];
            }
            if ($sum < $this->right[$r]) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<int, int>  $choice */
    public function cost(array $choice): int
    {
        $cost = 0;
        foreach ($choice as $index => $taken) {
            $cost += $taken * $this->costs[$index];
        }

        return $cost;
    }

    /**
     * Without what requires something that nothing else gives.
     *
     * @param  list<CoverItem>  $items
     * @return list<CoverItem>
     */
    private static function working(array $items): array
    {
        do {
            $givers = [];
            foreach ($items as $item) {
                foreach ($item->gives as $capability) {
                    $givers[$capability] = ($givers[$capability] ?? 0) + 1;
                }
            }
            $before = count($items);
            $items = array_values(array_filter($items, static function (CoverItem $item) use ($givers): bool {
                foreach ($item->requires as $capability) {
                    if (($givers[$capability] ?? 0) - (in_array($capability, $item->gives, true) ? 1 : 0) < 1) {
                        return false;
                    }
                }

                return true;
            }));
        } while (count($items) < $before);

        return $items;
    }

    /** @return list<int> */
    private function likeness(): array
    {
        $next = array_fill(0, count($this->items), -1);
        $last = [];
        foreach ($this->items as $index => $item) {
            $gives = $item->gives;
            $requires = $item->requires;
            sort($gives);
            sort($requires);
            $key = serialize([$item->weight, $gives, $requires]);
            if (isset($last[$key])) {
                $next[$last[$key]] = $index;
            }
            $last[$key] = $index;
        }

        return array_values($next);
    }
}
