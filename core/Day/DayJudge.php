<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What is to be said of a day while it is lived through, and of what phones tapped against each other. */
final class DayJudge
{
    /** A few minutes are no news (common practice, no source). */
    private const NEWS_MINUTES = 5;

    private const MOST_NAMED = 3;

    /**
     * @param  int  $days  to the job; negative once it is over
     * @param  array<string, LaneNow>  $lanes  by name
     * @param  list<string>  $openMusts  musts without a tick whose segment is done
     * @param  list<Segment>  $skippedMusts
     * @param  int  $unknown  taps about what is not in the plan any more
     */
    public static function of(int $days, int $segments, array $lanes, array $openMusts, array $skippedMusts, int $unknown): Verdicts
    {
        $looked = Looked::at($segments, 'segment');
        if ($looked === null) {
            return new Verdicts([
                Verdict::mind('day.no-plan', 'Nothing is planned for this day.', 'The phone has nothing to go by: lay the day out under Plan.'),
            ]);
        }
        if ($days > 0) {
            return new Verdicts([
                Verdict::mind(
                    'day.ahead',
                    Plural::of($days, 'It is tomorrow.', "It is in {$days} days."),
                    'Open this page once on every phone that is to have it before you leave: from then on it works without a net.',
                    ['days' => $days],
                ),
            ]);
        }
        // Past midnight a day goes on for as long as something runs; once it is over nobody is late any more.
        $isOn = static fn (LaneNow $l): bool => $days === 0 || ($days === -1 && $l->running !== null);
        $lanes = array_filter($lanes, $isOn);
        $late = array_filter(array_map(self::late(...), array_keys($lanes), $lanes));
        $found = [...array_values($late), ...self::musts($openMusts), ...array_map(self::skipped(...), $skippedMusts), ...self::unknown($unknown)];
        $started = array_filter($lanes, static fn (LaneNow $l): bool => $l->running !== null);

        return new Verdicts($found !== [] ? $found : [
            $lanes === []
                ? Verdict::mind('day.over', 'The day is over.', 'What was tapped of it stands; what was not, nobody knows here.')
                : ($started === []
                ? Verdict::mind('day.quiet', 'Nothing runs.', 'Nobody has started a segment yet, or all of them are done: tap what is begun.')
                : Verdict::fine('day.on-time', 'The day is on time.', self::says($started), $looked)),
        ]);
    }

    private static function late(string $lane, LaneNow $now): ?Verdict
    {
        $behind = (int) $now->lateAtNext;
        $late = max((int) $now->minutesLate, $behind);
        $next = $now->waiting[0] ?? null;

        return $late < self::NEWS_MINUTES
            ? null
            : Verdict::fix(
                'day.late',
                ucfirst(Lane::person($lane)).' is '.Span::hours($late).' late.',
                $next === null || $behind === 0
                    ? 'Nothing has to give yet: there is slack enough before what comes.'
                    : "{$next->title} would begin ".Span::hours($behind).' after its time: the page of the day has the ways out.',
                ['minutes' => $late],
            );
    }

    /**
     * @param  list<string>  $open
     * @return list<Verdict>
     */
    private static function musts(array $open): array
    {
        $count = count($open);

        return $count === 0 ? [] : [
            Verdict::fix(
                'day.must-open',
                Plural::of($count, 'A must of what is over has no tick.', "{$count} musts of what is over have no tick."),
                Some::of($open, self::MOST_NAMED).
                    ': taken and not ticked, or still to be taken while their people are here.',
                ['musts' => $count],
            ),
        ];
    }

    private static function skipped(Segment $segment): Verdict
    {
        return Verdict::fix(
            'day.must-skipped',
            "{$segment->title} was skipped, and is a must.",
            'Say when it is made up for, or say so to the client.',
        );
    }

    /** @return list<Verdict> */
    private static function unknown(int $taps): array
    {
        return $taps === 0 ? [] : [
            Verdict::mind(
                'day.unknown-taps',
                Plural::of($taps, 'One tap is about something that is not in the plan.', "{$taps} taps are about what is not in the plan."),
                'It was taken out of the plan while that phone was away. The taps are kept.',
                ['taps' => $taps],
            ),
        ];
    }

    /** @param  array<string, LaneNow>  $started */
    private static function says(array $started): string
    {
        return implode(' ', array_map(
            static fn (string $lane, LaneNow $l): string => ucfirst(Lane::person($lane)).": {$l->running?->title}, {$l->minutesLeft} min left.",
            array_keys($started),
            $started,
        ));
    }
}
