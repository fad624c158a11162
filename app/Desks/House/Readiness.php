<?php

declare(strict_types=1);

namespace App\Desks\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Brief\KeptFindings;
use App\Desks\Cards\BodyCheckDesk;
use App\Desks\Cards\CardLifeDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Copies\CopiesFindings;
use App\Desks\Copies\SessionDesk;
use App\Desks\Day\DayDesk;
use App\Desks\Kit\KitDesk;
use App\Desks\Kit\RoomsDesk;
use App\Desks\Kit\ShotLensDesk;
use App\Desks\People\CallSheetDesk;
use App\Desks\People\RosterDesk;
use App\Desks\Plan\ArrivalDesk;
use App\Desks\Plan\CoverDesk;
use App\Desks\Plan\ElementsDesk;
use App\Desks\Plan\LooksDesk;
use App\Desks\Plan\SendingDesk;
use App\Desks\Plan\SetupLightDesk;
use App\Desks\Wrap\BoardsDesk;
use App\Desks\Wrap\CaptionDesk;
use App\Desks\Wrap\PicksDesk;
use App\Models\Brief\Job;
use NorthSatchel\Brief\Afterwards;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The nine phases of one job: how ready each is, and what is open in it. */
final class Readiness
{
    public const PHASES = ['brief', 'scout', 'plan', 'people', 'kit', 'day', 'cards', 'copies', 'wrap'];

    /** @var array<int, array<string, Verdicts>> by job and phase, for this request */
    private array $judged = [];

    public function __construct(
        private readonly BriefDesk $brief,
        private readonly TriedDay $tried,
        private readonly KitDesk $kit,
        private readonly ShotLensDesk $shotLenses,
        private readonly CoverDesk $cover,
        private readonly SendingDesk $sending,
        private readonly ArrivalDesk $arrival,
        private readonly ElementsDesk $elements,
        private readonly SetupLightDesk $setupLight,
        private readonly LooksDesk $looks,
        private readonly RoomsDesk $rooms,
        private readonly DayDesk $day,
        private readonly CardsDesk $cards,
        private readonly BodyCheckDesk $bodies,
        private readonly CardLifeDesk $lives,
        private readonly CopiesFindings $copies,
        private readonly SessionDesk $session,
        private readonly RosterDesk $rosters,
        private readonly CallSheetDesk $callSheets,
        private readonly CaptionDesk $captions,
        private readonly BoardsDesk $boards,
        private readonly PicksDesk $picks,
    ) {}

    /** @return array<string, Verdicts> of the phases that judge something */
    public function verdicts(Job $job): array
    {
        if (isset($this->judged[$job->id])) {
            return $this->judged[$job->id];
        }
        $kept = $this->kept($job);
        // What was planned for a day that is over cannot be mended.
        foreach (JobDay::isOver($job) ? ['scout', 'plan', 'people', 'kit'] : [] as $phase) {
            $kept[$phase] = Afterwards::of($kept[$phase], $job->date);
        }

        return $this->judged[$job->id] = [
            ...$kept,
            'plan' => JobDay::isOver($job) ? $kept['plan'] : $kept['plan']->with($this->elementsOf($job, true)),
            'day' => $this->day->verdicts($job),
            'cards' => new Verdicts([...iterator_to_array($this->bodies->verdicts($job)), ...$this->lives->verdicts($job)]),
            'copies' => $this->copies->verdicts($job)->with($this->session->verdicts($job)),
            'wrap' => $this->captions->verdicts($job)->with($this->boards->verdicts($job))
                ->with($this->picks->verdicts($job)),
        ];
    }

    /** On the day itself what is left of the elements is a matter of the minute, and is kept no longer than that. */
    private function elementsOf(Job $job, bool $isToday): Verdicts
    {
        return (JobDay::daysTo($job) === 0) === $isToday ? $this->elements->verdicts($job) : new Verdicts();
    }

    /**
     * What follows from the database and the day alone is kept until either changes; cards and copies are
     * looked at anew each time, for they lie on disks.
     *
     * @return array<string, Verdicts>
     */
    private function kept(Job $job): array
    {
        return KeptFindings::of(
            $job,
            'verdicts',
            fn (): array => [
                'brief' => $this->brief->verdicts($job),
                'scout' => $this->tried->ofLight($job)->with($this->rooms->verdicts($job)),
                'plan' => $this->tried->ofPlan($job)->with($this->shotLenses->verdicts($job))
                    ->with($this->cover->verdicts($job))
                    ->with($this->sending->verdicts($job))
                    ->with($this->arrival->verdicts($job))
                    ->with($this->elementsOf($job, false))
                    ->with($this->setupLight->verdicts($job))
                    ->with($this->looks->verdicts($job)),
                'people' => $this->tried->ofPeople($job)->with($this->rosters->verdicts($job))->with($this->callSheets->verdicts($job)),
                'kit' => $this->kit->verdicts($job),
            ],
        );
    }

    /** The findings of one phase; those it has no judge for are empty. */
    public function of(Job $job, string $phase): Verdicts
    {
        return $this->verdicts($job)[$phase] ?? new Verdicts();
    }

    /**
     * What each hole of the strap shows.
     *
     * @return list<Hole>
     */
    public function holes(Job $job): array
    {
        $verdicts = $this->verdicts($job);
        $holes = [];
        foreach (self::PHASES as $phase) {
            $of = $verdicts[$phase] ?? null;
            // Of a plan that nobody can change any more a full hole would say nothing.
            $isReady = $of !== null && $of->open() === 0 && ! $of->has('brief.over');
            $isFull = match ($phase) {
                'cards' => $isReady,
                'copies' => $this->isSafe($job),
                'day' => JobDay::daysTo($job) <= 0 && $isReady,
                // Where nothing was captioned nothing is ready.
                'wrap' => $isReady && count($of) > 0,
                'plan' => $isReady && $job->segments->isNotEmpty(),
                default => $isReady,
            };
            $holes[] = new Hole(
                phase: $phase,
                open: $of?->open(),
                isReady: $isFull,
                isSafe: match ($phase) {
                    'cards' => $this->isSafe($job),
                    'day' => JobDay::daysTo($job) < 0 && $isReady,
                    default => $isFull,
                },
                isThere: $of !== null,
                left: $phase === 'kit' ? $this->kit->unpacked($job) : 0,
            );
        }

        return $holes;
    }

    /** The worst open finding of a job, for the front page. */
    public function mostUrgent(Job $job): ?Verdict
    {
        $all = new Verdicts();
        foreach ($this->verdicts($job) as $verdicts) {
            $all = $all->with($verdicts);
        }
        $worst = $all->worst();

        return $worst !== null && $worst->severity->isOpen() ? $worst : null;
    }

    public function openCount(Job $job): int
    {
        return array_sum(array_map(static fn (Verdicts $v): int => $v->open(), $this->verdicts($job)));
    }

    /** Something was shot, and all of it is on enough devices. */
    private function isSafe(Job $job): bool
    {
        $shot = $this->cards->shot($job);
        $formatted = $this->cards
            ->cards($job)
            ->filter(fn ($card): bool => $this->cards->lifeOf($card)->fill > 1 && $this->cards->lifeOf($card)->isFree());

        return ($shot->isNotEmpty() && $this->of($job, 'copies')->open() === 0) || ($shot->isEmpty() && $formatted->isNotEmpty());
    }
}
