<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Kit\Card;
use Illuminate\Support\Collection;

/** What the kit asks of the cards' lives, which come after it. */
interface CardsInUse
{
    /**
     * @param  Collection<int, Card>  $cards
     * @return array<int, true> cards that still hold frames of another job, or are out of use, by item
     */
    public function unusable(Collection $cards, int $jobId): array;
}
