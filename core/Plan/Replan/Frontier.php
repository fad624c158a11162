<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/** The labels of one stage: of two at one place with the same pocket minutes left, one that is later and no better goes. */
final class Frontier
{
    /** @var array<string, list<array{Label, int}>> label and bound by place and pocket minutes */
    private array $groups = [];

    public function add(Label $label, int $bound): void
    {
        $this->groups[$label->place.'|'.implode(',', $label->left)][] = [$label, $bound];
    }

    /**
     * @return array{list<Label>, bool} the undominated labels, at most so many by their bound; whether any were cut
     */
    public function living(int $most): array
    {
        $living = [];
        foreach ($this->groups as $group) {
            usort($group, static fn (array $a, array $b): int => $a[0]->time <=> $b[0]->time ?: $b[0]->score <=> $a[0]->score);
            $best = PHP_INT_MIN;
            foreach ($group as $entry) {
                if ($entry[0]->score > $best) {
                    $living[] = $entry;
                    $best = $entry[0]->score;
                }
            }
        }
        $isCut = count($living) > $most;
        if ($isCut) {
            usort($living, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
            $living = array_slice($living, 0, $most);
        }

        return [array_map(static fn (array $entry): Label => $entry[0], $living), $isCut];
    }
}
