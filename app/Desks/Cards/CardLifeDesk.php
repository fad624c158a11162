<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Brief\Job;
use App\Models\Cards\Frame;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardEventKind;
use NorthSatchel\Cards\CardHealth;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\CardUse;
use NorthSatchel\Cards\Check\FrameToLookAt;
use NorthSatchel\Cards\Check\FrameToSample;
use NorthSatchel\Cards\Check\LookSample;
use NorthSatchel\Cards\Look;
use NorthSatchel\Picture\FrameKind;
use NorthSatchel\Verdict;
use NorthSatchel\Volume\Names;

/** The life of a card beside shooting and copying: looked through, mishaps, retirement. */
final class CardLifeDesk
{
    public function __construct(
        private readonly CardLog $log,
        private readonly CardsDesk $cards,
        private readonly FrameIndex $frames,
        private readonly OwnerRules $rules,
    ) {}

    /** @return list<FrameToLookAt> */
    public function sample(Card $card): array
    {
        $twin = $this->log->lifeOf($card)->twinCheck;
        $jpegs = static fn (Collection $frames): Collection => $frames
            ->filter(static fn (Frame $f): bool => $f->kind === FrameKind::Jpeg->value)
            ->sortBy([['taken_at', 'asc'], ['path', 'asc']]);
        $frames = $jpegs($this->cards->framesOn($card));
        // Where raw and jpeg were written apart, the jpegs of these frames are on the twin.
        if ($frames->isEmpty() && $twin !== null) {
            $frames = $jpegs($this->frames->framesOn($twin->twinCardId, $twin->twinFill));
        }

        return LookSample::of(
            array_values(
                $frames
                    ->map(
                        static fn (Frame $f): FrameToSample => new FrameToSample(
                            id: $f->id,
                            name: Names::printable(basename($f->path)),
                            bytes: $f->bytes,
                            isDiffering: isset($twin?->states[Names::printable($f->path)]),
                        ),
                    )
                    ->all(),
            ),
        );
    }

    /** @param  list<string>  $bad  names of frames that are not as they should be */
    public function looked(Job $job, Card $card, array $bad, string $words, bool $isWell, bool $goesAnyway): Look
    {
        $names = array_column($this->sample($card), 'name');
        $look = new Look(
            count($names),
            array_values(array_intersect($names, $bad)),
            trim($words),
            $isWell,
            $goesAnyway && trim($words) !== '',
        );
        $this->add($job, $card, CardEventKind::Looked, $look->row());

        return $look;
    }

    public function incident(Job $job, Card $card, string $words, bool $isFault): void
    {
        $this->add($job, $card, CardEventKind::Incident, ['words' => $words, 'is_fault' => $isFault]);
    }

    public function retire(Job $job, Card $card): void
    {
        $this->add($job, $card, CardEventKind::Retired);
    }

    /** @return list<Verdict> */
    public function verdicts(Job $job): array
    {
        $now = (float) now()->getTimestamp();

        $rule = $this->rules->record();
        $alone = [];
        foreach ($this->cards->slots($job) as $bodyId => $slots) {
            // A body that stays at home writes nothing here.
            $body = $this->cards->bodies($job)->firstWhere('id', $bodyId);
            if ($body !== null && count($slots) === 1) {
                $alone[] = CardUse::alone(
                    array_values($slots)[0]->item->label,
                    $body->item->label,
                    $rule->permit_copies + $rule->more_without_twin,
                    $rule->more_without_twin,
                );
            }
        }

        $found = [];
        foreach ($this->cards->cards($job) as $card) {
            $life = $this->log->lifeOf($card);
            $isEmpty = $life->state === CardState::Ready ? $this->cards->isEmpty($card) : null;
            $found[$card->item->label] = [
                ...$found[$card->item->label] ?? [],
                ...CardHealth::of($card->id, $card->item->label, $life, $now),
                ...CardUse::of($card->id, $card->item->label, $life, $job->id, $isEmpty),
            ];
        }

        return [...$alone, ...CardUse::together($found)];
    }

    /** @param  array<string, mixed>  $data */
    private function add(Job $job, Card $card, CardEventKind $kind, array $data = []): void
    {
        $life = $this->log->lifeOf($card);
        $this->log->add($card, $kind, $job->id, $life->bodyId, $life->slot, $data);
    }
}
