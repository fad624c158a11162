<?php

declare(strict_types=1);

namespace NorthSatchel\People\Crew;

use NorthSatchel\Drawing\Labels;
use NorthSatchel\Drawing\NamedPoint;
use NorthSatchel\Drawing\PlacedMark;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The floor: who sits where, and who has which screen. "Signe, client, 6, 4.5, screen". */
final readonly class FloorPlan
{
    private const MOST_LINES = 40;

    private const MOST_M = 60.0;

    /** Nearer than that one stands behind somebody who works (common practice, no source). */
    private const BEHIND_M = 1.5;

    private const MARGIN = 40.0;

    private const WIDTH = 640.0;

    /** Of a name, and from the middle of a mark to its edge, the screen above it. */
    private const TEXT = 14.0;

    private const REACH = 20.0;

    /** Units of the drawing a metre. */
    public float $scale;

    public float $height;

    private float $left;

    private float $near;

    /** @param  list<Seat>  $seats */
    private function __construct(public array $seats)
    {
        $xs = array_map(static fn (Seat $s): float => $s->xM, $seats) ?: [0.0];
        $ys = array_map(static fn (Seat $s): float => $s->yM, $seats) ?: [0.0];
        $this->left = min($xs);
        $this->near = min($ys);
        $this->scale = min(90.0, (self::WIDTH - 4 * self::MARGIN) / max(1.0, max($xs) - $this->left), 360 / max(1.0, max($ys) - $this->near));
        $this->height = (max($ys) - $this->near) * $this->scale + 2 * self::MARGIN;
    }

    /** @throws ImpossibleValue naming the line */
    public static function read(string $text): self
    {
        $seats = [];
        foreach (TypedLines::of($text, 'floor', self::MOST_LINES) as $line) {
            $rest = $line->rest();
            $hasScreen = $rest !== [] && preg_match('/^(?:a\s+)?screen$/iu', $rest[count($rest) - 1]) === 1;
            $rest = $hasScreen ? array_slice($rest, 0, -1) : $rest;
            $metres = array_map(
                static fn (string $part): ?string => TypedLine::said($part, '/^(\d{1,2}(?:\.\d+)?)\s*m?$/'),
                array_slice($rest, -2),
            );
            if (count($metres) !== 2 || in_array(null, $metres, true) || max((float) $metres[0], (float) $metres[1]) > self::MOST_M) {
                $line->refuse('it does not say where, metres along and across: Signe, client, 6, 4.5, screen');
            }
            $name = implode(', ', [$line->parts[0], ...array_slice($rest, 0, -2)]);
            if (isset($seats[mb_strtolower($name)])) {
                $line->refuse("“{$name}” is there already");
            }
            $seats[mb_strtolower($name)] = new Seat($name, (float) $metres[0], (float) $metres[1], $hasScreen);
        }

        return new self(array_values($seats));
    }

    public function x(Seat $seat): float
    {
        return 2 * self::MARGIN + ($seat->xM - $this->left) * $this->scale;
    }

    public function y(Seat $seat): float
    {
        return $this->height - self::MARGIN - ($seat->yM - $this->near) * $this->scale;
    }

    /** @return list<PlacedMark> the name of each seat, in their order */
    public function names(): array
    {
        return Labels::beside(
            array_map(fn (Seat $s): NamedPoint => new NamedPoint($s->name, $this->x($s), $this->y($s)), $this->seats),
            array_fill(0, count($this->seats), self::REACH),
            self::TEXT,
            self::WIDTH,
            $this->height,
        );
    }

    public function verdicts(): Verdicts
    {
        $people = array_values(array_filter($this->seats, static fn (Seat $s): bool => ! $s->isThing()));
        $looked = Looked::at(count($people), 'person', 'people');
        if ($looked === null) {
            return new Verdicts();
        }
        $found = [];
        $without = array_values(array_filter($people, static fn (Seat $s): bool => ! $s->hasScreen));
        $operators = array_filter($people, static fn (Seat $s): bool => $s->isOperator());
        foreach ($operators as $operator) {
            $behind = array_filter($people, static fn (Seat $s): bool => $s !== $operator && $s->from($operator) < self::BEHIND_M);
            foreach ($behind as $seat) {
                $found[] = Verdict::mind(
                    'floor.behind',
                    "{$seat->name} sits behind the operator.",
                    sprintf(
                        '%.1f m away, and %.1f m leave room to work: a screen of their own, and a place farther off.',
                        $seat->from($operator),
                        self::BEHIND_M,
                    ),
                );
            }
        }
        if ($without !== []) {
            $found[] = Verdict::mind(
                'floor.no-screen',
                count($without) === 1 ? "{$without[0]->name} has no screen." : count($without).' people have no screen.',
                implode(', ', array_map(static fn (Seat $s): string => $s->name, $without)).
                    ': whoever has none stands at the set. Each party has one, and the set stays small.',
            );
        }

        return new Verdicts($found !== [] ? $found : [Verdict::fine(
            'floor.seen',
            'Everybody on the floor plan has a screen'.($operators === [] ? '.' : ', and nobody sits behind the operator.'),
            "{$looked->words}.",
            $looked,
        )]);
    }
}
