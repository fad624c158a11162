<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Cover\Cover;
use NorthSatchel\Kit\Cover\CoverSearch;
use NorthSatchel\Kit\Needs\BodyWork;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Patience;
use NorthSatchel\Verdict;

/**
 * The kit that the plan asks for: the lightest that meets every must with its spares, then the shoulds as far as the
 * weight allows. Cells and cards are chosen after the bodies, for they follow from them.
 */
final readonly class KitProposal
{
    /** A proposal is made of several choices. */
    private const SECONDS_EACH = 0.4;

    /**
     * @param  list<array{gear: Gear, why: list<string>}>  $chosen
     * @param  list<array{need: Need, missing: int}>  $short  what nothing on the shelf gives often enough
     * @param  list<Need>  $leftOut  for the weight
     * @param  list<Need>  $needs  all of them, cells and cards too
     */
    private function __construct(
        public array $chosen,
        public int $grams,
        public bool $isOptimal,
        public array $short,
        public array $leftOut,
        public array $needs,
        public ?int $overG,
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
        $best = self::solve($shelf, $work, [...$musts, ...$others], $school, $patience);
        $leftOut = $school->takesShoulds() ? [] : array_values(array_filter($work->needs, static fn (Need $n): bool => ! $n->isMust()));
        if ($limitG !== null && $best['grams'] > $limitG) {
            $taken = $musts;
            $leftOut = [];
            $best = self::solve($shelf, $work, $taken, $school, $patience);
            foreach ($others as $need) {
                $with = self::solve($shelf, $work, [...$taken, $need], $school, $patience);
                if ($with['grams'] <= $limitG) {
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
        $kg = static fn (int $grams): string => number_format($grams / 1000, 1).' kg';
        $verdicts = [];
        foreach ($this->short as ['need' => $need, 'missing' => $missing]) {
            $verdicts[] = ($need->isMust() ? Verdict::fix(...) : Verdict::mind(...))(
                'kit.hire',
                'Hire or borrow '.($missing === 1 ? '' : "{$missing} × ").$need->toHire().'.',
                ($need->wantsSpare ? "{$need->count} wanted and a spare" : "{$need->count} wanted").
                    ", {$missing} missing on the shelf. {$need->because}",
                ['missing' => $missing],
            );
        }
        if ($this->overG !== null) {
            $verdicts[] = Verdict::fix(
                'kit.over-limit',
                'The musts alone are '.$kg($this->overG).' over the limit.',
                $kg($this->grams).
                    ' with a spare of everything whose loss stops the job. Raise the limit, leave a case at the place, or pack for '.
                    'abroad without spares.',
                ['over_g' => $this->overG],
            );
        }
        foreach ($this->leftOut as $need) {
            $verdicts[] = Verdict::mind(
                'kit.stays-home',
                "{$need->title} stays at home.",
                ucfirst($need->priority->value).', not must. '.$need->because,
            );
        }

        return [
            ...$verdicts,
            Verdict::fine(
                'kit.proposal',
                count($this->chosen).' things, '.$kg($this->grams).'.',
                $this->isOptimal
                    ? 'Proven: no lighter choice from this shelf holds the plan (cells and cards are chosen after the bodies).'
                    : 'The best found in the time; a lighter one may exist.',
                ['grams' => $this->grams],
            ),
        ];
    }

    /**
     * @param  list<Gear>  $shelf
     * @param  list<Need>  $needs
     * @return array{ids: list<int>, grams: int, isOptimal: bool, short: array<string, int>, needs: list<Need>}
     */
    private static function solve(array $shelf, PlannedWork $work, array $needs, KitSchool $school, ?Patience $patience): array
    {
        $stock = array_values(array_filter($shelf, static fn (Gear $g): bool => ! in_array($g->kind, [GearKind::Card], true)));
        $first = self::cover($stock, $needs, $school, $patience);
        $ids = self::gearIds($first);
        $chosen = array_values(array_filter($shelf, static fn (Gear $g): bool => in_array($g->id, $ids, true)));
        $of = static fn (GearKind $kind): array => array_values(array_filter($chosen, static fn (Gear $g): bool => $g->kind === $kind));
        $shared = DealtBodies::shared($of(GearKind::Body), $work->framesByLane, $work->bodiesByLane($needs));
        $alone = DealtBodies::alone($of(GearKind::Body), array_map(static fn (BodyWork $s): int => $s->body->id, $shared), $work->remotes);
        $budgets = BudgetNeeds::of($shared, $of(GearKind::Flash), $work->hours, $work->temperatureC, $work->pops, $shelf, $alone);
        $small = array_values(array_filter($shelf, static fn (Gear $g): bool => in_array($g->kind, [GearKind::Card, GearKind::Cell], true)));
        $second = self::cover($small, $budgets, $school, $patience);
        // Cells that the first choice took for its bodies are among those of the second.
        $all = array_values(
            array_unique([
                ...array_values(
                    array_filter(
                        $ids,
                        static fn (int $id): bool => ! in_array($id, array_map(static fn (Gear $g): int => $g->id, $small), true),
                    ),
                ),
                ...self::gearIds($second),
            ]),
        );
        $grams = array_sum(array_map(static fn (Gear $g): int => in_array($g->id, $all, true) ? $g->grams() : 0, $shelf));

        return [
            'ids' => $all,
            'grams' => $grams,
            'isOptimal' => $first->isOptimal && $second->isOptimal,
            'short' => [...$first->short, ...$second->short],
            'needs' => [...$needs, ...$budgets],
        ];
    }

    /**
     * @param  list<Gear>  $stock
     * @param  list<Need>  $needs
     */
    private static function cover(array $stock, array $needs, KitSchool $school, ?Patience $patience): Cover
    {
        $rows = [];
        foreach ($needs as $need) {
            $rows = self::most($rows, Givers::coverNeeds([$need], $school->takesSparesOf($need)));
        }
        $heavier = [];
        foreach ($stock as $gear) {
            $heavier[$gear->id] = $school->times($gear);
        }

        return CoverSearch::lightest((new Givers($stock, $needs))->coverItems($heavier), $rows, $patience?->part(1.0, self::SECONDS_EACH));
    }

    /**
     * @param  array<string, int>  $rows
     * @param  array<string, int>  $more
     * @return array<string, int>
     */
    private static function most(array $rows, array $more): array
    {
        foreach ($more as $capability => $count) {
            $rows[$capability] = max($rows[$capability] ?? 0, $count);
        }

        return $rows;
    }

    /** @return list<int> */
    private static function gearIds(Cover $cover): array
    {
        return array_values(array_filter(array_map(Givers::gearId(...), $cover->chosen), static fn (?int $id): bool => $id !== null));
    }

    /**
     * @param  list<Gear>  $shelf
     * @param  array{ids: list<int>, grams: int, isOptimal: bool, short: array<string, int>, needs: list<Need>}  $best
     * @param  list<Need>  $leftOut
     */
    private static function told(array $shelf, array $best, array $leftOut, KitSchool $school, ?int $limitG): self
    {
        $gear = array_values(array_filter($shelf, static fn (Gear $g): bool => in_array($g->id, $best['ids'], true)));
        $givers = new Givers($gear, $best['needs']);
        $short = [];
        foreach ($best['needs'] as $need) {
            $missing = max($best['short'][$need->id] ?? 0, $best['short'][Givers::nearly($need)] ?? 0);
            if ($missing > 0) {
                $short[] = ['need' => $need, 'missing' => $missing];
            }
        }
        $chosen = array_map(
            static fn (Gear $g): array => ['gear' => $g, 'why' => ThingReason::why($g, $givers, $best['needs'], $gear, $school)],
            $gear,
        );

        return new self(
            $chosen,
            $best['grams'],
            $best['isOptimal'],
            $short,
            $leftOut,
            $best['needs'],
            $limitG !== null && $best['grams'] > $limitG ? $best['grams'] - $limitG : null,
        );
    }
}
