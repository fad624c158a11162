<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Cover;

/** The lightest choice found, and how near to the lightest possible it is. */
final readonly class Cover
{
    /**
     * @param  list<string>  $chosen  ids, in the order of the shelf
     * @param  int  $weight  grams of the chosen
     * @param  int  $lowerBound  grams that no choice can go below; the weight itself when proven
     * @param  array<string, int>  $short  by capability, how many givers are missing even with the whole shelf
     */
    public function __construct(
        public array $chosen,
        public int $weight,
        public int $lowerBound,
        public bool $isOptimal,
        public array $short,
    ) {}
}
