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
        $rest = $this->candidates($needs);
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

    /**
     * Where one or two things do not bring it about: all that would help, without what can be left away, the heaviest first. None of it
     * can stay, and a lighter choice may exist.
     *
     * @param  list<Need>  $needs
     * @param  \Closure(LoseOne): bool  $isMended
     * @return list<Gear>
     */
    public function ofMore(array $needs, \Closure $isMended): array
    {
        $taken = $this->candidates($needs);
        if ($taken === [] || ! $isMended($this->givers->with($taken)->loseOne())) {
            return [];
        }
        foreach (array_reverse($taken) as $heavy) {
            $without = array_values(array_filter($taken, static fn (Gear $g): bool => $g !== $heavy));
            if ($without !== [] && $isMended($this->givers->with($without)->loseOne())) {
                $taken = $without;
            }
        }

        return $taken;
    }

    /**
     * What of the shelf gives one of the needs, and cells, for what gives light wants them; the lightest first.
     *
     * @param  list<Need>  $needs
     * @return list<Gear>
     */
    private function candidates(array $needs): array
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

        return $rest;
    }
}
