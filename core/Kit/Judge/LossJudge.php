<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Looked;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** What is to be said of a bag out of which one thing after the other was taken. */
final readonly class LossJudge
{
    /**
     * @param  list<Gear>  $bag
     * @param  list<Gear>  $rest  of the shelf
     * @param  array<string, Need>  $needs  by their ids
     */
    public function __construct(private LossReport $report, private array $bag, private array $rest, private array $needs) {}

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        $verdicts = [];
        foreach ($this->report->unmet as $need) {
            $mend = $this->report->mendOf($need);
            $verdicts[] = ($need->isMust() ? Verdict::fix(...) : Verdict::mind(...))(
                'kit.unmet',
                "The bag does not give {$need->title}.",
                $need->because.$this->has($need).($mend === [] ? $this->toHire($need) : ''),
                ['what' => $need->what->value, 'focal_mm' => $need->figure('focal_mm')],
                self::remedy($mend),
            );
        }
        foreach ($this->report->singlePoints() as $row) {
            $verdicts[] = Verdict::fix(
                'kit.single',
                "If {$row->name()} fails, {$row->breaks[0]->title} ".($row->breaks[0]->count > 1 ? 'are one short.' : 'is gone.'),
                "It breaks {$row->says()}.".
                    ($row->mends === [] ? " Nothing on the shelf mends it: hire or borrow {$row->toHire()}." : ''),
                ['breaks' => count($row->breaks)],
                self::remedy($row->mends),
            );
        }
        $musts = array_filter($this->needs, static fn (Need $n): bool => $n->isMust());
        $isAsked = array_filter($musts, static fn (Need $n): bool => $n->isForPictures()) !== [];
        $looked = ! $isAsked ? null : Looked::at(count($this->bag), 'thing');
        if ($looked !== null && $this->report->singlePoints() === [] && $this->report->unmet === []) {
            $verdicts[] = Verdict::fine(
                'kit.survives',
                'Any one thing may fail.',
                "{$looked->words} taken out in turn: ".
                    (count($musts) === 1 ? 'the one must is' : 'all '.count($musts).' musts are').
                    ' still met.'.
                    ($this->report->pairs === [] && count($this->bag) > 1 ? ' And any two of them.' : ''),
                $looked,
                ['things' => count($this->bag)],
            );
        }
        if ($this->report->pairs !== []) {
            $first = $this->report->pairs[0];
            $count = count($this->report->pairs);
            $verdicts[] = Verdict::mind(
                'kit.pairs',
                $count === 1 ? 'One pair of failures would stop a must.' : "{$count} pairs of failures would stop a must.",
                ($count === 1 ? '' : 'Such as ').
                    "{$first->gear[0]->label} with {$first->gear[1]->label}: {$first->breaks[0]->title}. Once one of them is gone, go ".
                    'gently with the other.',
                ['pairs' => $count],
            );
        }

        return [...$verdicts, ...$this->sparesInUse()];
    }

    /** What no lightest mend was found for: how much of it the shelf has, and what is missing beyond that. */
    private function toHire(Need $need): string
    {
        $missing = max(1, $need->count - count(array_filter($this->bag, $need->isGivenBy(...))));
        $onShelf = count(array_filter($this->rest, $need->isGivenBy(...)));

        return match (true) {
            $onShelf === 0 => ' Nothing on the shelf does either: hire or borrow '.$need->toHire($missing).'.',
            $onShelf < $missing => " The shelf has {$onShelf} more; hire or borrow ".$need->toHire($missing - $onShelf).' beyond that.',
            default => " The shelf has {$onShelf}, and all of it does not mend it: the body, cell or trigger that it works with is missing.",
        };
    }

    /** How many of several are there. */
    private function has(Need $need): string
    {
        $there = count(array_filter($this->bag, $need->isGivenBy(...)));

        return $need->count > 1 && $there > 0 && $there < $need->count ? " Of {$need->count} it has {$there}." : '';
    }

    /** @return list<Verdict> a spare that is already in use is no spare any more (M28) */
    private function sparesInUse(): array
    {
        $harness = $this->needs['body-harness'] ?? null;
        $body = $this->needs['body'] ?? null;
        if ($harness === null || $body === null) {
            return [];
        }
        $bodies = array_values(array_filter($this->bag, static fn (Gear $g): bool => $harness->isGivenBy($g)));
        $have = count($bodies);
        if ($have < $harness->count || $have > $harness->count) {
            return [];
        }

        return [
            Verdict::mind(
                'kit.spare-in-use',
                'The spare body is in use from the start.',
                "{$have} bodies, {$harness->count} in hands at the same time. When one fails there is one fewer on the harness and no ".
                    "spare: {$harness->at[0]->why}, with a lens change.",
                ['bodies' => $have],
            ),
        ];
    }

    /** @param  list<Gear>  $mends */
    private static function remedy(array $mends): ?Remedy
    {
        return $mends === []
            ? null
            : new Remedy('kit.add-all', 'Put '.implode(' and ', array_map(static fn (Gear $g): string => $g->label, $mends)).' in', [
                'items' => implode(',', array_map(static fn (Gear $g): int => $g->id, $mends)),
            ]);
    }
}
