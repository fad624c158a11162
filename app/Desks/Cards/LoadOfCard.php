<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Kit\Card;
use NorthSatchel\Cards\Owner\Share;

/** A load of a card, as far as it concerns one job. */
final readonly class LoadOfCard
{
    /**
     * @param  int|null  $loadedFor  the job under which the card was put into a body
     * @param  bool  $isPresent  whether the card still holds it
     * @param  list<Share>  $shares  of all jobs, in the order of time; none where no frame says when it was taken
     * @param  list<Share>  $mine  of this job
     */
    public function __construct(
        public Card $card,
        public int $fill,
        public ?int $loadedFor,
        public bool $isPresent,
        public array $shares,
        public array $mine,
    ) {}

    /** @return list<int> jobs that have frames on it */
    public function jobs(): array
    {
        return array_values(array_unique(array_map(static fn (Share $s): int => $s->jobId, $this->shares)));
    }
}
