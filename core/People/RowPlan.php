<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use Closure;
use NorthSatchel\ImpossibleValue;

/**
 * A group in rows: who sits or is small in front, the tallest behind, each row half a place beside the one
 * before, so that each face looks through a gap; the two in the middle, who must not stand side by side at the
 * ends. Shoulders, steps and sitting heights are common practice, no source.
 */
final readonly class RowPlan
{
    private const SHOULDER_M = 0.55;

    public const ROW_M = 0.7;

    private const STEP_M = 0.17;

    private const USUAL_CM = 172;

    public const SMALL_CM = 140;

    private const SITTING = 0.72;

    /** Eyes below the top of the head. */
    public const EYES_BELOW_M = 0.11;

    /** Half a head and half a face, and a little air. */
    private const CLEAR_M = 0.2;

    private const CAMERA_M = 1.6;

    private const MARGIN = 1.2;

    public const MOST_ROWS = 6;

    /**
     * @param  list<list<Place>>  $rows  the front row first, from the left as the camera sees it
     * @param  list<Place>  $held  infants, in the arms of somebody
     * @param  list<NamePair>  $touching  neighbours who are not to stand side by side, and could not be parted
     */
    private function __construct(public array $rows, public bool $isOnSteps, public array $held = [], public array $touching = []) {}

    /**
     * @param  list<Relative>  $people
     *
     * @throws ImpossibleValue for nobody, or too many rows
     */
    public static function of(array $people, int $rowCount, bool $isOnSteps): self
    {
        if ($people === [] || $rowCount < 1 || $rowCount > self::MOST_ROWS) {
            throw ImpossibleValue::of(
                $people === [] ? 'people' : 'rows',
                $people === [] ? 'must not be empty' : 'must be 1 to '.self::MOST_ROWS,
            );
        }
        // Where there are chairs in front anyway, the old have one, unless they are wanted between two others.
        $hasChairs = array_filter($people, static fn (Relative $r): bool => $r->sits()) !== [];
        $plan = self::laid($people, $rowCount, $isOnSteps, $hasChairs);
        $other = $hasChairs && $plan->touching !== [] ? self::laid($people, $rowCount, $isOnSteps, false) : $plan;

        return count($other->touching) < count($plan->touching) ? $other : $plan;
    }

    /** @param  non-empty-list<Relative>  $people */
    private static function laid(array $people, int $rowCount, bool $isOnSteps, bool $doTheOldSit): self
    {
        $arms = Arms::among($people);
        $people = $arms === [] ? $people : array_values(array_filter($people, static fn (Relative $r): bool => ! isset($arms[$r->name])));
        $isSeated = static fn (Relative $r): bool => $r->sits() || ($doTheOldSit && in_array('elderly', $r->needs, true));
        $isInFront = static fn (Relative $r): bool => $isSeated($r) || self::cm($r) < self::SMALL_CM;
        $standing = array_values(array_filter($people, static fn (Relative $r): bool => ! $isInFront($r)));
        $sitting = array_values(array_filter($people, $isInFront));
        // The two stay in the front standing row; the others go back by height.
        $standing = self::byHeight($standing);
        $rows = $sitting === [] || $standing === [] ? [] : [$sitting];
        $left = $standing === [] ? $sitting : $standing;
        $count = max(1, min($rowCount - count($rows), count($left)));
        for ($i = 0; $i < $count; $i++) {
            // Rows grow by one towards the back, so that each stands in the gaps of the one before.
            $size = (int) round((count($left) - self::growth($count - $i)) / ($count - $i));
            $size = max(1, $i === $count - 1 ? count($left) : $size);
            // Couples are not torn apart between two rows.
            $size += $size < count($left) && RowOrder::arePartners($left[$size - 1], $left[$size]) && $i < $count - 1 ? 1 : 0;
            $rows[] = array_splice($left, 0, $size);
        }
        $placed = $touching = [];
        foreach (array_values(array_filter($rows)) as $index => $row) {
            // Rows stand in each other's gaps when their middles differ by half a place.
            $isAside = (count($row) + $index) % 2 !== count($rows[0]) % 2;
            $order = RowOrder::of($row);
            $placed[] = self::placed($order, $index, $isOnSteps, $isAside ? self::SHOULDER_M / 2 : 0.0, $isSeated);
            $touching = [...$touching, ...RowOrder::touching($order)];
        }

        return new self($placed, $isOnSteps, Arms::placed($arms, $placed), $touching);
    }

    /** The same with each row spread a little, so that from that distance it still stands in the gaps of the one before. */
    public function fanned(float $distanceM): self
    {
        $rows = [];
        foreach ($this->rows as $row) {
            $rows[] = array_map(
                static fn (Place $p): Place => new Place(
                    $p->name,
                    $p->row,
                    ($p->x * ($distanceM + $p->depthM)) / $distanceM,
                    $p->depthM,
                    $p->eyesM,
                    $p->topM,
                    $p->sits,
                ),
                $row,
            );
        }

        return new self($rows, $this->isOnSteps, Arms::placed(Arms::of($this->held), $rows), $this->touching);
    }

    /** How many stand in the widest row. */
    public function widest(): int
    {
        return array_reduce($this->rows, static fn (int $most, array $row): int => max($most, count($row)), 0);
    }

    /** Of the widest row, with a margin at both sides. */
    public function widthM(): float
    {
        return self::SHOULDER_M * $this->widest() * self::MARGIN;
    }

    /** From the camera to the front row, so that a lens holds the width. */
    public function distanceM(float $focalMm, float $sensorWidthMm): float
    {
        return max(1.5, ($this->widthM() * $focalMm) / $sensorWidthMm);
    }

    /** @return non-empty-list<float> from the camera to each row */
    public function rowDistances(float $distanceM): array
    {
        return array_map(static fn (int $row): float => $distanceM + $row * self::ROW_M, array_keys($this->rows) ?: [0]);
    }

    /**
     * Whose face somebody before them covers, seen from the camera in the middle: neither beside nor above a
     * head in front runs a free line.
     *
     * @return list<HiddenFace>
     */
    public function hidden(float $distanceM): array
    {
        $hidden = [];
        foreach ($this->rows as $index => $row) {
            foreach ($row as $person) {
                $held = array_filter($this->held, static fn (Place $p): bool => $p->row < $index);
                foreach ([...array_merge(...array_slice($this->rows, 0, $index)), ...$held] as $front) {
                    $share = ($distanceM + $front->depthM) / ($distanceM + $person->depthM);
                    $beside = abs($person->x * $share - $front->x);
                    $lineM = self::CAMERA_M + ($person->eyesM - self::EYES_BELOW_M - self::CAMERA_M) * $share;
                    if ($beside < self::CLEAR_M && $lineM < $front->topM) {
                        $hidden[] = new HiddenFace(who: $person->name, behind: $front->name);
                    }
                }
            }
        }

        return $hidden;
    }

    private static function growth(int $rows): float
    {
        return ($rows * ($rows - 1)) / 2;
    }

    /**
     * The two first, then from the smallest to the tallest, couples by the smaller of them and together.
     *
     * @param  list<Relative>  $people
     * @return list<Relative>
     */
    private static function byHeight(array $people): array
    {
        usort($people, static fn (Relative $a, Relative $b): int => [! $a->isOfTheCouple, self::cm($a)] <=> [! $b->isOfTheCouple, self::cm($b)]);
        $order = [];
        foreach ($people as $person) {
            if (in_array($person, $order, true)) {
                continue;
            }
            $order[] = $person;
            foreach ($people as $other) {
                if (! in_array($other, $order, true) && RowOrder::arePartners($person, $other)) {
                    $order[] = $other;
                }
            }
        }

        return $order;
    }

    /**
     * @param  list<Relative>  $row
     * @param  Closure(Relative): bool  $isSeated
     * @return list<Place>
     */
    private static function placed(array $row, int $index, bool $isOnSteps, float $shift, Closure $isSeated): array
    {
        $places = [];
        foreach ($row as $at => $person) {
            $sits = $isSeated($person);
            $top = (self::cm($person) / 100) * ($sits ? self::SITTING : 1.0) + ($isOnSteps ? $index * self::STEP_M : 0.0);
            $places[] = new Place(
                $person->name,
                $index,
                ($at - (count($row) - 1) / 2) * self::SHOULDER_M + $shift,
                $index * self::ROW_M,
                $top - self::EYES_BELOW_M,
                $top,
                $sits,
            );
        }

        return $places;
    }

    /** Of somebody whose height nobody has said, what is usual; of a child, at that age. */
    public static function cm(Relative $person): int
    {
        return $person->heightCm ?? (in_array('infant', $person->needs, true) ? 110 : ChildHeight::cm($person->age) ?? self::USUAL_CM);
    }
}
