<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Looks;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Do the looks fit into their box, with hair and make-up meanwhile, and has each its frame for a wall? */
final readonly class LooksJudge
{
    /** Faster is not known (common practice, no source). */
    private const POSES_AN_HOUR = 100;

    private const WALL_HELPERS = 2;

    /**
     * @param  list<Look>  $looks
     * @param  list<int>  $onTheWall  numbers of looks whose frame for a wall is picked
     */
    public function __construct(private array $looks, private TimeBox $box, private int $minutes, private array $onTheWall = []) {}

    public function verdicts(): Verdicts
    {
        $looked = Looked::at(count($this->looks), 'look');

        return $looked === null ? new Verdicts() : new Verdicts(array_values(array_filter([
            $this->without(),
            $this->fit($looked),
            $this->order(),
            $this->pace(),
            $this->helpers(),
            $this->wall($looked),
        ])));
    }

    private function without(): ?Verdict
    {
        $names = [];
        foreach ($this->looks as $look) {
            if ($look->model === null || $look->poses === []) {
                $names[] = "{$look->name}: ".($look->model === null ? 'nobody wears it' : 'no pose');
            }
        }

        return $names === [] ? null : Verdict::fix(
            'looks.incomplete',
            count($names) === 1 ? '1 look is not complete.' : count($names).' looks are not complete.',
            implode('; ', $names).'. Its minutes are counted as if somebody else wore it.',
        );
    }

    private function fit(Looked $looked): Verdict
    {
        $best = $this->box->best($this->looks);
        $minutes = $this->box->minutes($best);
        $poses = array_sum(array_map(static fn (Look $l): int => count($l->poses), $this->looks));
        $posed = Plural::of($poses, '1 pose', "{$poses} poses");
        $models = array_unique(array_map(static fn (Look $l): string => (string) $l->model, $this->looks));
        $how = match (true) {
            count($this->looks) === 1 => '',
            count($models) === 1 && $models !== [''] => ", one after the other, for {$models[0]} wears them all",
            default => ', the next made while one is shot where somebody else wears it',
        };
        $why = "{$looked->words} with {$posed}{$how}: ".Span::hours($minutes).' of '.Span::hours($this->minutes);
        if ($minutes > $this->minutes) {
            $out = $this->box->leftOut($best, $this->minutes);

            return Verdict::fix(
                'looks.late',
                'The looks take '.Span::hours($minutes - $this->minutes).' more than their box.',
                "{$why}. ".($out === null
                    ? 'Nothing that may be left out is enough: mark what is only nice, one more pair of hands for hair, or a longer box.'
                    : 'Left out, keeping most: '.implode(', ', $out).'.'),
                ['more_minutes' => $minutes - $this->minutes],
            );
        }

        return Verdict::fine(
            'looks.fit',
            'The looks fit into their box.',
            "{$why}; ".Span::hours($this->minutes - $minutes).' are left.',
            $looked,
            ['spare_minutes' => $this->minutes - $minutes],
        );
    }

    private function order(): ?Verdict
    {
        $more = $this->box->minutes($this->looks) - $this->box->minutes($this->box->best($this->looks));

        return $more <= 0 ? null : Verdict::mind(
            'looks.order',
            'In the order in which they are typed the looks take '.Span::hours($more).' more.',
            'Every order was tried: '.implode(', ', array_map(static fn (Look $l): string => $l->name, $this->box->best($this->looks))).'.',
            ['more_minutes' => $more],
        );
    }

    private function pace(): ?Verdict
    {
        foreach ($this->looks as $look) {
            $minutes = $look->minutes();
            if ($minutes > 0 && count($look->poses) * 60 > self::POSES_AN_HOUR * $minutes) {
                return Verdict::mind(
                    'looks.pace',
                    "{$look->name}: ".count($look->poses)." poses in {$minutes} min is faster than is known.",
                    'Up to '.self::POSES_AN_HOUR.' an hour, with somebody who holds each as it is.',
                );
            }
        }

        return null;
    }

    private function helpers(): ?Verdict
    {
        $names = [];
        foreach ($this->looks as $look) {
            foreach ($look->poses as $pose) {
                if ($pose->throws > 0 && $pose->helpers < self::WALL_HELPERS) {
                    $names[] = "{$pose->name} ({$look->name})";
                }
            }
        }

        return $names === [] ? null : Verdict::mind(
            'looks.helpers',
            Plural::of(
                count($names),
                'A pose with throws has fewer than two helpers.',
                count($names).' poses with throws have fewer than two helpers.',
            ),
            implode(', ', $names).': the pose is whole first and still, then two throw, and one frame is taken as it rises and one as it falls. '.
                'About every second throw is good.',
        );
    }

    /** Once the first is picked. */
    private function wall(Looked $looked): ?Verdict
    {
        $without = array_values(array_filter($this->looks, fn (Look $l): bool => ! in_array($l->wallLine(), $this->onTheWall, true)));
        if (count($without) === count($this->looks)) {
            return null;
        }

        return $without === []
            ? Verdict::fine('looks.walls', 'Every look has its frame for a wall.', "{$looked->words}, each picked on set.", $looked)
            : Verdict::fix(
                'looks.no-wall',
                count($without) === 1 ? "{$without[0]->name} has no frame for a wall." : count($without).' looks have no frame for a wall.',
                implode(', ', array_map(static fn (Look $l): string => $l->name, $without)).': pick it while it can be taken again.',
            );
    }
}
