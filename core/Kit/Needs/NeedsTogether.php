<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Some;
use NorthSatchel\Time\Priority;

/** Needs of several segments that one thing gives: counted where they fall together. */
final class NeedsTogether
{
    /**
     * The same thing asked for at different times is one thing; at the same time it is several.
     *
     * @param  list<Need>  $needs
     * @return list<Need>
     */
    public static function together(array $needs): array
    {
        /** @var array<string, Need> $kept */
        $kept = [];
        foreach ($needs as $need) {
            $key = $need->what->value.serialize($need->figures);
            $other = $kept[$key] ?? null;
            if ($other === null) {
                $kept[$key] = $need;

                continue;
            }
            $isAtOnce =
                $need->at === [] ||
                $other->at === [] ||
                array_filter($need->at, static fn (NeededAt $a): bool => array_filter($other->at, $a->meets(...)) !== []) !== [];
            $count = $need->what === NeedWhat::Trigger || ! $isAtOnce ? max($need->count, $other->count) : $need->count + $other->count;
            $kept[$key] = new Need(
                $other->id,
                $need->what,
                $count,
                $need->isMust() ? Priority::Must : $other->priority,
                $need->wantsSpare || $other->wantsSpare,
                $count === $other->count ? $other->title : $need->what->counted($count),
                $other->because === $need->because ? $need->because : "{$other->because} {$need->because}",
                [...$other->at, ...$need->at],
                $need->figures,
            );
        }

        return array_values($kept);
    }

    /**
     * Where it is needed: the first three, and how many more.
     *
     * @param  list<NeededAt>  $at
     */
    public static function why(array $at): string
    {
        $words = array_values(array_unique(array_map(static fn (NeededAt $n): string => $n->why, $at)));

        return Some::of($words, 3, '; ');
    }

    /** @param  list<NeededAt>  $at */
    public static function highest(array $at): Priority
    {
        foreach (Priority::cases() as $priority) {
            if (array_filter($at, static fn (NeededAt $n): bool => $n->priority === $priority) !== []) {
                return $priority;
            }
        }

        return Priority::Nice;
    }

    /**
     * How many photographers want it at the same minute.
     *
     * @param  list<NeededAt>  $at
     */
    public static function atOnce(array $at, Priority $priority): int
    {
        $most = 1;
        foreach ($at as $one) {
            if ($one->priority === $priority) {
                $lanes = array_map(
                    static fn (NeededAt $n): string => $n->lane,
                    array_filter(
                        $at,
                        static fn (NeededAt $n): bool => $n->priority === $priority && $n->from <= $one->from && $one->from < $n->to,
                    ),
                );
                $most = max($most, count(array_unique($lanes)));
            }
        }

        return $most;
    }
}
