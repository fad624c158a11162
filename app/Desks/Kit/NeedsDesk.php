<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\JobDay;
use App\Desks\Plan\SendingDesk;
use App\Desks\Plan\SetupLightDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Card;
use App\Models\Kit\KitAsk;
use App\Models\Kit\Packing;
use App\Models\Plan\Segment;
use Illuminate\Support\Collection;
use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\DealtWork;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\Needs\SendNeeds;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Priority;

/** What the plan of a job asks of the kit. */
final class NeedsDesk
{
    /** @var \WeakMap<Job, list<PlannedStretch>> of a job as it was opened, or as it is tried */
    private \WeakMap $stretches;

    /** @var \WeakMap<Segment, PlannedStretch> as it was read: a job that is tried shares what is not moved */
    private \WeakMap $ofSegments;

    /** @var array<string, list<int>>|null items on a list by the date of the job, for this request */
    private ?array $taken = null;

    /** @var array<int, Collection<int, KitAsk>> */
    private array $asks = [];

    /** @var \WeakMap<Job, \WeakMap<Collection<int, Packing>, list<Need>>> by the list as it was read: another asks for other cells and cards */
    private \WeakMap $ofBag;

    /** @var \WeakMap<Collection<int, Packing>, list<Gear>> by the list as it was read */
    private \WeakMap $bags;

    /** @var \WeakMap<Job, PlannedWork> */
    private \WeakMap $works;

    public function __construct(
        private readonly ShelfDesk $shelf,
        private readonly CardsInUse $cards,
        private readonly SetupLightDesk $setups,
        private readonly FullCards $full,
    ) {
        $this->stretches = new \WeakMap();
        $this->ofSegments = new \WeakMap();
        $this->ofBag = new \WeakMap();
        $this->bags = new \WeakMap();
        $this->works = new \WeakMap();
    }

    /** @return list<PlannedStretch> in the order of time */
    public function stretches(Job $job): array
    {
        return $this->stretches[$job] ??= array_values($job->segments->sortBy([['day', 'asc'], ['start_clock', 'asc']])
            ->map(fn (Segment $s): PlannedStretch => $this->ofSegments[$s] ??= StretchReader::of($job, $s))->all());
    }

    /** @return Collection<int, KitAsk> */
    public function asks(Job $job): Collection
    {
        return $this->asks[$job->id] ??= ($job->relationLoaded('kitAsks') ? $job->kitAsks : $job->kitAsks()->get())->values();
    }

    /** Without cells and cards, which follow from the bodies that are chosen. */
    public function work(Job $job): PlannedWork
    {
        return $this->works[$job] ??= $this->readWork($job);
    }

