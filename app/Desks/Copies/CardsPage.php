<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Cards\BodyCheckDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\RunDesk;
use App\Devices\Devices;
use App\Models\Brief\Job;
use App\Models\Cards\CardLoad;
use App\Models\Cards\Frame;
use App\Models\Kit\Body;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardLife;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Twin\TwinVerdict;

/** The cards page: bodies with their slots, and every card with what can be done with it next. */
final class CardsPage
{
    public function __construct(
        private readonly CardsDesk $cards,
        private readonly BodyCheckDesk $bodies,
        private readonly ProofDesk $proofs,
        private readonly PermitDesk $permits,
        private readonly RunDesk $runs,
        private readonly OfferedCopies $offered,
    ) {}

    /**
     * @param  int|null  $asked  the card whose permit was asked for just now
     * @return array<string, mixed>
     */
    public function page(Job $job, ?int $asked): array
    {
        $lives = $this->cards->cards($job)->mapWithKeys(fn (Card $c): array => [$c->id => $this->cards->lifeOf($c)])->all();
        $check = $this->bodies->lastCheck($job);
        $entries = $this->entries($job, $lives, $asked);

        return [
            'bodies' => $this->panels($job),
            'lives' => $lives,
            'ready' => $this->cards
                ->cards($job)
                ->filter(static fn (Card $c): bool => $lives[$c->id]->state === CardState::Ready)
                ->values(),
            'wallet' => $entries,
            'stands' => array_combine(array_map(static fn (CardEntry $e): int => $e->card->id, $entries), array_column($entries, 'stands')),
            'checkedAt' => $check?->at->timezone($job->place->timezone)->format('H:i:s'),
            'canMeddle' => $this->cards->shot($job)->contains(fn (Card $c): bool => $this->cards->lifeOf($c)->isSealed),
            'canSealAll' => $this->sealable($job)->isNotEmpty(),
            'canCompareAll' => $this->cards
                ->cards($job)
                ->contains(
                    static fn (Card $c): bool => $lives[$c->id]->isSealed && ! $lives[$c->id]->isFree() && $lives[$c->id]->twinCheck === null,
                ),
        ];
    }

    /** @return Collection<int, Card> used on this job and not sealed yet */
    public function sealable(Job $job): Collection
    {
        return $this->cards
            ->cards($job)
            ->filter(function (Card $card) use ($job): bool {
                $life = $this->cards->lifeOf($card);

                return ($life->jobId === $job->id || $life->state === CardState::Shot) &&
                    ! $life->isSealed &&
                    ! $life->isFree() &&
                    $card->folder !== null;
            })
            ->values();
    }

