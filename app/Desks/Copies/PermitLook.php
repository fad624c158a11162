<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Desks\Cards\FrameIndex;
use App\Desks\Cards\OwnerRules;
use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Copies\CopyEvent;
use App\Models\Kit\Card;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\Permit\Content;
use NorthSatchel\Cards\Permit\ReadAgain;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** What is read again before a permit: the card and the bags that are here, by the owner's choice. */
final class PermitLook
{
    public function __construct(
        private readonly CardLog $log,
        private readonly ProofDesk $proofs,
        private readonly CopyLedger $ledger,
        private readonly FrameIndex $frames,
        private readonly Places $places,
        private readonly BagReadings $eyes,
        private readonly OwnerRules $rules,
    ) {}

    /** How many bytes asking would read. */
    public function bytesToRead(Card $card): int
    {
        return $this->plan($card)->bytes;
    }

    /**
     * Reads the card, and the bags that are here, again; nothing where the card is already known not to be what was sealed.
     *
     * @param  (\Closure(int, string): void)|null  $onBytes
     * @return string|null what was read, in words
     */
    public function again(Job $job, Card $card, ReadAgain $plan, ?\Closure $onBytes): ?string
    {
        $life = $this->log->lifeOf($card);
        $q = $this->proofs->answer($card)->question;
        if (! $life->isSealed || $q->unreadable !== null || $q->changed !== [] || $q->differing !== []) {
            return null;
        }
        $this->readCard($job, $card, $life, $plan, $onBytes);
        foreach ($plan->isAll ? $this->bags($card, $life) : [] as $event) {
            $this->eyes->readAgain($event, 'permit', $onBytes);
        }

        return $plan->said;
    }

    /** @param  (\Closure(int, string): void)|null  $onBytes */
    private function readCard(Job $job, Card $card, CardLife $life, ReadAgain $plan, ?\Closure $onBytes): void
    {
        $hashes = $unreadable = [];
        $volume = Devices::card($card);
        foreach ($plan->paths as $path) {
            try {
                $hashes[$path] = Content::of(
                    $volume,
                    $path,
                    [],
                    $onBytes === null ? null : static fn (int $bytes) => $onBytes($bytes, $path),
                )->hash();
            } catch (UnableToRead) {
                $unreadable[] = $path;
            }
        }
        $differing = [...$this->frames->learn($card->id, $life->fill, $life->seals, $hashes), ...$unreadable];
        if ($differing !== []) {
            $this->log->note($job, $card, CardEventKind::Differs, ['paths' => array_map(Names::printable(...), $differing)]);
        }
    }

    public function plan(Card $card): ReadAgain
    {
        $life = $this->log->lifeOf($card);
        $files = $this->frames
            ->framesOn($card->id, $life->fill, $life->seals)
            ->mapWithKeys(static fn (Frame $f): array => [$f->path => [$f->bytes, $f->modified_at, $f->hash !== null]])
            ->all();
        $here = array_filter($this->bags($card, $life), fn (CopyEvent $e): bool => ! is_string($this->places->now($e->destination_id)));

        return ReadAgain::of(
            $this->rules->record()->reads_again,
            $files,
            count($here) * (int) array_sum(array_column($files, 0)),
            random_int(0, PHP_INT_MAX >> 1),
        );
    }

    /** @return list<CopyEvent> the last readings of the bags of this load and of its twin, and of all others that hold any of it */
    private function bags(Card $card, CardLife $life): array
    {
        $bags = [];
        $loads = [
            [$card->id, $life->fill],
            ...$life->twinCheck === null ? [] : [[$life->twinCheck->twinCardId, $life->twinCheck->twinFill]],
        ];
        foreach ($loads as [$id, $fill]) {
            foreach ($this->ledger->lastEvents($id, $fill) as $event) {
                $bags[$event->id] = $event;
            }
        }
        $hashes = $this->frames->framesOn($card->id, $life->fill, $life->seals)->pluck('hash')->filter()->values()->all();
        foreach ($this->ledger->holding($hashes) as $held) {
            $bags[$held->event->id] = $held->event;
        }

        return array_values(array_filter($bags, static fn (CopyEvent $e): bool => ($e->data['told'] ?? false) !== true));
    }
}
