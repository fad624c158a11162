<?php

declare(strict_types=1);

namespace App\Desks;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Body;
use App\Models\CameraCheckRecord;
use App\Models\Card;
use App\Models\Frame;
use App\Models\Job;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\After\CardAfter;
use NorthSatchel\Cards\After\CardsAfter;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Check\BodyRead;
use NorthSatchel\Cards\Check\CameraCheck;
use NorthSatchel\Cards\Check\FrameSeen;
use NorthSatchel\Cards\Check\SlotRead;
use NorthSatchel\Cards\Picture\FrameKind;
use NorthSatchel\Cards\Picture\PictureInspector;
use NorthSatchel\Copies\Digest;
use NorthSatchel\Copies\Volume\EntryKind;
use NorthSatchel\Copies\Volume\UnableToRead;
use NorthSatchel\Copies\Volume\Volume;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Cards before and during the job: what is in which body, and the check that the bodies are ready. */
final class CardsDesk
{
    /** A card with more files than this is not hashed for a check: it is no card with test frames. */
    private const HASH_UP_TO = 200;

    /** @var \WeakMap<Job, Collection<int, Card>> as the job was opened */
    private readonly \WeakMap $cardsOf;

    public function __construct(private readonly CardLog $log, private readonly CopyLedger $ledger)
    {
        $this->cardsOf = new \WeakMap;
    }

    /** @return Collection<int, Body> the bodies on the packing list */
    public function bodies(Job $job): Collection
    {
        return $job->packing->map(static fn ($entry): ?Body => $entry->item->body?->setRelation('item', $entry->item))
            ->filter()->sortBy(static fn (Body $b): string => $b->item->label)->values();
    }

