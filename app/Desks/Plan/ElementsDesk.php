<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\StudioRecord;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Setups\DayBreak;
use NorthSatchel\Plan\Setups\DayFrame;
use NorthSatchel\Plan\Setups\ElementCount;
use NorthSatchel\Plan\Setups\ElementDay;
use NorthSatchel\Plan\Setups\ElementJudge;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Plan\Setups\WantedElement;
use NorthSatchel\SceneKind;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** The final pictures of a studio job and their elements: in which order, and which are in the can. */
final class ElementsDesk
{
    /** @var array<int, StudioRecord> by job, for this request */
    private array $records = [];

    public function __construct(private readonly TapDesk $taps, private readonly FramesTaken $frames) {}

    public function of(Job $job): StudioRecord
    {
        return $this->records[$job->id] ??= StudioRecord::query()->firstOrNew(['job_id' => $job->id]);
    }

    /** @throws ImpossibleValue naming the field, and the line of it */
    public static function list(StudioRecord $record): ElementList
    {
        return ElementList::read((string) $record->elements, (string) $record->changes, $record->change_minutes);
    }

    public function count(Job $job): ElementCount
    {
        return new ElementCount($this->taps->log($job->id));
    }

    /** All of it, in the order that takes least, into the hours of the job around the breaks of its plan. */
    public static function day(Job $job, StudioRecord $record, ElementList $list): ElementDay
    {
        return new ElementDay($list, $list->order(), self::frame($job, $record->begins_clock));
    }

    /** Of the day itself what is left, from now on and in the setup that stands; before it all. */
    public static function left(Job $job, StudioRecord $record, ElementList $list, ElementCount $count): ElementDay
    {
        $missing = array_keys(array_filter($list->byId(), static fn (WantedElement $e): bool => $count->missing($e) > 0));
        if (JobDay::daysTo($job) !== 0 || $count->counted() === []) {
            return self::day($job, $record, $list);
        }
        $stands = $list->byId()[$count->last()] ?? null;
        $frame = self::frame($job, $record->begins_clock);
        $now = now($job->place->timezone);
        $from = max($frame->from, 60 * $now->hour + $now->minute);

        $rest = new DayFrame($from, $frame->to, $frame->breaks, $frame->before);

        return new ElementDay($list, $list->order($missing, $stands?->setup), $rest, $stands?->setup);
    }

    /** Where nobody typed it: as planned, when the first that is no setting up begins; else with the covered hours. */
    public static function usualBegin(Job $job): string
    {
        $beside = [SceneKind::Rest, SceneKind::Travel, SceneKind::Handling, SceneKind::Prelight];
        $isPhotographed = static fn (Segment $s): bool => ! $s->is_break && ! in_array(SegmentReader::scene($s, $job->kind), $beside, true);
        $first = $job->segments->where('day', 0)->filter($isPhotographed)->sortBy('start_clock')->first();

        return $first->start_clock ?? $job->covered_from;
    }

    public static function frame(Job $job, ?string $begins): DayFrame
    {
        $breaks = [];
        foreach ($job->segments->where('day', 0)->where('is_break', true)->sortBy('start_clock') as $segment) {
            $from = ClockTime::of($segment->start_clock)->minutes;
            // What overlaps is one break.
            $last = array_key_last($breaks);
            if ($last !== null && $from <= $breaks[$last]->to) {
                $breaks[$last] = new DayBreak($breaks[$last]->from, max($breaks[$last]->to, $from + $segment->minutes));
            } else {
                $breaks[] = new DayBreak($from, $from + $segment->minutes);
            }
        }

        $last = self::handedOver($job);
        $to = ClockTime::of($job->covered_to)->minutes;
        $until = $last === null ? $to : min($to, ClockTime::of($last->start_clock)->minutes);

        return new DayFrame(
            ClockTime::of($begins ?? self::usualBegin($job))->minutes,
            $until,
            $breaks,
            $until < $to ? $last?->title : null,
        );
    }

