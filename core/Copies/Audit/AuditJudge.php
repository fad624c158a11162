<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** What is said of where everything lies. */
final class AuditJudge
{
    private const DAY_S = 86400;

    /** @return list<Verdict> */
    public static function of(CopyAudit $audit): array
    {
        $looked = Looked::at(count($audit->loads), 'card load');
        if ($looked === null) {
            return [];
        }
        $verdicts = [...self::againstTheRule($audit), ...self::routes($audit), ...self::oneBag($audit), ...self::stale($audit)];

        return $verdicts === []
            ? [
                Verdict::fine(
                    'audit.holds',
                    "Everything is kept by {$audit->rule->name()}.",
                    self::loads(count($audit->loads)).
                        ' on '.
                        $audit->rule->copies.
                        Plural::of($audit->rule->copies, ' device of ', ' devices of ').
                        $audit->rule->kinds.
                        Plural::of($audit->rule->kinds, ' kind, ', ' kinds, ').
                        $audit->rule->elsewhere.
                        ' elsewhere. Losing one of them within a week: '.
                        Odds::odds($audit->weekRisk()).
                        '.',
                    $looked,
                ),
            ]
            : $verdicts;
    }

    /** @return list<Verdict> */
    private static function againstTheRule(CopyAudit $audit): array
    {
        $short = array_values(array_filter($audit->loads, fn (AuditLoad $l): bool => $audit->rule->missing($l) > 0));
        if ($short === []) {
            return [];
        }
        $first = $short[0];
        $step = $audit->nextStep();
        $has =
            "{$first->label}: {$first->devices()} ".
            Plural::of($first->devices(), 'device', 'devices').
            ', '.
            (count($first->kinds()) === 1 ? 'one kind' : count($first->kinds()).' kinds').
            ", {$first->elsewhere()} elsewhere";

        return [
            Verdict::mind(
                'audit.rule',
                count($short).' of '.self::loads(count($audit->loads)).Plural::of(count($short), ' is', ' are')." short of {$audit->rule->name()}.",
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
    private static function routes(CopyAudit $audit): array
    {
        $alone = array_values(
            array_filter($audit->loads, static fn (AuditLoad $l): bool => count($l->copies) > 0 && count($l->routes()) === 1),
        );

        return $alone === []
            ? []
            : [
                Verdict::mind(
                    'audit.one-route',
                    self::loads(count($alone)).Plural::of(count($alone), ' was', ' were').' copied by one routine alone.',
                    "All copies of {$alone[0]->label} came one way: {$alone[0]->routes()[0]}. If it was set up wrongly, all are wrong: ".
                        'copy one by hand to another drive, and have it adopted here.',
                    ['loads' => count($alone)],
                ),
            ];
    }

    /** @return list<Verdict> */
    private static function oneBag(CopyAudit $audit): array
    {
        $together = array_values(
            array_filter(
                $audit->loads,
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
                        (count($together) === count($audit->loads) ? 'everything' : self::loads(count($together))).
                        '.',
                    'All copies of '.
                        Some::of(array_map(static fn (AuditLoad $l): string => $l->label, $together), 4).
                        ' are '.
                        (count($places) > 1 ? 'in the bag or on you' : 'with you').
                        '. Tonight let the drives sleep in different rooms or houses; send one copy elsewhere.',
                    ['loads' => count($together)],
                ),
            ];
    }

    /** @return list<Verdict> */
    private static function stale(CopyAudit $audit): array
    {
        $before = $audit->now - $audit->rule->againAfterDays * self::DAY_S;
        $old = array_values(
            array_filter(
                $audit->loads,
                static fn (AuditLoad $l): bool => array_filter($l->copies, static fn (AuditCopy $c): bool => $c->verifiedAt < $before) !== [],
            ),
        );

        return $old === []
            ? []
            : [
                Verdict::mind(
                    'audit.stale',
                    self::loads(count($old)).Plural::of(count($old), ' was', ' were').
                        ' last read back more than '.$audit->rule->againAfterDays.' days ago.',
                    'Drives rot quietly: verify them again.',
                    ['loads' => count($old)],
                    new Remedy('copy.verify', 'Verify them again'),
                ),
            ];
    }

    private static function loads(int $count): string
    {
        return Plural::of($count, '1 card load', "{$count} card loads");
    }
}
