<?php

declare(strict_types=1);

namespace App\Desks;

use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Body;
use App\Models\Card;
use App\Models\Job;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Permit\PermitFrame;
use NorthSatchel\Cards\Permit\PermitQuestion;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Copies\Names;
use NorthSatchel\Copies\Volume\EntryKind;
use NorthSatchel\Copies\Volume\UnableToRead;

/** May I format this card? */
final class PermitDesk
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CardsDesk $cards,
        private readonly CopyLedger $ledger, private readonly AuditDesk $audits) {}

    /** The answer as things stand now; nothing is logged. */
    public function answer(Card $card): FormatPermit
    {
        return FormatPermit::of($this->question($card));
    }

    /** Asks for the permit: the answer goes into the card's log. */
    public function ask(Job $job, Card $card): FormatPermit
    {
        $permit = $this->answer($card);
        $life = $this->log->lifeOf($card);
        $this->log->add(
            $card,
            $permit->isGranted ? CardEventKind::Permitted : CardEventKind::Refused,
            $job->id,
            $life->bodyId,
            $life->slot,
            ['because' => (string) $permit->verdicts->worst()?->because, 'code' => (string) $permit->verdicts->worst()?->code],
        );

        return $permit;
    }

    /**
     * Formats a stand-in card, or takes note that a real one was formatted in its camera.
     *
     * @throws ValidationException when the permit is missing, void, or the card is not empty
     * @throws FolderNotAllowed
     * @throws UnableToRead
     */
    public function format(Job $job, Card $card): void
    {
        $life = $this->log->lifeOf($card);
        if ($life->state !== CardState::Permitted) {
            throw ValidationException::withMessages(["card{$card->id}" => 'There is no permit for this card: ask for it first.']);
        }
        $isStandIn = Devices::isStandIn(Devices::card($card)->root());
        if ($isStandIn) {
            $permit = $this->answer($card);
            if (! $permit->isGranted) {
                $this->log->add($card, CardEventKind::Refused, $job->id, $life->bodyId, $life->slot, ['because' => 'The permit is void: '.$permit->verdicts->worst()?->because]);
                throw ValidationException::withMessages(["card{$card->id}" => 'The permit is void: '.$permit->verdicts->worst()?->because]);
            }
            $body = Body::query()->findOrFail($life->bodyId);
            Devices::camera($body)->format((string) $card->folder, Devices::standIns().'/formatted');
        }
        $left = 0;
        foreach (Devices::card($card)->entries() as $entry) {
            $left++;
        }
        if ($left > 0) {
            throw ValidationException::withMessages(["card{$card->id}" => "The card still holds {$left} files: format it in its camera, put it back into the reader, and say so again."]);
        }
        $this->log->add($card, CardEventKind::Formatted, $job->id, $life->bodyId, $life->slot, ['stand_in' => $isStandIn]);
    }

    public function acceptLoss(Job $job, Card $card, string $path, string $words): void
    {
        $life = $this->log->lifeOf($card);
        $this->log->add($card, CardEventKind::LossAccepted, $job->id, $life->bodyId, $life->slot, ['path' => $path, 'words' => $words]);
    }

    private function question(Card $card): PermitQuestion
    {
        $life = $this->log->lifeOf($card);
        $frames = $this->cards->framesOn($card);
        [$changed, $unreadable] = $this->changes($card, $frames->mapWithKeys(static fn ($f): array => [$f->path => "{$f->bytes} {$f->modified_at}"])->all());
        $devices = $this->ledger->devicesByPath($card->id, $life->fill);
        $twinDevices = $life->twinCheck === null ? [] : $this->ledger->devicesByPath($life->twinCheck->twinCardId, $life->twinCheck->twinFill);
        $list = [];
        foreach ($frames as $frame) {
            if ($frame->kind === null) {
                continue;
            }
            $name = Names::printable($frame->path);
            $isTwinIntact = $life->twinCheck?->isTwinIntact($name) ?? false;
            $list[] = new PermitFrame(
                path: $name,
                state: $life->twinCheck?->stateOf($name) ?? Side::Intact,
                devices: $devices[$frame->path] ?? [],
                twinDevices: $isTwinIntact ? ($twinDevices[$frame->path] ?? []) : null,
                isLossAccepted: isset($life->acceptedLosses[$name]),
            );
        }

        return new PermitQuestion(
            cardId: $card->id,
            card: $card->item->label,
            isSealed: $life->isSealed,
            isTwinChecked: $life->twinCheck !== null,
            frames: $list,
            changed: $life->isSealed ? $changed : [],
            unreadable: $unreadable,
            wantedCopies: (int) config('satchel.copies_before_format'),
            elsewhere: $this->audits->devicesElsewhere(),
            isLookedAt: $this->audits->record()->looks_first ? $life->lookedAt !== null : null,
        );
    }

    /**
     * @param  array<string, string>  $sealed  size and time of change by path
     * @return array{list<string>, string|null} paths that differ from the seal, why the card cannot be read
     */
    private function changes(Card $card, array $sealed): array
    {
        try {
            $now = [];
            foreach (Devices::card($card)->entries() as $entry) {
                if ($entry->kind === EntryKind::File) {
                    $now[$entry->path] = "{$entry->bytes} {$entry->modifiedAt}";
                }
            }
        } catch (FolderNotAllowed|UnableToRead $e) {
            return [[], $e->getMessage()];
        }
        $changed = array_keys(array_diff_assoc($now, $sealed) + array_diff_assoc($sealed, $now));

        return [array_map(static fn (string|int $path): string => Names::printable((string) $path), $changed), null];
    }
}
