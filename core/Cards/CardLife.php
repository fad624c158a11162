<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

use NorthSatchel\Cards\Twin\TwinNote;

/** A card's state, computed from its log. A fill is what lies between two formats. */
final readonly class CardLife
{
    /**
     * @param  array<string, string>  $acceptedLosses  words by path
     * @param  TwinNote|null  $twinCheck  what the last twin check since sealing found
     * @param  array<int, int>  $pastFills  job by fill, of the sealed fills that were formatted away
     * @param  int|null  $lookedAt  how many frames of this fill were looked at 1:1 since it was sealed; null for none
     * @param  list<CardFault>  $faults  in all its life
     * @param  bool  $isRetiring  it is not to be used again; retired once it is empty
     */
    private function __construct(
        public int $fill,
        public CardState $state,
        public ?int $jobId,
        public ?int $bodyId,
        public ?int $slot,
        public ?float $loadedAt,
        public ?float $leftAt,
        public bool $isSealed,
        public ?TwinNote $twinCheck,
        public array $acceptedLosses,
        public array $pastFills,
        public ?string $lastRefusal,
        public ?int $lookedAt,
        public array $faults,
        public bool $isRetiring,
        public ?float $boughtAt,
    ) {}

    /** Whether it holds nothing of any job. */
    public function isFree(): bool
    {
        return $this->state === CardState::Ready || $this->state === CardState::Retired;
    }

    /** Whether two cards were in the two slots of one body at the same time. */
    public function sharedABodyWith(self $other): bool
    {
        return $this->bodyId !== null && $this->bodyId === $other->bodyId && $this->slot !== $other->slot
            && max($this->loadedAt ?? 0, $other->loadedAt ?? 0) < min($this->leftAt ?? INF, $other->leftAt ?? INF);
    }

    /** @param  iterable<CardEvent>  $events in any order */
    public static function of(iterable $events): self
    {
        $list = is_array($events) ? array_values($events) : iterator_to_array($events, false);
        usort($list, static fn (CardEvent $a, CardEvent $b): int => $a->at <=> $b->at);
        $fill = 1;
        $state = CardState::Ready;
        $job = $body = $slot = $twin = null;
        $sealed = false;
        $loadedAt = $leftAt = null;
        $losses = $past = [];
        $refusal = $looked = $bought = null;
        $faults = [];
        $isRetiring = false;
        foreach ($list as $event) {
            switch ($event->kind) {
                case CardEventKind::Loaded:
                    $job = $event->jobId ?? $job;
                    $body = $event->bodyId;
                    $slot = $event->slot;
                    $loadedAt = $event->at;
                    $leftAt = null;
                    $state = $state === CardState::Ready ? CardState::InBody : $state;
                    break;
                case CardEventKind::Unloaded:
                    $state = $state === CardState::InBody ? CardState::Shot : $state;
                    $leftAt ??= $event->at;
                    break;
                case CardEventKind::Sealed:
                    $leftAt ??= $event->at;
                    $sealed = true;
                    $twin = $looked = null;
                    $state = CardState::Shot;
                    break;
                case CardEventKind::TwinChecked:
                    $twin = TwinNote::ofRow($event->data);
                    $damaged = $twin->damaged();
                    if ($damaged > 0) {
                        $faults["twin {$fill}"] = new CardFault($event->at, $damaged === 1 ? 'a frame was damaged on it alone' : "{$damaged} frames were damaged on it alone", true);
                    }
                    break;
                case CardEventKind::LossAccepted:
                    $losses[$event->text('path')] = $event->text('words');
                    break;
                case CardEventKind::Permitted:
                    $refusal = null;
                    $state = CardState::Permitted;
                    break;
                case CardEventKind::Refused:
                    $refusal = $event->text('because');
                    $state = $state === CardState::Permitted ? CardState::Shot : $state;
                    break;
                case CardEventKind::Formatted:
                    if ($sealed && $job !== null) {
                        $past[$fill] = $job;
                    }
                    $fill++;
                    $state = CardState::Ready;
                    $job = $body = $slot = $twin = $loadedAt = $leftAt = null;
                    $sealed = false;
                    $losses = [];
                    $refusal = $looked = null;
                    break;
                case CardEventKind::Looked:
                    $looked = is_int($event->data['frames'] ?? null) ? $event->data['frames'] : 0;
                    break;
                case CardEventKind::Incident:
                    $faults[] = new CardFault($event->at, $event->text('words'), ($event->data['is_fault'] ?? true) === true);
                    break;
                case CardEventKind::Retired:
                    $isRetiring = true;
                    break;
                case CardEventKind::Bought:
                    $bought = $event->at;
                    break;
            }
        }

        $state = $isRetiring && $state === CardState::Ready ? CardState::Retired : $state;

        return new self($fill, $state, $job, $body, $slot, $loadedAt, $leftAt, $sealed, $twin, $losses, $past, $refusal, $looked, array_values($faults), $isRetiring, $bought);
    }
}