    /** @return list<CardPanel> */
    private function panels(Job $job): array
    {
        $slots = $this->cards->slots($job);
        $reads = [];
        foreach ($this->bodies->lastReads($job) as $read) {
            $reads[$read->bodyId] = $read;
        }

        return array_values(
            $this->cards
                ->bodies($job)
                ->map(
                    static fn (Body $body): CardPanel => new CardPanel(
                        $body,
                        $job->packing->firstWhere('item_id', $body->item_id)->lane ?? 'lead',
                        $slots[$body->id] ?? [],
                        isset($reads[$body->id]) ? $reads[$body->id]->found() : 'not read yet',
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param  array<int, CardLife>  $lives
     * @return list<CardEntry>
     */
    private function entries(Job $job, array $lives, ?int $asked): array
    {
        $files = Frame::ofLoads(
            array_map(static fn (int $id, CardLife $life): CardLoad => new CardLoad($id, $life->fill), array_keys($lives), array_values($lives)),
        )
            ->groupBy('card_id', 'fill')
            ->selectRaw('card_id, fill, count(*) as files, sum(bytes) as bytes')
            ->toBase()
            ->get()
            ->keyBy(static fn (object $row): string => "{$row->card_id} {$row->fill}");
        $written = $this->permits->written(array_keys($lives));
        $entries = [];
        foreach ($this->cards->cards($job) as $card) {
            $life = $lives[$card->id];
            $isMine =
                ! $life->isFree() && ($life->jobId === $job->id || in_array($life->state, [CardState::Shot, CardState::Permitted], true));
            $permit =
                $isMine && $life->isSealed && ($asked === $card->id || $life->state === CardState::Permitted || $life->differing !== [])
                    ? $this->proofs->answer($card)
                    : null;
            $holds = $life->state === CardState::Ready && $this->cards->isEmpty($card) === false;
            $index = $files->get("{$card->id} {$life->fill}");
            $entries[] = new CardEntry(
                card: $card,
                life: $life,
                isStandIn: $card->folder !== null && Devices::isStandIn($card->folder),
                stands: self::stands($life, $permit, $holds),
                where: $holds ? 'its log calls it ready, and files lie on it' : $this->where($job, $card, $life),
                facts: array_values(
                    array_filter([
                        $index === null ? null : "{$index->files} files, ".number_format($index->bytes / 1e6, 1).' MB sealed',
                        $isMine ? self::twin($this->cards->twinOf($job, $card), $life) : null,
                        $life->fill > 1
                            ? 'formatted '.($life->fill === 2 ? 'once' : $life->fill - 1 .' times').' since it is on the shelf'
                            : null,
                        $life->look === null
                            ? null
                            : "{$life->look->frames} frames looked at 1:1".($life->look->isPassed() ? '' : ', with trouble'),
                        $life->faults === []
                            ? null
                            : (count($life->faults) === 1 ? 'in its log: ' : 'in its log '.count($life->faults).' times, last: ').
                                $life->faults[count($life->faults) - 1]->words,
                        $permit === null && $life->lastRefusal !== null ? 'last refused: '.$life->lastRefusal : null,
                    ]),
                ),
                findings: $permit === null ? null : $this->runs->withheld($job, $this->offered->of($job, $card, $permit->verdicts)),
                lost: self::lost($permit),
                steps: $isMine ? self::steps($life, $card, $card->folder !== null && Devices::isStandIn($card->folder), $permit) : [],
                others: $this->others($job, $card),
                hasPaper: isset($written["{$card->id} {$life->fill}"]),
            );
        }

        return $entries;
    }

    /** What is written on the drawing of a card: a permit that is void at this moment is none. */
    private static function stands(CardLife $life, ?FormatPermit $permit, bool $holds): string
    {
        return match (true) {
            $holds => 'holds files',
            $life->state === CardState::Permitted && $permit?->isGranted !== true => 'permit void',
            default => $life->state->value,
        };
    }

    /** Whose frames are on a load that serves several jobs. */
    private function others(Job $job, Card $card): ?string
    {
        foreach ($this->cards->loads($job) as $load) {
            if ($load->card->id === $card->id && $load->isPresent && count($load->jobs()) > 1) {
                return 'By the hours of your jobs it holds frames of '.
                    implode(
                        ' and ',
                        Job::query()->whereIn('id', $load->jobs())->orderBy('date')->orderBy('covered_from')->pluck('name')->all(),
                    ).
                    '; the permit asks for all of it.';
            }
        }

        return null;
    }

    private function where(Job $job, Card $card, CardLife $life): string
    {
        $body = $life->bodyId === null ? null : $this->cards->bodies($job)->firstWhere('id', $life->bodyId);

        return match (true) {
            $life->state === CardState::Retired => 'retired: not to be used again',
            $life->state === CardState::Aside => "out of use: {$life->aside}",
            $life->state === CardState::Ready => $card->folder === null ? 'in the bag, ready' : 'ready',
            $life->state === CardState::InBody => "in slot {$life->slot} of ".($body->item->label ?? 'a body'),
            default => 'shot in '.($body->item->label ?? 'a body').", slot {$life->slot}",
        };
    }

    /** @return list<string> */
    private static function steps(CardLife $life, Card $card, bool $isStandIn, ?FormatPermit $permit): array
    {
        if ($card->folder === null || $life->isFree()) {
            return [];
        }

        return match (true) {
            ! $life->isSealed => ['seal'],
            $life->differing !== [] => ['seal'],
            $life->state === CardState::Permitted && $permit?->isGranted === true => [
                $isStandIn || $life->releasedAt !== null ? 'format' : 'release',
                'paper',
            ],
            $life->state === CardState::Permitted => ['gone', 'permit'],
            default => [
                $life->twinCheck === null ? 'twin' : '',
                in_array($life->twinCheck?->verdict, [TwinVerdict::Repairable, TwinVerdict::Split, TwinVerdict::Overflow], true)
                    ? 'heal'
                    : '',
                $life->look?->isPassed() === true ? '' : 'look',
                'permit',
            ],
        };
    }

    /** Which card was in the body with it, and what the comparison said. */
    private static function twin(?Card $twin, CardLife $life): ?string
    {
        return $twin === null
            ? null
            : "twin of {$twin->item->label}".($life->twinCheck === null ? '' : ": {$life->twinCheck->verdict->value}");
    }

    /** The first frame that is whole nowhere, when the permit hangs on it. */
    private static function lost(?FormatPermit $permit): ?string
    {
        foreach ($permit->verdicts ?? [] as $verdict) {
            if ($verdict->remedy?->action === 'card.accept-loss') {
                return (string) $verdict->remedy->on['path'];
            }
        }

        return null;
    }
}
