<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Looked;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Patience;
use NorthSatchel\Verdict;

/**
 * The kit that the plan asks for: the lightest that meets every must with its spares, then the shoulds as far as the
 * weight allows. Cells and cards are chosen after the bodies, for they follow from them.
 */
final readonly class KitProposal
{
    /**
     * @param  list<array{gear: Gear, why: list<string>}>  $chosen
     * @param  list<array{need: Need, missing: int}>  $short  what nothing on the shelf gives often enough
     * @param  list<Need>  $leftOut  for the weight
     * @param  list<Need>  $needs  all of them, cells and cards too
     * @param  list<Verdict>  $lonely  lenses that go on no body
     */
    private function __construct(
        public array $chosen,
        public int $grams,
        public bool $isOptimal,
        public array $short,
        public array $leftOut,
        public array $needs,
        public ?int $overG,
        private array $lonely = [],
    ) {}

    /**
     * @param  list<Gear>  $shelf
     * @param  int|null  $limitG  that may be carried
     * @param  Patience|null  $patience  null: as long as it takes
     */
    public static function of(
        array $shelf,
        PlannedWork $work,
        KitSchool $school = KitSchool::Lightest,
        ?int $limitG = null,
        ?Patience $patience = null,
    ): self {
        $musts = array_values(array_filter($work->needs, static fn (Need $n): bool => $n->isMust()));
        $others = $school->takesShoulds() ? array_values(array_filter($work->needs, static fn (Need $n): bool => ! $n->isMust())) : [];
        usort($others, static fn (Need $a, Need $b): int => $b->priority->value() <=> $a->priority->value());
        $best = KitChoice::solve($shelf, $work, [...$musts, ...$others], $school, $patience);
        $leftOut = $school->takesShoulds() ? [] : array_values(array_filter($work->needs, static fn (Need $n): bool => ! $n->isMust()));
        if ($limitG !== null && $best->grams > $limitG) {
            $taken = $musts;
            $leftOut = [];
            $best = KitChoice::solve($shelf, $work, $taken, $school, $patience);
            foreach ($others as $need) {
                $with = KitChoice::solve($shelf, $work, [...$taken, $need], $school, $patience);
                if ($with->grams <= $limitG) {
                    [$taken, $best] = [[...$taken, $need], $with];
                } else {
                    $leftOut[] = $need;
                }
            }
        }

        return self::told($shelf, $best, $leftOut, $school, $limitG);
    }

    /** @return list<int> ids of the chosen */
    public function ids(): array
    {
        return array_map(static fn (array $c): int => $c['gear']->id, $this->chosen);
    }

    /** @return list<ProposedLine> the chosen, those with the same kind and reason in one line */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->chosen as ['gear' => $gear, 'why' => $why]) {
            $key = $gear->kind->value.implode('; ', $why);
            $before = $lines[$key] ?? null;
            $lines[$key] = new ProposedLine(
                labels: $before === null ? $gear->label : "{$before->labels}, {$gear->label}",
                grams: ($before->grams ?? 0) + $gear->grams(),
                why: ucfirst(implode('; ', $why)),
            );
        }

        return array_values($lines);
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        $verdicts = [];
        foreach ($this->short as ['need' => $need, 'missing' => $missing]) {
            $verdicts[] = ($need->isMust() ? Verdict::fix(...) : Verdict::mind(...))(
                'kit.hire',
                'Hire or borrow '.$need->toHire($missing).'.',
                ($need->wantsSpare ? "{$need->count} wanted and a spare" : "{$need->count} wanted").
                    ", {$missing} missing on the shelf. {$need->because}",
                ['missing' => $missing],
            );
        }
        if ($this->overG !== null) {
            $verdicts[] = Verdict::fix(
                'kit.over-limit',
                'The musts alone are '.PackJudge::kg($this->overG).' over the limit.',
                PackJudge::kg($this->grams).
                    ' with a spare of everything whose loss stops the job. Raise the limit, leave a case at the place, or pack for '.
                    'abroad without spares.',
                ['over_g' => $this->overG],
            );
        }
        foreach ($this->leftOut as $need) {
            $verdicts[] = Verdict::mind(
                'kit.stays-home',
                "Left at home: {$need->title}.",
                ucfirst($need->priority->value).', not must. '.$need->because,
            );
        }

        $looked = Looked::at(count($this->chosen), 'thing');
        $finding = ($looked->words ?? 'Nothing').', '.PackJudge::kg($this->grams).'.';
        $isWhole = $verdicts === [];
        $isAsked = array_filter($this->needs, static fn (Need $n): bool => $n->isForPictures()) !== [];

        return [
            ...$verdicts,
            ...$this->lonely,
            match (true) {
                $looked === null => Verdict::mind(
                    'kit.proposal-none',
                    'Nothing is proposed.',
                    'The plan asks for nothing that is on the shelf: write segments with their shots, and put the gear on the shelf.',
                    remedy: new Remedy('shelf.open', 'Put gear on the shelf'),
                ),
                ! $isAsked => Verdict::mind(
                    'kit.proposal-none',
                    "{$finding} That is no kit yet.",
                    'No segment asks for a picture: this is only what every job wants. Write segments with their shots, and ask again.',
                ),
                $this->isOptimal && $isWhole => Verdict::fine(
                    'kit.proposal',
                    $finding,
                    'Proven: no lighter choice from this shelf holds the plan (cells and cards are chosen after the bodies).',
                    $looked,
                    ['grams' => $this->grams],
                ),
                default => Verdict::mind(
                    'kit.proposal-part',
                    $finding,
                    $isWhole
                        ? 'The best found in the time; a lighter one may exist.'
                        : 'It does not give all that the plan asks for: what is missing stands here too.',
                    ['grams' => $this->grams],
                ),
            },
        ];
    }

    /**
     * @param  list<Gear>  $shelf
     * @param  list<Need>  $leftOut
     */
    private static function told(array $shelf, KitChoice $best, array $leftOut, KitSchool $school, ?int $limitG): self
    {
        $gear = array_values(array_filter($shelf, static fn (Gear $g): bool => in_array($g->id, $best->ids, true)));
        $givers = new Givers($gear, $best->needs);
        $short = [];
        foreach ($best->needs as $need) {
            $missing = max($best->short[$need->id] ?? 0, $best->short[Givers::nearly($need)] ?? 0);
            if ($missing > 0) {
                $short[] = ['need' => $need, 'missing' => $missing];
            }
        }
        $chosen = array_map(
            static fn (Gear $g): array => ['gear' => $g, 'why' => ThingReason::why($g, $givers, $best->needs, $gear, $school)],
            $gear,
        );

        return new self(
            $chosen,
            $best->grams,
            $best->isOptimal,
            $short,
            $leftOut,
            $best->needs,
            $limitG !== null && $best->grams > $limitG ? $best->grams - $limitG : null,
            LensesWithoutBody::of($shelf),
        );
    }
}
