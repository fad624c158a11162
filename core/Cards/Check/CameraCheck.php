<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * Are the bodies ready? Proved from the test frames on both cards of each: save mode, file types,
 * clocks against each other, and what else is on the cards.
 *
 * For the clocks all bodies fire their first test frame at the same moment; the clock in the middle
 * is taken as right, so that the odd one out is named.
 */
final class CameraCheck
{
    /** Fired together by hand, two frames may still fall into neighbouring seconds. */
    private const CLOCK_TOLERANCE_S = 1;

    /**
     * @param  list<BodyRead>  $bodies
     * @param  \Closure(string): bool  $isSafe  whether a frame of that hash has two verified copies
     */
    public static function of(array $bodies, \Closure $isSafe): Verdicts
    {
        $offsets = self::offsets($bodies);
        $verdicts = [];
        foreach ($bodies as $body) {
            $found = array_values(
                array_filter([
                    self::unreadable($body),
                    self::mode($body),
                    self::raw($body),
                    self::clock($body, $offsets[$body->bodyId] ?? null),
                    self::leftovers($body, $offsets[$body->bodyId] ?? 0, $isSafe),
                ]),
            );
            $verdicts = [...$verdicts, ...$found];
            if (array_filter($found, static fn (Verdict $v): bool => $v->severity->isOpen()) === []) {
                $verdicts[] = Verdict::fine(
                    'camera.ready',
                    "{$body->label} is ready.",
                    "Test frames prove it: slot 1 {$body->describe($body->first)}, slot 2 {$body->describe(
                        $body->second,
                    )}, ".($body->planned === SaveMode::Mirror ? 'the same bytes' : "{$body->planned->value} as planned").
                        (count($offsets) > 1 ? '; its clock agrees.' : '; there is no other clock to compare its own with.'),
                    Looked::one("the test frames of {$body->label}"),
                );
            }
        }

        return new Verdicts($verdicts);
    }

    /**
     * Seconds that each body's clock is ahead of the one in the middle.
     *
     * @param  list<BodyRead>  $bodies
     * @return array<int, int> by body id, of the bodies that have a test frame
     */
    public static function offsets(array $bodies): array
    {
        $clocks = [];
        foreach ($bodies as $body) {
            $clock = $body->firstClock();
            if ($clock !== null) {
                $clocks[$body->bodyId] = $clock;
            }
        }
        if ($clocks === []) {
            return [];
        }
        $sorted = array_values($clocks);
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted) - 1, 2)];

        return array_map(static fn (int $clock): int => $clock - $middle, $clocks);
    }

    private static function unreadable(BodyRead $body): ?Verdict
    {
        foreach ([1 => $body->first, 2 => $body->second] as $slot => $read) {
            if ($read === null) {
                return Verdict::stop(
                    'camera.no-card',
                    "{$body->label} has no card in slot {$slot}.",
                    'Work that cannot be repeated is written to two cards at once.',
                );
            }
            if ($read->problem !== null) {
                return Verdict::stop('camera.unreadable', "{$read->card} in {$body->label} cannot be read.", ucfirst($read->problem).'.');
            }
        }

        return null;
    }

    private static function mode(BodyRead $body): ?Verdict
    {
        if ($body->first === null || $body->second === null) {
            return null;
        }
        if (! $body->hasTestFrames()) {
            return Verdict::stop(
                'camera.no-test-frames',
                "{$body->label} has proved nothing yet.",
                'There is no test frame on its cards: fire one with every body at the same moment, then read the cards.',
                remedy: new Remedy('camera.test', 'Fire test frames', ['body' => $body->bodyId]),
            );
        }
        $mode = $body->mode();
        if ($mode === $body->planned) {
            return null;
        }
        $finding = match ($mode) {
            SaveMode::Split => "{$body->label} writes raw to one card and jpeg to the other.",
            SaveMode::Overflow => "{$body->label} writes each frame to one card only.",
            SaveMode::Mirror => "{$body->label} writes the same to both cards, which is not planned.",
            null => "The two cards of {$body->label} do not agree.",
        };

        return Verdict::stop(
            'camera.mode',
            $finding,
            "Slot 1 holds {$body->describe($body->first)}, slot 2 {$body->describe(
                $body->second,
            )}; planned is {$body->planned->value}: {$body->planned->meaning()}. One bad card would lose what is only there.",
            ['mode' => $mode?->value],
            new Remedy('camera.set-mode', "Set {$body->label} to {$body->planned->value} and fire again", ['body' => $body->bodyId]),
        );
    }

    private static function raw(BodyRead $body): ?Verdict
    {
        if (! $body->hasTestFrames() || $body->writesRaw()) {
            return null;
        }

        return Verdict::stop(
            'camera.no-raw',
            "{$body->label} does not write raw.",
            "Slot 1 holds {$body->describe($body->first)}, slot 2 {$body->describe($body->second)}.",
            remedy: new Remedy('camera.set-mode', "Set {$body->label} to raw and fire again", ['body' => $body->bodyId]),
        );
    }

    private static function clock(BodyRead $body, ?int $offset): ?Verdict
    {
        if ($offset === null || abs($offset) <= self::CLOCK_TOLERANCE_S) {
            return null;
        }
        $span = Span::exact($offset);
        $way = $offset > 0 ? 'ahead' : 'behind';

        return Verdict::fix(
            'camera.clock',
            "The clock of {$body->label} is {$span} {$way}.",
            "Fired together, its first test frame reads {$span} ".
                ($offset > 0 ? 'later' : 'earlier').
                ' than that of the body in the middle: its frames would sort into the wrong moments.',
            ['offset_s' => $offset],
            new Remedy('camera.set-clock', "Set the clock of {$body->label} and fire again", ['body' => $body->bodyId]),
        );
    }

    /** @param  \Closure(string): bool  $isSafe */
    private static function leftovers(BodyRead $body, int $offset, \Closure $isSafe): ?Verdict
    {
        $old = $body->leftovers($offset);
        if ($old === []) {
            return null;
        }
        $unsafe = array_filter($old, static fn (FrameSeen $f): bool => $f->hash === null || ! $isSafe($f->hash));
        $count = count($old);
        $files = Plural::of($count, 'one older file', "{$count} older files");
        if ($unsafe === []) {
            return Verdict::mind(
                'camera.leftovers-safe',
                "{$body->label} still carries {$files}.",
                'All of it is on two verified copies, so the cards may be formatted in the camera.',
                ['files' => $count],
            );
        }
        $first = basename(array_values($unsafe)[0]->path);

        return Verdict::stop(
            'camera.leftovers-unsafe',
            "{$body->label} carries frames that are safe nowhere else.",
            count($unsafe).
                " of {$files} have fewer than two verified copies, {$first} among them: put this card aside and copy it before anybody ".
                'formats it.',
            ['files' => $count, 'unsafe' => count($unsafe)],
        );
    }
}
