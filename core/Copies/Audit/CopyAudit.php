<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/**
 * Where does everything lie, by the owner's rule: copies, kinds of device, places, routes (M3), bags (M27); what one
 * blow would take; and the next cheapest step.
 */
final class CopyAudit
{
    private const WEEK = 7.0;

    private const DAY_S = 86400;

    /** @var list<Blow> */
    public readonly array $blows;

    /**
     * @param  list<AuditLoad>  $loads
     * @param  list<AuditPlace>  $places  that copies can go to
     * @param  array<string, float>  $aYear  the owner's own yearly rates, by cause
     */
    public function __construct(
        public readonly array $loads,
        private readonly array $places,
        public readonly AuditRule $rule,
        private readonly int $now,
        array $aYear = [],
    ) {
        $this->blows = Blows::of($loads, $aYear);
    }

    /** @return list<BlowTaken> what each single blow would take for good, the worst first */
    public function oneBlow(): array
    {
        $list = [];
        foreach ($this->blows as $blow) {
            $gone = array_values(array_filter($this->loads, static fn (AuditLoad $l): bool => self::isGone($l, $blow)));
            $list[] = new BlowTaken(
                blow: $blow->name,
                takes: array_map(static fn (AuditLoad $l): string => $l->label, $gone),
                all: $gone !== [] && count($gone) === count($this->loads),
            );
        }
        usort($list, static fn (BlowTaken $a, BlowTaken $b): int => count($b->takes) <=> count($a->takes));

        return $list;
    }

    /** The chance to lose at least one of the loads within a week, bounded from above by their sum. */
    public function weekRisk(): float
    {
        return min(1.0, array_sum(array_map(fn (AuditLoad $l): float => LossRisk::of($l, $this->blows, self::WEEK), $this->loads)));
    }

    /**
     * The copy of everything to one more place that mends most of the rule for the least time.
     */
    public function nextStep(): ?NextStep
    {
        $best = null;
        $missing = array_sum(array_map($this->rule->missing(...), $this->loads));
        foreach ($missing === 0 ? [] : $this->places as $place) {
            $then = [];
            $gb = 0.0;
            foreach ($this->loads as $load) {
                $isThere = array_filter($load->copies, static fn (AuditCopy $c): bool => $c->device === $place->device) !== [];
                $then[] = $isThere || $this->rule->missing($load) === 0 ? $load : $load->with($place->copy($this->now));
                $gb += $isThere || $this->rule->missing($load) === 0 ? 0 : $load->gb;
            }
            $mends = $missing - array_sum(array_map($this->rule->missing(...), $then));
            $minutes = max(1, (int) ceil((1000 * $gb) / max(1.0, $place->mbPerS) / 60));
            if ($mends > 0 && ($best === null || $mends > $best->mends || ($mends === $best->mends && $minutes < $best->minutes))) {
                $best = new NextStep(
                    place: $place,
                    minutes: $minutes,
                    mends: $mends,
                    before: $this->weekRisk(),
                    after: (new self($then, $this->places, $this->rule, $this->now))->weekRisk(),
                );
            }
        }

        return $best;
    }

    /** @return array<string, list<string>> by place, what sleeps there tonight */
    public function tonight(): array
    {
        $sleeps = [];
        foreach ($this->loads as $load) {
            foreach ($load->copies as $copy) {
                $sleeps[$copy->kept][$copy->name] = $copy->name;
            }
            if ($load->isOnCard) {
                $sleeps['on-you']['cards'] = 'the cards';
            }
        }

        return array_map(array_values(...), $sleeps);
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        if ($this->loads === []) {
            return [];
        }
        $verdicts = [...$this->againstTheRule(), ...$this->routes(), ...$this->oneBag(), ...$this->stale()];

        return $verdicts === []
            ? [
                Verdict::fine(
                    'audit.holds',
                    "Everything is kept by {$this->rule->name()}.",
                    count($this->loads).
                        ' card loads on '.
                        $this->rule->copies.
                        ' devices of '.
                        $this->rule->kinds.
                        ' kinds, '.
                        $this->rule->elsewhere.
                        ' elsewhere. Losing one of them within a week: '.
                        Odds::odds($this->weekRisk()).
                        '.',
                ),
            ]
            : $verdicts;
    }

