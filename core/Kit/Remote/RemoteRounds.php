<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/**
 * When somebody can walk to a camera that stands alone, between what the plan has them do: to mount it, to put a fresh cell in
 * before it fires, and to fetch it (M12). A round is the walk there, the work at the camera, and the walk back.
 */
final readonly class RemoteRounds
{
    private const LONGEST_MIN = 600.0;

    /** At the camera, for a fresh cell. Common practice, no source. */
    private const CHANGE_MIN = 5.0;

    private const NAMED = 4;

    /** The latest at which somebody sets out to mount it, Unix seconds; the work is done at the hour that was asked. */
    public int $setsOutAt;

    /** When somebody stands at the camera to fetch it. */
    public int $fetchedAt;

    /** The latest at which somebody can put a fresh cell in before it fires; null where no break holds the walk. */
    public ?int $freshAt;

    private RoundGap $fetching;

    /** @var list<PlannedStretch> of whoever looks after it, by their begin */
    private array $busy;

    /**
     * @param  list<PlannedStretch>  $stretches  of the plan
     * @param  string  $lane  who looks after it
     * @param  int  $mountedAt  when it stands, Unix seconds
     * @param  int  $firesFrom  the begin of what it is there for
     * @param  int  $firesUntil  its end
     * @param  float  $walkMin  one way
     * @param  float  $mountMin  work to mount it
     * @param  float  $fetchMin  work to take it down
     *
     * @throws ImpossibleValue where a time is below nothing, or longer than ten hours
     */
    public function __construct(
        array $stretches,
        public string $lane,
        public int $mountedAt,
        private int $firesFrom,
        private int $firesUntil,
        public float $walkMin,
        private float $mountMin,
        private float $fetchMin,
        private LocalDay $day,
    ) {
        foreach (['walk' => $walkMin, 'mounting' => $mountMin, 'fetching' => $fetchMin] as $field => $minutes) {
            if ($minutes < 0 || $minutes > self::LONGEST_MIN) {
                throw ImpossibleValue::of($field, 'must be between 0 and '.self::LONGEST_MIN.' minutes');
            }
        }
        $busy = array_values(array_filter($stretches, static fn (PlannedStretch $s): bool => in_array($lane, $s->lanes, true)));
        usort($busy, static fn (PlannedStretch $a, PlannedStretch $b): int => $a->from <=> $b->from);
        $this->busy = $busy;
        $this->setsOutAt = $mountedAt - self::seconds($walkMin + $mountMin);
        $gaps = $this->gaps($firesUntil, null);
        $this->fetching = array_values(array_filter($gaps, fn (RoundGap $g): bool => $g->holds($this->round($fetchMin))))[0];
        $this->fetchedAt = $this->fetching->from + self::seconds($walkMin);
        $breaks = array_filter(
            $this->gaps($mountedAt + self::seconds($walkMin), $firesFrom + 1),
            fn (RoundGap $g): bool => $g->before !== null && $g->holds($this->round(self::CHANGE_MIN)),
        );
        $last = end($breaks);
        $this->freshAt = $last === false || $last->to === null ? null : $last->to - self::seconds($walkMin + self::CHANGE_MIN);
    }

    /** From the moment at which it stands to the one at which it is fetched. */
    public function hoursAlone(): float
    {
        return round(($this->fetchedAt - $this->mountedAt) / 3600, 2);
    }

    public function clock(int $unix): string
    {
        return $this->day->face($unix);
    }

    /** From a fresh cell to the moment at which it is fetched; null where no break holds the walk. */
    public function hoursSinceFresh(): ?float
    {
        return $this->freshAt === null ? null : round(($this->fetchedAt - $this->freshAt) / 3600, 2);
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        return [$this->mounting(), $this->fetching()];
    }

    private function mounting(): Verdict
    {
        $backAt = $this->mountedAt + self::seconds($this->walkMin);
        $in = array_filter($this->busy, fn (PlannedStretch $s): bool => $s->from < $backAt && $s->to > $this->setsOutAt);
        $sum = "{$this->minutes($this->walkMin)} there, {$this->minutes($this->mountMin)} to mount it, {$this->minutes($this->walkMin)} back: ".
            "from {$this->clock($this->setsOutAt)} to {$this->clock($backAt)}.";
        $looked = Looked::at(count($this->busy), 'segment');

        return match (true) {
            $in !== [] => Verdict::fix(
                'remote.mount',
                'While it is mounted, '.Some::of(array_map(static fn (PlannedStretch $s): string => "“{$s->title}”", array_values($in)), self::NAMED).
                    Plural::of(count($in), ' runs.', ' run.'),
                "{$sum} {$this->hourBefore()}, or somebody else mounts it.",
                ['segments' => count($in)],
            ),
            $looked === null => Verdict::mind('remote.mount', 'Nobody is planned to look after it.', $sum),
            default => Verdict::fine('remote.mount', 'It can be mounted before it is needed, between what is planned.', $sum, $looked),
        };
    }

    /** The last gap before it fires that holds the round; the one before the first of the plan always does. */
    private function hourBefore(): string
    {
        $need = $this->round($this->mountMin);
        $gaps = array_filter(
            $this->gaps(0, $this->firesFrom + 1),
            static fn (RoundGap $g): bool => $g->before !== null && $g->holds($need),
        );
        $last = end($gaps);
        if ($last === false || $last->to === null) {
            return 'Mount it the day before';
        }

        return "Mount it so that you are back for “{$last->before}” at {$this->clock($last->to)}: it stands at ".
            $this->clock($last->to - self::seconds($this->walkMin));
    }

    private function fetching(): Verdict
    {
        $need = $this->round($this->fetchMin);
        $walk = $this->minutes($this->walkMin);
        $sum = "{$walk} there, {$this->minutes($this->fetchMin)} to take it down, {$walk} back are ".
            $this->minutes($need / 60);
        if ($this->fetching->to === null) {
            $short = array_filter($this->gaps($this->firesUntil, null), static fn (RoundGap $g): bool => $g->to !== null);
            $longest = $short === [] ? null : max(array_map(static fn (RoundGap $g): int => (int) $g->to - $g->from, $short));

            return Verdict::mind(
                'remote.fetch',
                "It is fetched after the last of the plan, at {$this->clock($this->fetchedAt)}.",
                "{$sum}. ".($longest === null
                ? 'There is no break before. '
                : "The longest break before is {$this->minutes($longest / 60)}. ").
                'Tap “placed” on the phone when it stands: then the leaving page asks for it.',
                ['fetched_at' => $this->clock($this->fetchedAt)],
            );
        }
        $has = ($this->fetching->to - $this->fetching->from) / 60;

        return Verdict::fine(
            'remote.fetch',
            "It is fetched at {$this->clock($this->fetchedAt)}, before “{$this->fetching->before}”.",
            "{$sum} of the {$this->minutes($has)} from {$this->clock($this->fetching->from)}. Tap “placed” on the phone when it stands: then ".
                'the leaving page asks for it.',
            Looked::one('the breaks behind it'),
            ['fetched_at' => $this->clock($this->fetchedAt)],
        );
    }

    /**
     * Where nothing is planned, of what lies between two moments; the last is open where no end is given.
     *
     * @return list<RoundGap>
     */
    private function gaps(int $from, ?int $to): array
    {
        $gaps = [];
        $free = $from;
        foreach ($this->busy as $stretch) {
            if ($to !== null && $stretch->from >= $to) {
                break;
            }
            if ($stretch->from > $free) {
                $gaps[] = new RoundGap($free, $stretch->from, $stretch->title);
            }
            $free = max($free, $stretch->to);
        }
        if ($to === null) {
            $gaps[] = new RoundGap($free, null, null);
        } elseif ($to > $free) {
            $gaps[] = new RoundGap($free, $to, null);
        }

        return $gaps;
    }

    /** Seconds of a round with so many minutes of work. */
    private function round(float $workMin): int
    {
        return self::seconds(2 * $this->walkMin + $workMin);
    }

    private static function seconds(float $minutes): int
    {
        return (int) round(60 * $minutes);
    }

    private function minutes(float $minutes): string
    {
        return round($minutes, 1).' min';
    }
}