    /** @return Collection<int, Card> the cards on the packing list */
    public function cards(Job $job): Collection
    {
        /** @var Collection<int, Card> $found */
        $found = $this->cardsOf[$job] ?? $job->packing->map(static fn ($entry): ?Card => $entry->item->card?->setRelation('item', $entry->item))
            ->filter()->sortBy(static fn (Card $c): string => $c->item->label)->values();

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
                $row["slot{$slot}"] = isset($slots[$body->id][$slot]) ? $this->readSlot($job, $slots[$body->id][$slot]) : null;
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
                $reads[] = new BodyRead($body->id, $body->item->label, $body->serial, SaveMode::from($body->planned_mode),
                    self::slotOfRow($row['slot1']), self::slotOfRow($row['slot2']));
            }
        }

        return $reads;
    }

    /** Ready to shoot? */
    public function verdicts(Job $job): Verdicts
    {
        if ($this->bodies($job)->isEmpty()) {
            return new Verdicts([Verdict::mind('camera.no-body', 'No body is on the packing list.', 'Put the bodies in under Kit; their cards are checked here.')]);
        }
        $after = $this->afterTheDay($job);
        if ($after !== null) {
            return $after;
        }
        $check = $this->lastCheck($job);
        if ($check === null) {
            return new Verdicts([Verdict::fix('camera.not-read', 'The bodies have proved nothing yet.',
                'Fire a test frame with all of them at the same moment, put the cards in the reader, and read them.',
                remedy: new Remedy('camera.read', 'Read the test frames'))]);
        }
        if ($this->isStale($job, (float) $check->at->format('U.v'))) {
            return new Verdicts([Verdict::fix('camera.stale', 'A card was changed since the bodies were read.',
                "The last reading is of {$check->at->timezone($job->place->timezone)->format('H:i')}, and a card went in or out after it: fire again and read again.",
                remedy: new Remedy('camera.read', 'Read the test frames'))]);
        }

        return CameraCheck::of($this->lastReads($job), fn (string $hash): bool => $this->ledger->isSafe($hash));
    }

    /** Once no card is in a body and some are shot, the question is what each still needs; null before. */
    private function afterTheDay(Job $job): ?Verdicts
    {
        $shot = $this->cards($job)->filter(function (Card $card) use ($job): bool {
            $life = $this->log->lifeOf($card);

            return $life->jobId === $job->id && in_array($life->state, [CardState::Shot, CardState::Permitted], true);
        });
        if ($shot->isEmpty() || $this->slots($job) !== []) {
            return null;
        }

        return CardsAfter::of($shot->map(fn (Card $card): CardAfter => new CardAfter($card->id, $card->item->label, $this->log->lifeOf($card)))->values()->all());
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
     * Lists a shot card, with what its frames say of themselves; nothing is hashed or changed.
     *
     * @throws FolderNotAllowed
     * @throws UnableToRead when it cannot be listed, or is empty
     */
    public function seal(Card $card): int
    {
        $life = $this->log->lifeOf($card);
        $volume = Devices::card($card);
        $rows = [];
        foreach ($volume->entries() as $entry) {
            if ($entry->kind === EntryKind::Folder) {
                throw UnableToRead::fromPath($entry->path, 'the folder cannot be looked into');
            }
            if ($entry->kind !== EntryKind::File) {
                continue;
            }
            $kind = FrameKind::of($entry->path);
            $exif = $kind === null ? null : PictureInspector::exif($volume, $entry->path);
            $rows[] = [
                'card_id' => $card->id, 'fill' => $life->fill, 'body_id' => $life->bodyId, 'path' => $entry->path, 'kind' => $kind?->value,
                'bytes' => $entry->bytes, 'modified_at' => $entry->modifiedAt, 'taken_at' => $exif?->instant(0), 'body_serial' => $exif?->bodySerial,
                'lens' => $exif?->lens, 'shutter_s' => $exif?->shutterS, 'f_number' => $exif?->fNumber, 'iso' => $exif?->iso,
            ];
        }
        if ($rows === []) {
            throw UnableToRead::fromPath($card->item->label, 'there is nothing on it');
        }
        $this->ledger->index($card->id, $life->fill, $rows);
        $this->log->add($card, CardEventKind::Sealed, $life->jobId, $life->bodyId, $life->slot, ['files' => count($rows)]);

        return count($rows);
    }

    /** @return Collection<int, Frame> the frames of a card's present fill */
    public function framesOn(Card $card): Collection
    {
        return $this->ledger->framesOn($card->id, $this->log->lifeOf($card)->fill);
    }

    /** @return array{card: string, frames: list<array<string, mixed>>, loaded_at: int|null, problem: string|null} */
    private function readSlot(Job $job, Card $card): array
    {
        $loaded = $this->log->lifeOf($card)->loadedAt;
        $loadedAt = $loaded === null ? null : (int) $loaded;
        $zone = new \DateTimeZone($job->place->timezone);
        try {
            $volume = Devices::card($card);
            $found = [];
            foreach ($volume->entries() as $entry) {
                $kind = $entry->kind === EntryKind::File ? FrameKind::of($entry->path) : null;
                if ($kind !== null && preg_match('//u', $entry->path) === 1) {
                    $found[$entry->path] = $kind;
                }
            }
            $isHashed = count($found) <= self::HASH_UP_TO;
            $frames = [];
            foreach ($found as $path => $kind) {
                $exif = PictureInspector::exif($volume, (string) $path);
                $frames[] = (new FrameSeen((string) $path, $kind, $exif?->clock, $exif->offsetS ?? $zone->getOffset(now()), $exif?->bodySerial, $isHashed ? self::hash($volume, (string) $path) : null))->row();
            }

            return ['card' => $card->item->label, 'frames' => $frames, 'loaded_at' => $loadedAt, 'problem' => null];
        } catch (FolderNotAllowed|UnableToRead $e) {
            return ['card' => $card->item->label, 'frames' => [], 'loaded_at' => $loadedAt, 'problem' => $e->getMessage()];
        }
    }

    private static function hash(Volume $volume, string $path): string
    {
        $file = $volume->open($path);
        $digest = Digest::with();
        while (($bytes = $file->read(1 << 20)) !== '') {
            $digest->add($bytes);
        }
        $file->close();

        return $digest->hex();
    }

    /** @param  array{card: string, frames: list<array{path: string, kind: string, clock: int|null, zone: int, serial: string|null, hash: string|null}>, loaded_at: int|null, problem: string|null}|null  $row */
    private static function slotOfRow(?array $row): ?SlotRead
    {
        return $row === null ? null : new SlotRead($row['card'], array_map(FrameSeen::ofRow(...), $row['frames']), $row['loaded_at'], $row['problem']);
    }
}
