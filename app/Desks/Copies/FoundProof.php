<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Cards\Frame;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\Permit\Proof;

/** The proof of a card's load as it stands, and what it was made of. */
final readonly class FoundProof
{
    /**
     * @param  list<string>  $fallen  bags that count no more, and why
     * @param  Collection<int, Frame>  $frames  the files by the last seal
     */
    public function __construct(public Proof $proof, public array $fallen, public Collection $frames) {}
}
