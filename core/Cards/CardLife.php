<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

/** A card's state, computed from its log. A fill is what lies between two formats. */
final readonly class CardLife
{
    /**
     * @param  array<string, string>  $acceptedLosses  words by path
     * @param  array<string, mixed>|null  $twinCheck  what the last twin check since sealing found
     */
    private function __construct(
        public int $fill,
        public CardState $state,
        public ?int $jobId,
        public ?int $bodyId,
        public ?int $slot,
        public ?float $loadedAt,
        public bool $isSealed,
        public ?array $twinCheck,
        public array $acceptedLosses,
    ) {}

    /** @param iterable<CardEvent> $events in any order */
    public static function of(iterable $events): self
    {
        $list = is_array($events) ? array_values($events) : iterator_to_array($events, false);
        usort($list, static fn (CardEvent $a, CardEvent $b): int => $a->at <=> $b->at);
        $fill = 1;
        $state = CardState::Ready;
        $job = $body = $slot = $twin = null;
        $sealed = false;
        $loadedAt = null;
        $losses = [];
        foreach ($list as $event) {
            switch ($event->kind) {
                case CardEventKind::Loaded:
                    $job = $event->jobId ?? $job;
                    $body = $event->bodyId;
                    $slot = $event->slot;
                    $loadedAt = $event->at;
                    $state = $state === CardState::Ready ? CardState::InBody : $state;
                    break;
                case CardEventKind::Unloaded:
                    $state = $state === CardState::InBody ? CardState::Shot : $state;
                    break;
                case CardEventKind::Sealed:
                    $sealed = true;
                    $twin = null;
                    $state = CardState::Shot;
                    break;
                case CardEventKind::TwinChecked:
                    $twin = $event->data;
                    break;
                case CardEventKind::LossAccepted:
                    $losses[(string) ($event->data['path'] ?? '')] = (string) ($event->data['words'] ?? '');
                    break;
                case CardEventKind::Permitted:
                    $state = CardState::Permitted;
                    break;
                case CardEventKind::Refused:
                    $state = $state === CardState::Permitted ? CardState::Shot : $state;
                    break;
                case CardEventKind::Formatted:
                    $fill++;
                    $state = CardState::Ready;
                    $job = $body = $slot = $twin = $loadedAt = null;
                    $sealed = false;
                    $losses = [];
                    break;
                case CardEventKind::Bought:
                    break;
            }
        }

        return new self($fill, $state, $job, $body, $slot, $loadedAt, $sealed, $twin, $losses);
    }
}
