<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Cards\CameraCheckRecord;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use NorthSatchel\Cards\After\CardAfter;
use NorthSatchel\Cards\After\CardsAfter;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Check\BodyRead;
use NorthSatchel\Cards\Check\CameraCheck;
use NorthSatchel\Kit\Judge\TicksJudge;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Are the bodies ready to shoot? Their test frames are read, and what was read is judged. */
final class BodyCheckDesk
{
    public function __construct(
        private readonly CardsDesk $cards,
        private readonly CardLog $log,
        private readonly KnownCopies $copies,
        private readonly SlotReader $reader,
    ) {}

    /** Reads the cards of all bodies and keeps what was found. */
    public function readTestFrames(Job $job): void
    {
        $slots = $this->cards->slots($job);
        $read = [];
        foreach ($this->cards->bodies($job) as $body) {
            $row = ['body' => $body->id];
            foreach ([1, 2] as $slot) {
                $card = $slots[$body->id][$slot] ?? null;
                $row["slot{$slot}"] = SlotReader::row($card === null ? null : $this->reader->read($job, $card));
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
        $bodies = $this->cards->bodies($job)->keyBy('id');
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
        if ($this->cards->bodies($job)->isEmpty()) {
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
                (JobDay::daysTo($job) <= TicksJudge::NEAR_DAYS ? Verdict::fix(...) : Verdict::mind(...))(
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
        $shot = $this->cards->shot($job);
        if ($shot->isEmpty() || $this->cards->slots($job) !== []) {
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

    private function isStale(Job $job, float $checkedAt): bool
    {
        foreach ($this->cards->cards($job) as $card) {
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
        foreach ($this->cards->packed($job) as $card) {
            $state = $this->log->lifeOf($card)->state;
            $isEmpty = $this->cards->isEmpty($card);
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
}