    /** @return list<Verdict> */
    private function againstTheRule(): array
    {
        $short = array_values(array_filter($this->loads, fn (AuditLoad $l): bool => $this->rule->missing($l) > 0));
        if ($short === []) {
            return [];
        }
        $first = $short[0];
        $step = $this->nextStep();
        $has =
            "{$first->label}: {$first->devices()} ".
            ($first->devices() === 1 ? 'device' : 'devices').
            ', '.
            (count($first->kinds()) === 1 ? 'one kind' : count($first->kinds()).' kinds').
            ", {$first->elsewhere()} elsewhere";

        return [
            Verdict::mind(
                'audit.rule',
                count($short).' of '.count($this->loads)." card loads are short of {$this->rule->name()}.",
                $has.
                    '.'.
                    ($step === null
                        ? ' No place that is known would mend it: add one elsewhere, on another kind of device.'
                        : " The next step: copy to {$step->place->name}, about {$step->minutes} min; the chance of losing a load ".
                            'within a week '.
                            Odds::change($step->before, $step->after).
                            '.'),
                ['short' => count($short)],
                $step === null ? null : new Remedy('copy.to', "Copy to {$step->place->name}", ['destination' => $step->place->id]),
            ),
        ];
    }

    /** @return list<Verdict> */
    private function routes(): array
    {
        $alone = array_values(
            array_filter($this->loads, static fn (AuditLoad $l): bool => count($l->copies) > 0 && count($l->routes()) === 1),
        );

        return $alone === []
            ? []
            : [
                Verdict::mind(
                    'audit.one-route',
                    count($alone).' card loads were copied by one routine alone.',
                    "All copies of {$alone[0]->label} came one way: {$alone[0]->routes()[0]}. If it was set up wrongly, all are wrong: ".
                        'copy one by hand to another drive, and have it adopted here.',
                    ['loads' => count($alone)],
                ),
            ];
    }

    /** @return list<Verdict> */
    private function oneBag(): array
    {
        $together = array_values(
            array_filter(
                $this->loads,
                static fn (AuditLoad $l): bool => $l->copies !== [] &&
                    array_filter($l->copies, static fn (AuditCopy $c): bool => ! in_array($c->kept, ['bag', 'on-you'], true)) === [],
            ),
        );
        $places = array_unique(
            array_map(
                static fn (AuditCopy $c): string => $c->kept,
                array_merge(...array_map(static fn (AuditLoad $l): array => $l->copies, $together) ?: [[]]),
            ),
        );

        return $together === []
            ? []
            : [
                Verdict::fix(
                    'audit.one-bag',
                    'One theft would take '.
                        (count($together) === count($this->loads) ? 'everything' : count($together).' card loads').
                        '.',
                    'All copies of '.
                        implode(', ', array_slice(array_map(static fn (AuditLoad $l): string => $l->label, $together), 0, 4)).
                        ' are '.
                        (count($places) > 1 ? 'in the bag or on you' : 'with you').
                        '. Tonight let the drives sleep in different rooms or houses; send one copy elsewhere.',
                    ['loads' => count($together)],
                ),
            ];
    }

    /** @return list<Verdict> */
    private function stale(): array
    {
        $before = $this->now - $this->rule->againAfterDays * self::DAY_S;
        $old = array_values(
            array_filter(
                $this->loads,
                static fn (AuditLoad $l): bool => array_filter($l->copies, static fn (AuditCopy $c): bool => $c->verifiedAt < $before) !== [],
            ),
        );

        return $old === []
            ? []
            : [
                Verdict::mind(
                    'audit.stale',
                    count($old).' card loads were last read back more than '.$this->rule->againAfterDays.' days ago.',
                    'Drives rot quietly: verify them again.',
                    ['loads' => count($old)],
                    new Remedy('copy.verify', 'Verify them again'),
                ),
            ];
    }

    private static function isGone(AuditLoad $load, Blow $blow): bool
    {
        return (! $load->isOnCard || $blow->takesCards) &&
            array_filter($load->copies, static fn (AuditCopy $c): bool => ! $blow->takes($c)) === [];
    }
}
