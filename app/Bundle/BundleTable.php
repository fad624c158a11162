<?php

declare(strict_types=1);

namespace App\Bundle;

use Illuminate\Database\Query\Builder;

/** A table of a bundle: which rows belong to a job, what they point to, and which of their columns hold JSON. */
final readonly class BundleTable
{
    /**
     * @param  \Closure(int): Builder  $rows  of a job, by its id
     * @param  array<string, string>  $refs  column to table; rows they point to come earlier
     * @param  list<string>  $json
     * @param  list<string>  $without  columns that mean nothing elsewhere
     * @param  array<string, string>  $later  the same as refs, to rows of this table or of later ones
     */
    public function __construct(
        public string $name,
        public \Closure $rows,
        public array $refs = [],
        public array $json = [],
        public array $without = [],
        public array $later = [],
    ) {}
}
