<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\LoseOne;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** What of the shelf mends a bag with the least weight. */
final readonly class LightestMend
{
    private const MOST_TRIED = 14;

    /**
     * @param  list<Gear>  $bag  of which the givers are
     * @param  list<Gear>  $rest  on the shelf and free that day
     */
    public function __construct(private Givers $givers, private array $bag, private array $rest) {}

    /**
     * The lightest thing of the shelf, else the lightest two, that bring it about.
     *
     * @param  list<Need>  $needs  that are to be met
     * @param  \Closure(LoseOne): bool  $isMended
     * @return list<Gear>
     */
    public function of(array $needs, \Closure $isMended): array
    {
        $crops = array_unique([1.0, ...array_map(static fn (Gear $g): float => $g->crop(), [...$this->bag, ...$this->rest])]);
        $rest = array_values(
            array_filter(
                $this->rest,
                static fn (Gear $g): bool => $g->kind === GearKind::Cell ||
                    array_filter(
                        $needs,
                        static fn (Need $n): bool => array_filter($crops, static fn (float $crop): bool => $n->isGivenBy($g, $crop, true)) !==
                            [],
                    ) !== [],
            ),
        );
        usort($rest, static fn (Gear $a, Gear $b): int => $a->grams() <=> $b->grams());
        foreach ($rest as $gear) {
            if ($isMended($this->givers->with([$gear])->loseOne())) {
                return [$gear];
            }
        }
        $some = array_slice($rest, 0, self::MOST_TRIED);
        $pairs = [];
        foreach ($some as $i => $one) {
            foreach (array_slice($some, $i + 1) as $other) {
                $pairs[] = [$one, $other];
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a[0]->grams() + $a[1]->grams() <=> $b[0]->grams() + $b[1]->grams());
        foreach ($pairs as $pair) {
            if ($isMended($this->givers->with($pair)->loseOne())) {
                return $pair;
            }
        }

        return [];
    }
}
