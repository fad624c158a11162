<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Desks\Brief\KeptFindings;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\LoadOfCard;
use App\Desks\Cards\OwnerRules;
use App\Models\Brief\Job;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Support\Collection;
use NorthSatchel\Cards\CardState;
use NorthSatchel\Copies\Audit\CopyAudit;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

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
        private readonly OwnerRules $rules,
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
                    array_filter($grid, static fn (GridRow $row): bool => $row->cells[$d->id] !== 'none') !== [],
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
                    array_map(fn (LoadOfCard $l): array => [$l->card->id, $l->fill, $this->givenUp($l->card, $l->fill)], $loads),
                ),
            ),
        );
        $this->ledger->prepare(array_map(static fn (LoadOfCard $l): array => [$l->card->id, $l->fill], $loads));
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
            $cell = $event === null ? 'none' : $this->ledger->state($event);
            $cells[$destination->id] = $cell === 'verified' && ! $covered->isWholeIn($event->id ?? 0) ? 'partly' : $cell;
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

    public function verdicts(Job $job): Verdicts
    {
        $wanted = $this->rules->record()->permit_copies;
        $verdicts = [];
        foreach ($this->grid($job) as $row) {
            $label = $row->card->item->label;
            $failed = array_search('failed', $row->cells, true);
            if ($failed !== false) {
                $isElsewhereWhole = in_array('verified', $row->cells, true);
                $verdicts[] = Verdict::stop(
                    'copies.failed',
                    "A copy of {$label} did not verify.",
                    $isElsewhereWhole
                        ? 'What was read back is not what was written, or the drive stopped. Another copy is whole: a new bag is made '.
                            'from it, and the damaged one stays as it is.'
                        : 'What was read back is not what was on the card, or the drive stopped: copy it again.',
                    remedy: $isElsewhereWhole
                        ? new Remedy('copy.repair', 'Repair it from another copy', ['card' => $row->card->id, 'destination' => $failed])
                        : new Remedy('copy.start', 'Copy it again', ['card' => $row->card->id]),
                );
            }
            foreach (array_keys($row->cells, 'partly', true) as $place) {
                // Of what this program copies the finding above says it: copy it.
                if ($this->places->get($place)->route === Destination::OURS) {
                    continue;
                }
                $verdicts[] = $this->partly($row->card, $row->fill, $place);
            }
            $wantedHere = $this->wanted($row, $wanted);
            if ($row->verified < $wantedHere) {
                $verdicts[] = $this->tooFew($row, $wantedHere);
            }
        }
        if ($verdicts === [] && $this->grid($job) !== []) {
            $verdicts[] = Verdict::fine(
                'copies.enough',
                'Every shot card is on enough devices.',
                "Each lies verified on at least {$wanted}, the cards themselves not counted.",
            );
        }
        if ($this->grid($job) === []) {
            $verdicts[] = Verdict::mind(
                'copies.nothing-yet',
                'Nothing waits to be copied.',
                'No card of this job is shot and unformatted: of copies there is nothing to say yet.',
            );
        }
        foreach ($this->places->sharing() as $id => $others) {
            $verdicts[] = Verdict::fix(
                'copies.one-medium',
                "{$this->places->get($id)->name} and ".implode(' and ', $others).' count as one.',
                'They are on one disk, or the system says nothing of their disks: what takes one takes the other. If they are two, say '.
                    'so in writing under Folders.',
                remedy: new Remedy('folders.open', 'Say which disk is which'),
            );
            break;
        }
        if ($this->destinations()->count() < $wanted) {
            $verdicts[] = Verdict::fix(
                'copies.no-drive',
                'There are too few drives.',
                "{$this->destinations()->count()} known, {$wanted} needed: add them under Folders.",
            );
        }

        return new Verdicts([...$verdicts, ...$this->audit($job)->verdicts(), ...$this->handovers->verdicts($job)]);
    }

    /** @return list<string> names of files of a load that were given up in writing */
    private function givenUp(Card $card, int $fill): array
    {
        $life = $this->log->lifeOf($card);

        return $life->fill === $fill ? array_map(strval(...), array_keys($life->acceptedLosses)) : $life->pastLosses[$fill] ?? [];
    }

    /**
     * A load without a twin wants more.
     */
    private function wanted(GridRow $row, int $wanted): int
    {
        $life = $this->log->lifeOf($row->card);

        return $wanted + ($life->fill === $row->fill && $life->isAlone() ? $this->rules->record()->more_without_twin : 0);
    }

    private function tooFew(GridRow $row, int $wanted): Verdict
    {
        $not = ['the card itself is not counted'];
        $remedy = new Remedy('copy.start', 'Copy it to the drives', ['card' => $row->card->id]);
        if (in_array('told', $row->cells, true)) {
            $not[] = 'nor what another satchel tells of copies: point to them under “A copy made otherwise”, and they are looked through';
        }
        if (in_array('unread', $row->cells, true)) {
            $not[] = 'nor a drive that came back and was not read since';
            $remedy = new Remedy('copy.verify', 'Verify what came back');
        }

        return Verdict::stop(
            'copies.too-few',
            "{$row->card->item->label} is not safe yet.",
            "It lies verified on {$row->verified} of {$wanted} devices; ".implode(', ', $not).'.',
            ['verified' => $row->verified, 'wanted' => $wanted],
            $row->card->folder === null && $remedy->action === 'copy.start' ? null : $remedy,
        );
    }

    private function partly(Card $card, int $fill, int $placeId): Verdict
    {
        $place = $this->destinations()->firstWhere('id', $placeId);
        $lacks = $this->ledger->lastEvents($card->id, $fill)[$placeId]->data['problem'] ?? 'some files are not there';

        return Verdict::mind(
            'copies.partly',
            "Not all of {$card->item->label} lies on {$place?->name}.",
            (is_string($lacks) ? ucfirst($lacks) : 'Some files are not there').
                ' with the same content: it counts as no copy. Finish it the way it was made ('.
                ($place->route ?? 'otherwise').
                '), and look through it again.',
            ['place' => $placeId],
        );
    }
}