    /** With what the day ends, once nothing more is photographed: sign-off, copies, taking down; null where it ends with pictures. */
    private static function handedOver(Job $job): ?Segment
    {
        $last = null;
        foreach ($job->segments->where('day', 0)->sortBy([['start_clock', 'desc'], ['id', 'desc']]) as $segment) {
            if (! in_array(SegmentReader::scene($segment, $job->kind), [SceneKind::Handling, SceneKind::Rest, SceneKind::Travel], true)) {
                break;
            }
            $last = $segment;
        }

        return $last;
    }

    /**
     * Keeps a record as it was typed.
     *
     * @throws ImpossibleValue naming the field, and the line of it
     */
    public function keep(StudioRecord $record): void
    {
        self::list($record);
        $record->save();
    }

    /** Frames that were written into the session folder since something was counted last, or on the day at all. */
    public function fresh(Job $job, ElementCount $count): int
    {
        return $this->frames->since($job, $count->at ?? (float) JobDay::of($job)->startsAt());
    }

    /**
     * The frames since the last press, counted for one element: so many keepers, the others tried.
     *
     * @throws ValidationException when there are fewer, or it is no element of the list
     */
    public function countFrames(Job $job, int $element, int $keepers): int
    {
        $frames = $this->fresh($job, $this->count($job));
        try {
            $isListed = isset(self::list($this->of($job))->byId()[$element]);
        } catch (ImpossibleValue) {
            $isListed = false;
        }
        if (! $isListed || $keepers > $frames) {
            throw ValidationException::withMessages(
                $isListed
                    ? ['keepers' => "Only {$frames} frames were written since the last press."]
                    : ['element' => 'That is no element of the list.'],
            );
        }
        for ($i = 0; $i < $frames; $i++) {
            $this->taps->press($i < $frames - $keepers ? TapKind::Tried : TapKind::Kept, ['job' => $job->id, 'element' => $element]);
        }

        return $frames;
    }

    /**
     * A setup is struck: nothing of it lacks, or somebody says so in writing.
     *
     * @throws ValidationException
     */
    public function strike(Job $job, string $setup, string $words): void
    {
        try {
            $list = self::list($this->of($job));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['setup' => 'The list cannot be read: '.$e->getMessage()]);
        }
        $count = $this->count($job);
        $lacks = array_filter(
            $list->elements(),
            static fn (WantedElement $e): bool => $e->setup === $setup && $count->missing($e) > 0,
        );
        if (! in_array($setup, $list->setups(), true)) {
            throw ValidationException::withMessages(['setup' => 'That is no setup of the list.']);
        }
        if ($lacks !== [] && trim($words) === '') {
            throw ValidationException::withMessages([
                'words' => 'Of it lacks '.implode(', ', array_map(static fn (WantedElement $e): string => $e->title(), $lacks)).
                    ': write who says that it may go, and why.',
            ]);
        }
        $this->taps->press(TapKind::Struck, ['job' => $job->id, 'setup' => WantedElement::numberOfSetup($setup), 'words' => trim($words)]);
    }

    /** @throws ImpossibleValue when what comes after what goes in a circle */
    public function judge(Job $job, StudioRecord $record, ElementList $list): ElementJudge
    {
        $count = $this->count($job);

        return new ElementJudge($list, self::left($job, $record, $list, $count), $count, JobDay::daysTo($job) < 0);
    }

    /** A studio job without any list is asked for one. */
    private function none(Job $job): Verdicts
    {
        $has = array_filter(['looks', 'rooms', 'products'], static fn (string $what): bool => BriefDesk::has($job, $what));
        if (! $job->kind->hasElements() || $has !== []) {
            return new Verdicts();
        }
        $list = ElementList::read('', '', 0);

        $day = new ElementDay($list, $list->order(), self::frame($job, null));

        return (new ElementJudge($list, $day, new ElementCount(TapLog::of([]))))->verdicts();
    }

    /** Of a job with elements; one for which nothing at all is listed is asked for them. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'elements')) {
            return $this->none($job);
        }
        $record = $this->of($job);
        try {
            $list = self::list($record);

            return $this->judge($job, $record, $list)->verdicts();
        } catch (ImpossibleValue) {
            // The page says beside the field what cannot be read.
            return new Verdicts();
        }
    }
}
