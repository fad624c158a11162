<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\JobDay;
use App\Desks\Brief\KeptFindings;
use App\Devices\Waiting;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use Illuminate\Support\Collection;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\DriveJudge;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Judge\FlightJudge;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\StationJudge;
use NorthSatchel\Kit\Judge\TicksJudge;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\ReachRuler;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Station\Station;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Kit\Test\TestDue;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Kit: what goes along, and does it carry the plan? */
final class KitDesk
{
    private const PROPOSAL_S = 3.0;

    public function __construct(
        private readonly KitAgainstPlan $plan,
        private readonly NeedsDesk $needs,
        private readonly ShelfDesk $items,
        private readonly PackDesk $packing,
        private readonly CarryDesk $carry,
        private readonly Waiting $waiting,
        private readonly RemoteDesk $remotes,
    ) {}

    public function verdicts(Job $job): Verdicts
    {
        $unpacked = $job->packing->reject(fn (Packing $entry): bool => $this->isPacked($job, $entry->item_id));
        $bag = [
            ...$this->plan->met($job),
            TicksJudge::of(
                array_values($unpacked->map(static fn (Packing $entry): string => $entry->item->label)->all()),
                $job->packing->count(),
                JobDay::daysTo($job),
            ),
        ];

        return new Verdicts($job->packing->isEmpty() ? $bag : [...$bag, ...$this->ofTheList($job)]);
    }

    /** @return list<Verdict> */
    private function ofTheList(Job $job): array
    {
        $gear = $this->needs->bag($job);
        $today = now($job->place->timezone)->format('Y-m-d');
        $station = $this->station($job);

        return [
            ...$this->plan->survived($job),
            ...TestDays::verdicts($this->tests($job)),
            ...StationJudge::of($gear, $station->frameMb),
            ...$station->verdicts(),
            ...DriveJudge::of($gear, $this->needs->gigabytes($job)),
            ...($job->goes_by_air ? FlightJudge::of($gear) : []),
            ...DueJudge::of($gear, $today, $job->date),
            ...$this->remotes->findings($job),
            // How much is in, the ticks' own judge says.
            ...array_filter($this->packing->verdicts($job), static fn (Verdict $v): bool => ! in_array($v->code, ['pack.open', 'pack.done'], true)),
        ];
    }

    /** The capture station as it is in the bag. */
    public function station(Job $job): Station
    {
        $gear = $this->needs->bag($job);
        $largest = array_map(static fn (Gear $g): float => ($g->number('raw_mb') ?? 0.0) + ($g->number('jpeg_mb') ?? 0.0), $gear);

        return new Station($gear, max([0.0, ...$largest]));
    }

    public function losses(Job $job): LossReport
    {
        return $this->plan->losses($job);
    }

    /** @return list<TestDue> */
    public function tests(Job $job): array
    {
        return TestDays::of(
            $this->needs->bag($job),
            $this->items->lastTests($job->place->timezone),
            $job->date,
            now($job->place->timezone)->format('Y-m-d'),
        );
    }

    /**
     * The packing list, by carrier and kind.
     *
     * @return array<string, list<ListedThing>>
     */
    public function list(Job $job): array
    {
        $order = ['body' => 0, 'lens' => 1, 'flash' => 2, 'card' => 3, 'cell' => 4, 'reader' => 5, 'drive' => 6];
        $lists = [];
        $sorted = $job->packing->sortBy(
            static fn (Packing $p): array => [$p->lane !== 'lead', $p->lane, $order[$p->item->kind] ?? 9, $p->item->label],
        );
        foreach ($sorted as $entry) {
            $lists[$entry->lane][] = new ListedThing(entry: $entry, isPacked: $this->isPacked($job, $entry->item_id));
        }

        return $lists;
    }

    /** @return Collection<int, Item> what is on the shelf and not on the list */
    public function atHand(Job $job): Collection
    {
        return $this->items->items()->whereNotIn('id', $job->packing->pluck('item_id'))->values();
    }

    public function proposal(Job $job, KitSchool $school, ?int $limitG): KitProposal
    {
        return KeptFindings::of(
            $job,
            "proposal-{$school->value}-".($limitG ?? 'any'),
            fn (): KitProposal => KitProposal::of(
                $this->needs->onOffer($job),
                $this->needs->work($job),
                $school,
                $limitG,
                $this->waiting->seconds(self::PROPOSAL_S),
            ),
        );
    }

    public function reach(Job $job): ReachRuler
    {
        $on = [];
        foreach ($this->carry->lensChanges($job) as $lane => $of) {
            foreach ($of->changes->start as $index => $lens) {
                $body = $of->bodies[$index] ?? null;
                $side = ($index === 0) === ($job->wide_side === 'left') ? 'left' : 'right';
                if ($body !== null) {
                    $on[$lens->id] = "{$lane}, {$body->label}".(count($of->bodies) > 1 ? ", {$side}" : '');
                }
            }
        }

        return new ReachRuler(new CarriedLenses($this->carry->carried($job)), $this->needs->stretches($job), $on);
    }

    /** How many items of the list are not ticked yet. */
    public function unpacked(Job $job): int
    {
        return $job->packing->filter(fn (Packing $entry): bool => ! $this->isPacked($job, $entry->item_id))->count();
    }

    public function isPacked(Job $job, int $itemId): bool
    {
        return $this->packing->isPacked($job, $itemId);
    }
}