    private function readWork(Job $job): PlannedWork
    {
        $stretches = $this->stretches($job);
        $asks = array_values(
            $this->asks($job)
                ->map(
                    static fn (KitAsk $a): Ask => new Ask(
                        $a->id,
                        NeedWhat::from($a->what),
                        $a->count,
                        Priority::from($a->priority),
                        $a->segment_id,
                        (string) $a->note,
                        $a->distance_m,
                        $a->f_number,
                        (float) $a->iso,
                        $a->stops_lost,
                        $a->hours,
                        isset($a->mounted['shots']) ? (int) max(0.0, $a->mounted['shots']) : null,
                    ),
                )
                ->all(),
        );
        $byLane = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->photographers() as $lane) {
                $byLane[$lane] = ($byLane[$lane] ?? 0) + $stretch->frames();
            }
        }
        $hours = self::hours($job);
        $setups = $this->setups->written($job);

        return new PlannedWork(
            [...PlanNeeds::of($stretches, $asks, $hours, JobDay::count($job), $setups), ...SendNeeds::of(SendingDesk::wanted($job))],
            $byLane,
            FlashWork::of($stretches, $asks, $setups),
            $hours,
            $job->temperature_c,
            PlannedWork::remotes($asks, $stretches),
            PlannedStretch::usualFrames($stretches),
        );
    }

    /** @return list<Need> with the cells and cards that the bodies of the bag want */
    public function needsOfBag(Job $job): array
    {
        if (! isset($this->ofBag[$job])) {
            /** @var \WeakMap<Collection<int, Packing>, list<Need>> $none */
            $none = new \WeakMap();
            $this->ofBag[$job] = $none;
        }

        return $this->ofBag[$job][$job->packing] ??= $this->readNeedsOfBag($job);
    }

    /** @return list<Need> */
    private function readNeedsOfBag(Job $job): array
    {
        $work = $this->work($job);
        $dealt = $this->dealt($job);
        $flashes = array_values(array_filter($this->bag($job), static fn (Gear $g): bool => $g->kind === GearKind::Flash));
        $shelf = array_values($this->shelf->gear());

        return [
            ...$work->needs,
            ...BudgetNeeds::of($dealt->shared, $flashes, $work->hours, $work->temperatureC, $work->flash, $shelf, $dealt->alone, $work->usual),
        ];
    }

    /** Of the planned frames, counted once. */
    public function gigabytes(Job $job): float
    {
        $mb = 0.0;
        $dealt = $this->dealt($job);
        foreach ([...$dealt->shared, ...$dealt->alone] as $one) {
            $mb += $one->frames * (($one->body->number('raw_mb') ?? 0.0) + ($one->body->number('jpeg_mb') ?? 0.0));
        }

        return $mb / 1000;
    }

    private function dealt(Job $job): DealtWork
    {
        $work = $this->work($job);
        $gear = $this->shelf->gear();
        $bodies = [];
        foreach ($job->packing as $entry) {
            $one = $gear[$entry->item_id] ?? null;
            if ($one?->kind === GearKind::Body) {
                $bodies[$entry->lane][] = $one;
            }
        }

        return DealtBodies::dealt($bodies, $work->framesByLane, $work->remotes);
    }

    /** @return list<Gear> what is on the packing list */
    public function bag(Job $job): array
    {
        return $this->bags[$job->packing] ??= $this->readBag($job);
    }

    /** @return list<Gear> */
    private function readBag(Job $job): array
    {
        $gear = $this->shelf->gear();
        $full = $this->cards->unusable($job->packing->map(static fn (Packing $p): ?Card => $p->item->card)->filter(), $job->id);

        return array_values(
            array_filter(
                array_map(
                    static fn (int $id): ?Gear => isset($full[$id]) ? null : $gear[$id] ?? null,
                    $job->packing->pluck('item_id')->all(),
                ),
            ),
        );
    }

    /** @return list<Gear> on the shelf, and on no list of any job that day */
    public function rest(Job $job): array
    {
        $this->taken ??= Packing::query()
            ->join('jobs', 'jobs.id', '=', 'packing.job_id')
            ->toBase()
            ->get(['jobs.date', 'packing.item_id'])
            ->groupBy('date')
            ->map(static fn (Collection $of): array => array_values($of->pluck('item_id')->all()))
            ->all();
        $taken = $this->taken[$job->date] ?? [];

        return array_values(array_filter($this->stays($job), static fn (Gear $g): bool => ! in_array($g->id, $taken, true)));
    }

    /** @return list<Gear> what could still be put in: the rest, without cards that hold frames or are out of use */
    public function usable(Job $job): array
    {
        return $this->full->without($job, $this->rest($job));
    }

    /** @return list<Gear> what a proposal may choose from: what stays for the job, without cards that hold frames or are out of use */
    public function onOffer(Job $job): array
    {
        return $this->full->without($job, $this->stays($job));
    }

    /** @return list<Gear> cards that it may not choose from */
    public function leftOut(Job $job): array
    {
        return $this->full->of($job, $this->stays($job));
    }

    /** @return list<Gear> on the shelf, without what is due back before the job is over: that does not come along */
    public function stays(Job $job): array
    {
        $last = JobDay::of($job, JobDay::count($job) - 1)->date;

        return array_values(array_filter($this->shelf->gear(), static fn (Gear $g): bool => $g->dueOn === null || $g->dueOn > $last));
    }

    public static function hours(Job $job): float
    {
        return JobDay::coveredMinutes($job) / 60;
    }
}
