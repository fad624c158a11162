<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\CardLog;
use App\Desks\Cards\OwnerRules;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\Brief\Job;
use App\Models\Cards\PermitRecord;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Permit\LossAtFormat;
use NorthSatchel\Cards\Permit\PermitPaper;
use NorthSatchel\Volume\Names;
use NorthSatchel\Volume\UnableToRead;

/** May I format this card? Asking, releasing, and what came of it. */
final class PermitDesk
{
    public function __construct(
        private readonly CardLog $log,
        private readonly ProofDesk $proofs,
        private readonly PermitLook $look,
        private readonly OwnerRules $rules,
    ) {}

    /**
     * Asks for the permit: card and copies are read again by the owner's choice, and the answer goes into the card's log.
     *
     * @param  (\Closure(int, string): void)|null  $onBytes
     */
    public function ask(Job $job, Card $card, string $who, ?\Closure $onBytes = null): FormatPermit
    {
        $life = $this->log->lifeOf($card);
        $said = $this->look->again($job, $card, $this->look->plan($card), $onBytes);
        $permit = $this->proofs->answer($card, $said);
        $worst = $permit->verdicts->worst();
        $this->log->note($job, $card, $permit->isGranted ? CardEventKind::Permitted : CardEventKind::Refused, [
            'because' => (string) $worst?->because,
            'code' => (string) $worst?->code,
            'said' => $said,
        ]);
        if ($permit->isGranted) {
            $paper = $this->write($permit, $who);
            PermitRecord::query()->create([
                'card_id' => $card->id,
                'fill' => $life->fill,
                'job_id' => $job->id,
                'who' => $who,
                'paper' => $paper,
                'at' => now(),
            ]);
        }

        return $permit;
    }

    /**
     * What a permit would say as things stand; it is not kept.
     *
     * @return array<string, mixed>
     */
    public function unwritten(FormatPermit $standing): array
    {
        return $this->write($standing, '');
    }

    /** @return array<string, mixed> */
    private function write(FormatPermit $permit, string $who): array
    {
        $rule = $this->rules->record();

        return PermitPaper::of($permit, now()->getTimestamp(), $who, [
            'copies' => $permit->question->proof->wanted,
            'elsewhere' => $rule->waits_for_elsewhere,
            'away_days' => $rule->away_days,
            'looks_first' => $rule->looks_first,
            'reads_again' => $rule->reads_again,
        ]);
    }

    /** What a permit that was given is worth now. */
    public function standing(Card $card): FormatPermit
    {
        return $this->proofs->answer($card);
    }

    /**
     * @param  list<int>  $cardIds
     * @return array<string, true> loads for which a permit was given, by "card fill"
     */
    public function written(array $cardIds): array
    {
        $loads = PermitRecord::query()
            ->whereIn('card_id', $cardIds)
            ->toBase()
            ->get(['card_id', 'fill'])
            ->map(static fn (\stdClass $p): string => "{$p->card_id} {$p->fill}")
            ->all();

        return array_fill_keys($loads, true);
    }

    /** The last permit that was given for a load. */
    public function paper(int $cardId, int $fill): ?PermitRecord
    {
        return PermitRecord::query()->where('card_id', $cardId)->where('fill', $fill)->latest('id')->first();
    }

    /**
     * The last look before a card is taken out and formatted: everything is compared once more, there and then.
     *
     * @throws ValidationException when there is no permit, or it holds no more
     */
    public function release(Job $job, Card $card): void
    {
        if ($this->log->lifeOf($card)->state !== CardState::Permitted) {
            throw ValidationException::withMessages(["card{$card->id}" => 'There is no permit for this card: ask for it first.']);
        }
        // What was lost since the permit voids it, also where reading now would find enough: then it is asked for again.
        $this->refuseVoid($job, $card);
        $plan = $this->look->plan($card);
        if ($plan->bytes <= (int) config('satchel.reads_at_once')) {
            $this->look->again($job, $card, $plan, null);
        }
        $this->refuseVoid($job, $card);
        $this->log->note($job, $card, CardEventKind::Released);
    }

    /**
     * Formats a stand-in card, or takes note that a real one was formatted in its camera. Whatever is missing then is said, and
     * the card stays out of use.
     *
     * @return string what came of it
     *
     * @throws ValidationException when the permit is missing, void, or the card is not empty
     * @throws FolderNotAllowed
     * @throws UnableToRead
     */
    public function format(Job $job, Card $card): string
    {
        $life = $this->log->lifeOf($card);
        if ($life->state !== CardState::Permitted) {
            throw ValidationException::withMessages(["card{$card->id}" => 'There is no permit for this card: ask for it first.']);
        }
        $isStandIn = Devices::isStandIn(Devices::card($card)->root());
        if ($isStandIn) {
            $this->release($job, $card);
            $life = $this->log->lifeOf($card);
            $body =
                Body::query()->find($life->bodyId) ??
                throw ValidationException::withMessages([
                    "card{$card->id}" => 'The log does not tell in which body this card is: say so on the cards page, then format it.',
                ]);
            Devices::camera($body)->format((string) $card->folder, Devices::standIns().'/formatted');
        }
        $left = [];
        foreach (Devices::card($card)->entries() as $entry) {
            $left[] = Names::printable($entry->path);
        }
        if ($left !== []) {
            $this->refuseVoid($job, $card);
            throw ValidationException::withMessages([
                "card{$card->id}" => 'The card still holds '.
                    count($left).
                    ' files, '.
                    basename($left[0]).
                    ' among them: format it in its camera, put it back into the reader, and say so again.',
            ]);
        }
        $found = $this->proofs->proof($card->id, $life);
        $loss = LossAtFormat::of($card->item->label, $found->proof, $found->fallen, $life->releasedAt !== null);
        $this->log->note($job, $card, CardEventKind::Formatted, ['stand_in' => $isStandIn]);
        if ($loss !== null) {
            $this->log->note($job, $card, CardEventKind::Incident, ['words' => $loss->finding.' '.$loss->because, 'is_fault' => false]);
            $this->log->note($job, $card, CardEventKind::SetAside, ['words' => $loss->finding.' '.$loss->because]);

            return "{$card->item->label} is empty and out of use. {$loss->finding} {$loss->because}";
        }

        return "{$card->item->label} is empty and ready; the format is in its log.";
    }

    public function acceptLoss(Job $job, Card $card, string $path, string $words): void
    {
        $this->log->note($job, $card, CardEventKind::LossAccepted, ['path' => $path, 'words' => $words]);
    }

    /** Said in writing: there is no other card any more. From then on one more copy is wanted. */
    public function loseTwin(Job $job, Card $card, string $words): void
    {
        $this->log->note($job, $card, CardEventKind::TwinLost, ['words' => $words]);
    }

    public function backInUse(Job $job, Card $card, string $words): void
    {
        $this->log->note($job, $card, CardEventKind::BackInUse, ['words' => $words]);
    }

    /** @throws ValidationException */
    private function refuseVoid(Job $job, Card $card): void
    {
        $permit = $this->proofs->answer($card);
        if (! $permit->isGranted) {
            $because = 'The permit is void: '.$permit->verdicts->worst()?->because;
            $this->log->note($job, $card, CardEventKind::Refused, ['because' => $because, 'code' => (string) $permit->verdicts->worst()?->code]);
            throw ValidationException::withMessages(["card{$card->id}" => $because]);
        }
    }
}
