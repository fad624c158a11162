<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Cards\FrameClaim;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Volume\UnableToRead;

/** The cards and bodies of a job: what is in which body, whose frames are on it. */
final class CardsDesk
{
    /** @var \WeakMap<Job, Collection<int, Card>> as the job was opened */
    private readonly \WeakMap $cardsOf;

    public function __construct(
        private readonly CardLog $log,
        private readonly FrameIndex $frames,
        private readonly LoadOwners $owners,
    ) {
        $this->cardsOf = new \WeakMap();
    }

    /** @return Collection<int, Body> the bodies on the packing list */
    public function bodies(Job $job): Collection
    {
        return $job->packing
            ->map(static fn ($entry): ?Body => $entry->item->body?->setRelation('item', $entry->item))
            ->filter()
            ->sortBy(static fn (Body $b): string => $b->item->label)
            ->values();
    }

    /** @return list<LoadOfCard> the card loads that concern a job */
    public function loads(Job $job): array
    {
        return $this->owners->of($job, $this->packed($job));
    }

    /** @return Collection<int, Card> the cards on the packing list, and those of other jobs that hold frames of this one */
    public function cards(Job $job): Collection
    {
        $cards = $this->packed($job);
        foreach ($this->loads($job) as $load) {
            if ($load->isPresent && ! $cards->contains('id', $load->card->id)) {
                $cards = $cards->push($load->card)->sortBy(static fn (Card $c): string => $c->item->label)->values();
            }
        }

        return $cards;
    }

    /** @return Collection<int, Card> the cards on the packing list */
    public function packed(Job $job): Collection
    {
        /** @var Collection<int, Card> $found */
        $found =
            $this->cardsOf[$job] ??
            $job->packing
                ->map(static fn ($entry): ?Card => $entry->item->card?->setRelation('item', $entry->item))
                ->filter()
                ->sortBy(static fn (Card $c): string => $c->item->label)
                ->values();

        if (! isset($this->cardsOf[$job])) {
            $this->log->prepare($found);
        }

        return $this->cardsOf[$job] = $found;
    }

    /**
     * What lies in the slots of each body now.
     *
     * @return array<int, array<int, Card>> by body id and slot
     */
    public function slots(Job $job): array
    {
        $slots = [];
        foreach ($this->cards($job) as $card) {
            $life = $this->log->lifeOf($card);
            if ($life->state === CardState::InBody && $life->bodyId !== null && $life->slot !== null) {
                $slots[$life->bodyId][$life->slot] = $card;
            }
        }

        return $slots;
    }

    public function lifeOf(Card $card): CardLife
    {
        return $this->log->lifeOf($card);
    }

    /** The other card of the pair: the last one that shared the body with it. */
    public function twinOf(Job $job, Card $card): ?Card
    {
        $life = $this->log->lifeOf($card);

        return $this->cards($job)
            ->filter(fn (Card $other): bool => $other->id !== $card->id && $life->sharedABodyWith($this->log->lifeOf($other)))
            ->sortByDesc(fn (Card $other): float => $this->log->lifeOf($other)->loadedAt ?? 0)
            ->first();
    }

    /** @return Collection<int, Card> shot cards with frames of a job, or loaded for it, that are not formatted yet */
    public function shot(Job $job): Collection
    {
        $shot = array_filter(
            $this->loads($job),
            fn (LoadOfCard $load): bool => $load->isPresent &&
                in_array($this->log->lifeOf($load->card)->state, [CardState::Shot, CardState::Permitted], true),
        );

        return new Collection(array_values(array_map(static fn (LoadOfCard $load): Card => $load->card, $shot)));
    }

    /** Whether nothing lies on a card that is in the reader; null where it is not. */
    public function isEmpty(Card $card): ?bool
    {
        try {
            foreach (Devices::card($card)->entries() as $entry) {
                return false;
            }

            return true;
        } catch (FolderNotAllowed|UnableToRead) {
            return null;
        }
    }

    /** A person says whose frames are on a card. */
    public function claim(Job $job, Card $card, string $words): void
    {
        FrameClaim::query()->create([
            'card_id' => $card->id,
            'fill' => $this->log->lifeOf($card)->fill,
            'job_id' => $job->id,
            'words' => $words === '' ? null : $words,
            'at' => now(),
        ]);
        $this->owners->forget();
    }

    /** @return Collection<int, Frame> the frames of a card's present fill */
    public function framesOn(Card $card): Collection
    {
        $life = $this->log->lifeOf($card);

        return $this->frames->framesOn($card->id, $life->fill, max(1, $life->seals));
    }
}
