<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\CameraCheckRecord;
use App\Models\Cards\Frame;
use App\Models\Cards\FrameClaim;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\After\CardAfter;
use NorthSatchel\Cards\After\CardsAfter;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Check\BodyRead;
use NorthSatchel\Cards\Check\CameraCheck;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use NorthSatchel\Volume\UnableToRead;

/** Cards before and during the job: what is in which body, and the check that the bodies are ready. */
final class CardsDesk
{
    /** @var \WeakMap<Job, Collection<int, Card>> as the job was opened */
    private readonly \WeakMap $cardsOf;

    public function __construct(
        private readonly CardLog $log,
        private readonly FrameIndex $frames,
        private readonly KnownCopies $copies,
        private readonly LoadOwners $owners,
        private readonly SlotReader $reader,
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
    private function packed(Job $job): Collection
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

    /** Reads the cards of all bodies and keeps what was found. */
    public function readTestFrames(Job $job): void
    {
        $slots = $this->slots($job);
        $read = [];
        foreach ($this->bodies($job) as $body) {
            $row = ['body' => $body->id];
            foreach ([1, 2] as $slot) {
                $row["slot{$slot}"] = isset($slots[$body->id][$slot]) ? $this->reader->read($job, $slots[$body->id][$slot]) : null;
            }
            $read[] = $row;
        }
        $job->cameraChecks()->create(['read' => $read, 'at' => now()]);
        $job->unsetRelation('latestCheck');
    }

    public function lastCheck(Job $job): ?CameraCheckRecord
    {
        return $job->latestCheck;
    }

    /** @return list<BodyRead> */
    public function lastReads(Job $job): array
    {
        $check = $this->lastCheck($job);
        $bodies = $this->bodies($job)->keyBy('id');
        $reads = [];
        foreach ($check->read ?? [] as $row) {
            $body = $bodies->get($row['body']);
            if ($body !== null) {
                $reads[] = new BodyRead(
                    $body->id,
                    $body->item->label,
                    $body->serial,
                    SaveMode::from($body->planned_mode),
                    SlotReader::ofRow($row['slot1']),
                    SlotReader::ofRow($row['slot2']),
                );
            }
        }

        return $reads;
    }

    /** Ready to shoot? */
    public function verdicts(Job $job): Verdicts
    {
        if ($this->bodies($job)->isEmpty()) {
            return new Verdicts([
                Verdict::mind(
                    'camera.no-body',
                    'No body is on the packing list.',
                    'Put the bodies in under Kit; their cards are checked here.',
                ),
            ]);
        }
        $after = $this->afterTheDay($job);
        if ($after !== null) {
            return $after;
        }
        $check = $this->lastCheck($job);
        if ($check === null) {
            return new Verdicts([
                Verdict::fix(
                    'camera.not-read',
                    'The bodies have proved nothing yet.',
                    'Fire a test frame with all of them at the same moment, put the cards in the reader, and read them.',
                    remedy: new Remedy('camera.read', 'Read the test frames'),
                ),
            ]);
        }
        if ($this->isStale($job, (float) $check->at->format('U.v'))) {
            return new Verdicts([
                Verdict::fix(
                    'camera.stale',
                    'A card was changed since the bodies were read.',
                    "The last reading is of {$check->at->timezone($job->place->timezone)->format(
                        'H:i',
                    )}, and a card went in or out after it: fire again and read again.",
                    remedy: new Remedy('camera.read', 'Read the test frames'),
                ),
            ]);
        }

        return CameraCheck::of($this->lastReads($job), fn (string $hash): bool => $this->copies->isSafe($hash));
    }

    /** Once no card is in a body and some are shot, the question is what each still needs; null before. */
    private function afterTheDay(Job $job): ?Verdicts
    {
        $shot = $this->shot($job);
        if ($shot->isEmpty() || $this->slots($job) !== []) {
            return null;
        }

        return CardsAfter::of(
            $shot
                ->map(
                    fn (Card $card): CardAfter => new CardAfter(
                        $card->id,
                        $card->item->label,
                        ($life = $this->log->lifeOf($card)),
                        $life->state === CardState::Permitted ? $this->copies->againstFormat($card) : null,
                    ),
                )
                ->values()
                ->all(),
        );
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

    private function isStale(Job $job, float $checkedAt): bool
    {
        foreach ($this->cards($job) as $card) {
            $life = $this->log->lifeOf($card);
            if ($life->jobId === $job->id && max($life->loadedAt ?? 0, $life->leftAt ?? 0) > $checkedAt) {
                return true;
            }
        }

        return false;
    }

    /**
     * What lies on the cards of the packing list: those in a reader are looked at, of the others only their log tells.
     *
     * @param  bool  $isRead  whether the test frames on the cards in the bodies were read, and nothing else was found on them
     */
    public function seen(Job $job, bool $isRead): CardsSeen
    {
        $empty = $unseen = 0;
        $holding = [];
        foreach ($this->packed($job) as $card) {
            $state = $this->log->lifeOf($card)->state;
            $isEmpty = $this->isEmpty($card);
            $isHolding =
                in_array($state, [CardState::Shot, CardState::Permitted], true) ||
                ($state === CardState::Ready && $isEmpty === false) ||
                ($state === CardState::InBody && $isRead && $this->hasLeftovers($job, $card));
            match (true) {
                $isHolding => ($holding[] = $card->item->label),
                $state === CardState::InBody ? ! $isRead : $isEmpty === null => $unseen++,
                default => $empty++,
            };
        }

        return new CardsSeen($empty, $unseen, $holding);
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

    private function hasLeftovers(Job $job, Card $card): bool
    {
        $body = $this->log->lifeOf($card)->bodyId;
        foreach ($this->verdicts($job) as $verdict) {
            if (str_starts_with($verdict->code, 'camera.leftovers') && ($verdict->figures['body'] ?? $body) === $body) {
                return true;
            }
        }

        return false;
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
