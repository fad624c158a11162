<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/** A partial re-plan: where one is, when, with what reached, and which minutes of the pockets are left. */
final class Label
{
    /** @param  list<int>  $left minutes by pocket index */
    public function __construct(
        public readonly ?string $place,
        public readonly int $time,
        public readonly int $score,
        public readonly array $left,
        public readonly ?self $parent = null,
        public readonly ?Choice $choice = null,
    ) {}

    /** @return list<Choice> */
    public function choices(): array
    {
        $choices = [];
        for ($label = $this; $label->choice !== null && $label->parent !== null; $label = $label->parent) {
            $choices[] = $label->choice;
        }

        return array_reverse($choices);
    }
}
