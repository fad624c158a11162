<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Kit\Cover\CoverItem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up shelves for tests and benchmarks, and glpsol (GNU Linear Programming Kit) to compare with. */
final class RandomShelf
{
    /** @return array{list<CoverItem>, array<string, int>} things, and how often each capability is needed */
    public static function of(int $seed, int $things, int $capabilities, int $asked): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $items = $needs = [];
        for ($i = 0; $i < $things; $i++) {
            $gives = [];
            for ($k = $dice->getInt(1, 4); $k > 0; $k--) {
                $gives[] = 'c'.$dice->getInt(0, $capabilities - 1);
            }
            $items[] = new CoverItem(
                "i{$i}",
                10 * $dice->getInt(1, 250),
                array_values(array_unique($gives)),
                $dice->getInt(0, 3) === 0 ? ['c'.$dice->getInt(0, $capabilities - 1)] : [],
            );
        }
        for ($c = 0; $c < $asked; $c++) {
            $needs["c{$c}"] = $dice->getInt(1, 3);
        }

        return [$items, $needs];
    }

    /**
     * The least weight by glpsol on the same integer program.
     *
     * @param  list<CoverItem>  $items
     * @param  array<string, int>  $needs
     */
    public static function glpsol(array $items, array $needs): int
    {
        $sum = static fn (array $of): string => implode(' + ', array_map(static fn (int $i): string => "x{$i}", $of));
        $givers = static fn (string $c, int $but = -1): array => array_values(
            array_filter(array_keys($items), static fn (int $i): bool => $i !== $but && in_array($c, $items[$i]->gives, true)),
        );
        $lines = [
            'Minimize',
            'obj: '.implode(' + ', array_map(static fn (int $i): string => "{$items[$i]->weight} x{$i}", array_keys($items))),
            'Subject To',
        ];
        foreach ($needs as $c => $count) {
            $of = $givers($c);
            $lines[] = "need_{$c}: {$sum($of)} >= ".min($count, count($of));
        }
        foreach ($items as $index => $item) {
            foreach ($item->requires as $c) {
                $of = $givers($c, $index);
                $lines[] = "by_{$index}_{$c}: ".($of === [] ? '' : "{$sum($of)} ")."- x{$index} >= 0";
            }
        }
        $lines = [...$lines, 'Binary', implode(' ', array_map(static fn (int $i): string => "x{$i}", array_keys($items))), 'End'];
        $file = tempnam(sys_get_temp_dir(), 'cover');
        file_put_contents("{$file}.lp", implode("\n", $lines)."\n");
        $out = [];
        exec('glpsol --lp '.escapeshellarg("{$file}.lp").' -o '.escapeshellarg("{$file}.sol").' 2>&1', $out, $exit);
        $found = [];
        if (
            $exit !== 0 ||
            preg_match('/Status:\s+INTEGER OPTIMAL\s+Objective:\s+obj = (\d+)/', (string) file_get_contents("{$file}.sol"), $found) !== 1
        ) {
            throw new \RuntimeException(implode("\n", $out));
        }
        array_map(unlink(...), [$file, "{$file}.lp", "{$file}.sol"]);

        return (int) $found[1];
    }
}
