<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/**
 * Where does everything lie, by the owner's rule: copies, kinds of device, places, routes (M3), bags (M27); what one
 * blow would take; and the next cheapest step.
 */
final class CopyAudit
{
    private const WEEK = 7.0;

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
        public readonly int $now,
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

    private static function isGone(AuditLoad $load, Blow $blow): bool
    {
        return (! $load->isOnCard || $blow->takesCards) &&
            array_filter($load->copies, static fn (AuditCopy $c): bool => ! $blow->takes($c)) === [];
    }
}
