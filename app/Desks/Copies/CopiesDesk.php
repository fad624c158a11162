<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Brief\KeptFindings;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\LoadOfCard;
use App\Models\Brief\Job;
use App\Models\Cards\CardLoad;
use App\Models\Copies\CopyState;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Copies\Audit\CopyAudit;

/** Copies: where does every card's content lie, and is it enough? */
final class CopiesDesk
{
    private const NEAREST_FIRST = ['on-you', 'bag', 'home', 'elsewhere'];

    /** @var array<int, CopyAudit> by job, for this request */
    private array $audited = [];

    /**
     * @var array<int, list<GridRow>> by job,
     * for this request
     */
    private array $grids = [];

    /** @var Collection<int, Destination>|null */
    private ?Collection $destinations = null;

    public function __construct(
        private readonly CardLog $log,
        private readonly CardsDesk $cards,
        private readonly CopyLedger $ledger,
        private readonly AuditDesk $audits,
        private readonly HandoverDesk $handovers,
        private readonly CoverageDesk $coverage,
        private readonly Places $places,
    ) {}

    public function audit(Job $job): CopyAudit
    {
        return $this->audited[$job->id] ??= $this->audits->of($this->grid($job), $this->destinations());
    }

    /** @return Collection<int, Destination> */
    public function destinations(): Collection
    {
        return $this->destinations ??= $this->places
            ->all()
            ->sortBy(static fn (Destination $d): int => (int) array_search($d->kept, self::NEAREST_FIRST, true))
            ->values();
    }

    /**
     * The places across a job's grid: those that a bundle brought in only where they tell something of this job.
     *
     * @return Collection<int, Destination>
     */
    public function columns(Job $job): Collection
    {
        $grid = $this->grid($job);

        return $this->destinations()
            ->filter(
                static fn (Destination $d): bool => $d->route !== Destination::TOLD ||
                    array_filter($grid, static fn (GridRow $row): bool => $row->cells[$d->id] !== CopyState::None) !== [],
            )
            ->values();
    }

    /** @return Collection<int, Destination> that this program writes to, and that are here */
    public function ours(): Collection
    {
        return $this->destinations()
            ->filter(fn (Destination $d): bool => $d->route === Destination::OURS && $this->handovers->away($d->id) === null)
            ->values();
    }

    /** @return Collection<int, Card> shot cards with frames of the job that are not formatted yet */
    public function shotCards(Job $job): Collection
    {
        return $this->cards->shot($job);
    }

    /**
     * Card loads down, places across; what was formatted since stays in the list.
     *
     * @return list<GridRow>
     */
    public function grid(Job $job): array
    {
        return $this->grids[$job->id] ??= $this->rows($job);
    }

    /** @return list<GridRow> */
    private function rows(Job $job): array
    {
        $loads = $this->cards->loads($job);
        $this->coverage->keep(
            KeptFindings::of(
                $job,
                'coverage',
                fn (): array => $this->coverage->prepared(
                    array_map(fn (LoadOfCard $l): CardLoad => new CardLoad($l->card->id, $l->fill, $this->givenUp($l->card, $l->fill)), $loads),
                ),
            ),
        );
        $this->ledger->prepare(array_map(static fn (LoadOfCard $l): CardLoad => new CardLoad($l->card->id, $l->fill), $loads));
        $rows = [];
        foreach ($loads as $load) {
            $life = $this->log->lifeOf($load->card);
            if (! $load->isPresent) {
                $rows[] = $this->row($load->card, $load->fill, 'formatted', isSealed: true);
            } elseif (in_array($life->state, [CardState::Shot, CardState::Permitted], true)) {
                $rows[] = $this->row($load->card, $load->fill, $life->isSealed ? 'on the card too' : 'not sealed', $life->isSealed);
            }
        }

        return $rows;
    }

    /**
     * On how many media a load is verified is the least that any file of it lies on, by content: the same that the permit asks.
     */
    private function row(Card $card, int $fill, string $state, bool $isSealed): GridRow
    {
        $cells = [];
        $last = $this->ledger->lastEvents($card->id, $fill);
        $covered = $this->coverage->of($card->id, $fill, $this->givenUp($card, $fill));
        foreach ($this->destinations() as $destination) {
            $event = $last[$destination->id] ?? null;
            $cell = $event === null ? CopyState::None : $this->ledger->state($event);
            $cells[$destination->id] = $cell === CopyState::Verified && ! $covered->isWholeIn($event->id ?? 0) ? CopyState::Partly : $cell;
        }

        return new GridRow(
            card: $card,
            fill: $fill,
            state: $state,
            isSealed: $isSealed,
            cells: $cells,
            verified: $isSealed ? $covered->least : 0,
        );
    }

    /** @return list<string> names of files of a load that were given up in writing */
    private function givenUp(Card $card, int $fill): array
    {
        $life = $this->log->lifeOf($card);

        return $life->fill === $fill ? array_map(strval(...), array_keys($life->acceptedLosses)) : $life->pastLosses[$fill] ?? [];
    }
}
