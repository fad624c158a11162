<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\People\Roster\CodedText;
use NorthSatchel\People\Roster\Roster;
use NorthSatchel\People\Roster\RosterPlayer;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * Captions of the exposures of a job: the line of its name, else the last line of time before it in the same segment, else the segment;
 * each with place and day.
 */
final readonly class Captions
{
    /** A line of time holds for so long at most (ours, no source). */
    private const HOLDS_S = 600;

    private const MOST_NAMED = 3;

    /** What was taken so long before or after a job belongs to it hardly (ours, no source). */
    private const NEAR_S = 43_200;

    /** @var list<CaptionedFrame> */
    public array $frames;

    /** @var list<string> names of frames for which a line was typed and that are not there */
    public array $unknown;

    /** @var list<string> times of lines that are on no frame */
    public array $unused;

    /**
     * @param  list<CaptionLine>  $lines
     * @param  list<TakenExposure>  $frames  in the order of time
     * @param  list<Happening>  $happenings  in the order of time
     */
    public function __construct(array $lines, array $frames, array $happenings, Roster $roster, LocalDay $day, string $job, string $place)
    {
        $byName = $byTime = [];
        foreach ($lines as $line) {
            if ($line->frame !== null) {
                $byName[$line->frame] = $line;
            } else {
                $byTime[] = $line;
            }
        }
        $captioned = $used = [];
        $named = array_count_values(array_map(static fn (TakenExposure $f): string => $f->name, $frames));
        foreach ($frames as $frame) {
            $happening = self::happening($happenings, $frame->at);
            // Two bodies, or a counter that began anew, give one name twice: nobody knows of which the line is.
            $isTwice = isset($byName[$frame->name]) && $named[$frame->name] > 1;
            $line = ($isTwice ? null : $byName[$frame->name] ?? null) ?? self::before($byTime, $frame->at, $day, $happening);
            if ($line?->seconds !== null) {
                $used[$line->seconds] = true;
            }
            $coded = CodedText::of($roster, $line->text ?? $happening->title ?? $job);
            $where = $happening->place ?? $place;
            $when = $frame->at === null ? $day->date : (new \DateTimeImmutable("@{$frame->at}"))->setTimezone($day->timezone)->format('Y-m-d');
            $isOtherDay = $line === null && self::isOtherDay($frame->at, $happenings, $day);
            $captioned[] = new CaptionedFrame(
                $frame,
                $isOtherDay ? new Caption("{$when}.") : new Caption(
                    ($coded->text === $job ? '' : rtrim($coded->text, '. ').'. ')."{$job}, {$where}, {$when}.",
                    array_map(static fn (RosterPlayer $p): string => $p->name, $coded->people),
                    $where,
                ),
                $line !== null,
                [
                    ...$coded->unclear,
                    ...$isTwice ? ["{$named[$frame->name]} frames are called {$frame->name}: their lines want a time"] : [],
                ],
                $coded->doubts,
                array_filter($coded->people, static fn (RosterPlayer $p): bool => $p->isToday === null) !== [],
                $isOtherDay,
            );
        }
        $this->frames = $captioned;
        $unused = array_filter($byTime, static fn (CaptionLine $l): bool => ! isset($used[$l->seconds]));
        $this->unused = array_map(static fn (CaptionLine $l): string => $l->clock(), array_values($unused));
        $this->unknown = array_values(array_diff(
            array_map(strval(...), array_keys($byName)),
            array_map(static fn (TakenExposure $f): string => $f->name, $frames),
        ));
    }

    /** @param  list<Happening>  $happenings  in the order of time */
    private static function isOtherDay(?int $at, array $happenings, LocalDay $day): bool
    {
        $from = $happenings[0]->from ?? $day->startsAt();
        $to = max([$from + 86_400, ...array_map(static fn (Happening $h): int => $h->to, $happenings)]);

        return $at !== null && ($at < $from - self::NEAR_S || $at > $to + self::NEAR_S);
    }

    /** @param  list<Happening>  $happenings */
    private static function happening(array $happenings, ?int $at): ?Happening
    {
        foreach ($at === null ? [] : $happenings as $happening) {
            if ($at >= $happening->from && $at < $happening->to) {
                return $happening;
            }
        }

        return null;
    }

    /** @param  list<CaptionLine>  $lines  of time */
    private static function before(array $lines, ?int $at, LocalDay $day, ?Happening $happening): ?CaptionLine
    {
        $best = null;
        foreach ($at === null ? [] : $lines as $line) {
            $from = self::instantOf((int) $line->seconds, $day);
            $isHere = $from <= $at && $at - $from <= self::HOLDS_S && ($happening === null || $from >= $happening->from);
            $best = $isHere && ($best === null || $line->seconds >= $best->seconds) ? $line : $best;
        }

        return $best;
    }

    /** Clocks that are changed at night give real hours; a minute that they skip is counted from midnight. */
    private static function instantOf(int $seconds, LocalDay $day): int
    {
        try {
            return $day->instantOf(ClockTime::ofMinutes(intdiv($seconds, 60))) + $seconds % 60;
        } catch (ImpossibleValue) {
            return $day->startsAt() + $seconds;
        }
    }

    private function checked(Looked $looked): string
    {
        $people = array_unique(array_merge(...array_map(static fn (CaptionedFrame $f): array => $f->caption->people, $this->frames) ?: [[]]));

        return "{$looked->words}, each with a line of its own; ".(count($people) === 1 ? '1 name' : count($people).' names').
            ' of the roster in them, by code or in full. A name that is typed and stands on no roster is not looked at.';
    }

    /** @return array<int, Caption> by exposure, without those that are not clear */
    public function clear(): array
    {
        $clear = [];
        foreach ($this->frames as $frame) {
            if ($frame->unclear === [] && ! $frame->isOtherDay) {
                $clear[$frame->frame->id] = $frame->caption;
            }
        }

        return $clear;
    }

    public function verdicts(): Verdicts
    {
        $found = [];
        $unclear = array_values(array_filter($this->frames, static fn (CaptionedFrame $f): bool => $f->unclear !== []));
        if ($unclear !== []) {
            $why = array_unique(array_merge(...array_map(static fn (CaptionedFrame $f): array => $f->unclear, $unclear)));
            $found[] = Verdict::fix(
                'caption.unclear',
                count($unclear) === 1 ? '1 caption may name somebody wrongly.' : count($unclear).' captions may name somebody wrongly.',
                ucfirst(Some::of($why, self::MOST_NAMED, '; ')).
                    '. Until that is clear they are not sent, and their sidecars say only when they were taken.',
                ['frames' => count($unclear)],
            );
        }
        $doubts = array_unique(array_merge(...array_map(static fn (CaptionedFrame $f): array => $f->doubts, $this->frames) ?: [[]]));
        if ($doubts !== []) {
            $found[] = Verdict::mind(
                'caption.part-name',
                Plural::of(count($doubts), '1 part of a name', count($doubts).' parts of names').' may be of somebody who does not play today.',
                ucfirst(Some::of($doubts, self::MOST_NAMED, '; ')).'. A whole name, or a code, says who it is.',
                ['names' => count($doubts)],
            );
        }
        if ($this->unknown !== []) {
            $found[] = Verdict::mind(
                'caption.no-frame',
                Some::of($this->unknown, self::MOST_NAMED).
                    Plural::of(count($this->unknown), ' is', ' are').' not among the indexed frames.',
                'A line was typed for a name that is not there: a slip, or a card that is not read yet.',
                ['names' => count($this->unknown)],
            );
        }
        if ($this->unused !== [] && $this->frames !== []) {
            $found[] = Verdict::mind(
                'caption.no-moment',
                (count($this->unused) === 1 ? 'The line of ' : 'The lines of ').Some::of($this->unused, self::MOST_NAMED).
                    Plural::of(count($this->unused), ' is on no frame.', ' are on no frame.'),
                'A line holds for what is taken within ten minutes of its time, in the same segment: another time, a clock that is off, or a '.
                    'card that is not read yet.',
                ['lines' => count($this->unused)],
            );
        }
        $unchecked = count(array_filter($this->frames, static fn (CaptionedFrame $f): bool => $f->isUnchecked));
        if ($unchecked > 0) {
            $found[] = Verdict::mind(
                'caption.no-line-up',
                Plural::of(
                    $unchecked,
                    '1 caption names somebody who may not play today.',
                    "{$unchecked} captions name somebody who may not play today.",
                ),
                'Today\'s line-up of their team is not typed in: a name is held against it once it is.',
                ['frames' => $unchecked],
            );
        }
        $others = count(array_filter($this->frames, static fn (CaptionedFrame $f): bool => $f->isOtherDay));
        if ($others > 0) {
            $found[] = Verdict::mind(
                'caption.other-day',
                Plural::of($others, '1 frame was', "{$others} frames were").' taken on another day than the job.',
                'Test frames, another job, or a clock that is wrong: they say only when they were taken, until a line is typed for them or '.
                    'the clock is set right.',
                ['frames' => $others],
            );
        }
        $typed = count(array_filter($this->frames, static fn (CaptionedFrame $f): bool => $f->isTyped));
        $bare = count($this->frames) - $typed - $others;
        if ($bare > 0) {
            $found[] = Verdict::mind(
                'caption.bare',
                Plural::of($bare, '1 frame says only where and when it was.', "{$bare} frames say only where and when they were."),
                $typed.' have a line of their own. Those that are chosen want one; the others may stay so.',
                ['frames' => $bare],
            );
        }
        $looked = Looked::at(count($this->frames), 'caption');

        return new Verdicts($found !== [] || $looked === null ? $found : [
            Verdict::fine(
                'caption.clear',
                'Every frame has its line, and nobody of the roster who does not play today is named by code, whole or by the last name.',
                $this->checked($looked),
                $looked,
            ),
        ]);
    }
}
