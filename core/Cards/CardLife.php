<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

use NorthSatchel\Cards\Twin\TwinNote;
use NorthSatchel\Cards\Twin\TwinVerdict;
use NorthSatchel\Plural;

/** A card's state, computed from its log. A fill is what lies between two formats. */
final readonly class CardLife
{
    /**
     * @param  array<string, string>  $acceptedLosses  words by path
     * @param  TwinNote|null  $twinCheck  what the last twin check since sealing found
     * @param  array<int, int>  $pastFills  job by fill, of the sealed fills that were formatted away
     * @param  Look|null  $look  how frames of this fill were looked at 1:1 since it was sealed; null where nobody did
     * @param  int  $seals  how often this fill was sealed; the last one is its inventory
     * @param  array<string, string>  $notFiles  what is on it by the last seal and is no plain file: why, by name
     * @param  list<string>  $differing  what was found not to be as it was sealed
     * @param  string|null  $volume  what the file system on it called itself when it was sealed
     * @param  float|null  $releasedAt  when it was looked at a last time before its format; null where it was not
     * @param  string|null  $aside  why it is out of use; null where it is not
     * @param  array<int, list<string>>  $pastLosses  names of what was given up, by fill that was formatted away
     * @param  list<string>  $clashes  taps of this fill that contradict its log, in words
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
        public ?Look $look,
        public array $faults,
        public bool $isRetiring,
        public ?float $boughtAt,
        public int $seals,
        public array $notFiles,
        public array $differing,
        public ?string $volume,
        public bool $isTwinLost,
        public ?float $releasedAt,
        public ?string $aside,
        public array $clashes,
        public array $pastLosses,
    ) {}

    /** Whether it is known to have no twin: its body wrote to it alone, or the other one is lost. */
    public function isAlone(): bool
    {
        return $this->isTwinLost || $this->twinCheck?->verdict === TwinVerdict::Alone;
    }

    /** Whether it holds nothing of any job. */
    public function isFree(): bool
    {
        return in_array($this->state, [CardState::Ready, CardState::Retired, CardState::Aside], true);
    }

    /** Whether two cards were in the two slots of one body at the same time. */
    public function sharedABodyWith(self $other): bool
    {
        return $this->bodyId !== null &&
            $this->bodyId === $other->bodyId &&
            $this->slot !== $other->slot &&
            max($this->loadedAt ?? 0, $other->loadedAt ?? 0) < min($this->leftAt ?? INF, $other->leftAt ?? INF);
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
        $losses = $past = $pastLosses = [];
        $refusal = $look = $bought = $volume = $released = $aside = null;
        $seals = 0;
        $notFiles = $differing = $clashes = [];
        $isTwinLost = false;
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
                    $released = null;
                    $state = $state === CardState::Ready ? CardState::InBody : $state;
                    break;
                case CardEventKind::Unloaded:
                    $state = $state === CardState::InBody ? CardState::Shot : $state;
                    $leftAt ??= $event->at;
                    break;
                case CardEventKind::Sealed:
                    $leftAt ??= $event->at;
                    $sealed = true;
                    $seals++;
                    $twin = $look = $released = null;
                    // What was given up was given up of what lay there then.
                    $differing = $losses = [];
                    $notFiles = $event->texts('not_files');
                    $volume = $event->text('volume') ?: null;
                    $state = CardState::Shot;
                    break;
                case CardEventKind::TwinChecked:
                    $twin = TwinNote::ofRow($event->data);
                    $damaged = $twin->damaged();
                    if ($damaged > 0) {
                        $faults["twin {$fill}"] = new CardFault(
                            $event->at,
                            Plural::of($damaged, 'a frame was damaged on it alone', "{$damaged} frames were damaged on it alone"),
                            true,
                        );
                    }
                    break;
                case CardEventKind::LossAccepted:
                    $losses[$event->text('path')] = $event->text('words');
                    break;
                case CardEventKind::Permitted:
                    $refusal = $released = null;
                    $state = CardState::Permitted;
                    break;
                case CardEventKind::Refused:
                    $refusal = $event->text('because');
                    $released = null;
                    $state = $state === CardState::Permitted ? CardState::Shot : $state;
                    break;
                case CardEventKind::Formatted:
                    if ($sealed && $job !== null) {
                        $past[$fill] = $job;
                    }
                    if ($losses !== []) {
                        $pastLosses[$fill] = array_map(strval(...), array_keys($losses));
                    }
                    $fill++;
                    $state = CardState::Ready;
                    $job = $body = $slot = $twin = $loadedAt = $leftAt = null;
                    $sealed = $isTwinLost = false;
                    $seals = 0;
                    $losses = $notFiles = $differing = $clashes = [];
                    $refusal = $look = $volume = $released = null;
                    break;
                case CardEventKind::Looked:
                    $look = Look::ofRow($event->data);
                    break;
                case CardEventKind::Incident:
                    $faults[] = new CardFault($event->at, $event->text('words'), ($event->data['is_fault'] ?? true) === true);
                    break;
                case CardEventKind::Retired:
                    $isRetiring = true;
                    break;
                case CardEventKind::Differs:
                    $differing = array_values($event->texts('paths'));
                    $released = null;
                    $state = $state === CardState::Permitted ? CardState::Shot : $state;
                    break;
                case CardEventKind::Released:
                    $released = $event->at;
                    break;
                case CardEventKind::TwinLost:
                    $isTwinLost = true;
                    break;
                case CardEventKind::SetAside:
                    $aside = $event->text('words');
                    break;
                case CardEventKind::Clashed:
                    $clashes[] = $event->text('words');
                    $released = null;
                    break;
                case CardEventKind::BackInUse:
                    $aside = null;
                    break;
                case CardEventKind::Bought:
                    $bought = $event->at;
                    break;
            }
        }

        $state = match (true) {
            $state !== CardState::Ready => $state,
            $isRetiring => CardState::Retired,
            $aside !== null => CardState::Aside,
            default => $state,
        };

        return new self(
            $fill,
            $state,
            $job,
            $body,
            $slot,
            $loadedAt,
            $leftAt,
            $sealed,
            $twin,
            $losses,
            $past,
            $refusal,
            $look,
            array_values($faults),
            $isRetiring,
            $bought,
            $seals,
            $notFiles,
            $differing,
            $volume,
            $isTwinLost,
            $released,
            $aside,
            array_values(array_unique($clashes)),
            $pastLosses,
        );
    }
}
