<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Test;

use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Looked;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Is there still time to order another? Each thing has a lead time, so each test a latest sensible day (M4). */
final class TestDays
{
    /** Days in which another of its kind comes, where nobody has asked (common practice, no source). */
    private const USUAL_LEAD_DAYS = [
        'body' => 4,
        'lens' => 4,
        'flash' => 3,
        'trigger' => 5,
        'reader' => 2,
        'cable' => 2,
        'charger' => 3,
        'computer' => 4,
    ];

    /** What comes should be there the day before. */
    private const BEFORE_DAYS = 1;

    /** A test of that age still says something (common practice, no source). */
    private const GOOD_FOR_DAYS = 30;

    /**
     * What is to be tested by when, the most urgent first.
     *
     * @param  list<Gear>  $bag
     * @param  array<int, TestResult>  $last  by gear, its last test
     * @param  string  $jobOn  YYYY-MM-DD
     * @param  string  $today  YYYY-MM-DD
     * @return list<TestDue>
     */
    public static function of(array $bag, array $last, string $jobOn, string $today): array
    {
        $due = [];
        foreach ($bag as $gear) {
            if (! $gear->kind->isTried()) {
                continue;
            }
            $lead = $gear->leadDays ?? (self::USUAL_LEAD_DAYS[$gear->kind->value] ?? 3);
            $latest = (new \DateTimeImmutable($jobOn))->modify('-'.($lead + self::BEFORE_DAYS).' days')->format('Y-m-d');
            $test = $last[$gear->id] ?? null;
            $isFresh = $test !== null && DueJudge::days($test->on, $jobOn) <= self::GOOD_FOR_DAYS;
            $state = match (true) {
                $isFresh && ! $test->isPassed => TestState::Failed,
                $isFresh => TestState::Passed,
                $latest < $today => TestState::TooLate,
                default => TestState::Open,
            };
            $due[] = new TestDue($gear, $lead, $latest, $state, $test, $latest >= $today);
        }
        $rank = static fn (TestDue $d): int => (int) array_search(
            $d->state,
            [TestState::Failed, TestState::TooLate, TestState::Open, TestState::Passed],
            true,
        );
        usort(
            $due,
            static fn (TestDue $a, TestDue $b): int => [$rank($a), $a->latestOn, $a->gear->label] <=> [
                $rank($b),
                $b->latestOn,
                $b->gear->label,
            ],
        );

        return $due;
    }

    /**
     * @param  list<TestDue>  $due
     * @return list<Verdict>
     */
    public static function verdicts(array $due): array
    {
        $verdicts = [];
        foreach ($due as $one) {
            if ($one->state === TestState::Failed) {
                $verdicts[] = Verdict::fix(
                    'kit.test-failed',
                    "{$one->gear->label} failed its test.",
                    ($one->test->note ?? '') === '' ? $one->mend() : "{$one->test?->note}. {$one->mend()}",
                    ['lead_days' => $one->leadDays],
                );
            }
        }
        $late = array_values(array_filter($due, static fn (TestDue $d): bool => $d->state === TestState::TooLate));
        $open = array_values(array_filter($due, static fn (TestDue $d): bool => $d->state === TestState::Open));
        if ($late !== []) {
            $verdicts[] = Verdict::fix(
                'kit.test-late',
                count($late) === 1
                    ? "{$late[0]->gear->label} is untested, and it is too late to order another."
                    : count($late).' things are untested, and it is too late to order others.',
                self::names($late).': test them today all the same. What fails must be borrowed, or a spare put in.',
                ['things' => count($late)],
            );
        }
        if ($open !== []) {
            $verdicts[] = Verdict::mind(
                'kit.test-open',
                "Test {$open[0]->gear->label} by {$open[0]->latestOn}.",
                "Another takes {$open[0]->leadDays} days to come, and should be there the day before.".
                    (count($open) > 1 ? ' '.(count($open) - 1).' more can wait a little.' : ''),
                ['things' => count($open)],
            );
        }

        $looked = Looked::at(count($due), 'thing');

        return $verdicts === [] && $looked !== null
            ? [
                Verdict::fine(
                    'kit.tested',
                    'Everything whose loss stops the job is tested.',
                    "{$looked->words}, no test older than ".self::GOOD_FOR_DAYS.' days.',
                    $looked,
                ),
            ]
            : $verdicts;
    }

    /** @param  list<TestDue>  $some */
    private static function names(array $some): string
    {
        return Some::of(array_map(static fn (TestDue $d): string => $d->gear->label, $some), 4);
    }
}
