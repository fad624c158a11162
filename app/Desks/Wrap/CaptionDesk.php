<?php

declare(strict_types=1);

namespace App\Desks\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Copies\FramesDesk;
use App\Desks\People\RosterDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;
use NorthSatchel\Wrap\Captions;
use NorthSatchel\Wrap\CaptionText;
use NorthSatchel\Wrap\Happening;

/** What the frames of a job say of themselves. */
final class CaptionDesk
{
    public function __construct(private readonly FramesDesk $frames, private readonly RosterDesk $rosters) {}

    /** @throws ImpossibleValue when what is stored cannot be read */
    public function captions(Job $job): Captions
    {
        $record = $this->rosters->of($job);
        $happenings = $job->segments
            ->reject(static fn (Segment $s): bool => $s->is_break)
            ->map(static function (Segment $s) use ($job): Happening {
                $from = JobDay::of($job, $s->day)->instantOf(ClockTime::of($s->start_clock));

                return new Happening($s->title, $from, $from + 60 * $s->minutes, $s->place->name ?? $job->place->name);
            })
            ->sortBy('from');

        return new Captions(
            CaptionText::read((string) $record->captions),
            $this->frames->taken($job),
            array_values($happenings->all()),
            RosterDesk::read($record),
            JobDay::of($job),
            $job->name,
            $job->place->name,
        );
    }

    /** @throws ImpossibleValue naming the line */
    public function keep(Job $job, string $captions): void
    {
        CaptionText::read($captions);
        $this->rosters->of($job)->fill(['captions' => $captions])->save();
    }

    /** Of a job for which captions were typed: the others want none yet. */
    public function verdicts(Job $job): Verdicts
    {
        if (! BriefDesk::has($job, 'captions')) {
            return new Verdicts();
        }
        try {
            return trim((string) $this->rosters->of($job)->captions) === '' ? new Verdicts() : $this->captions($job)->verdicts();
        } catch (ImpossibleValue) {
            return new Verdicts();
        }
    }

    /** @return array<string, string> sidecars by name; those that may name somebody wrongly say only when they were taken */
    public function sidecars(Job $job, string $creator, string $copyright): array
    {
        return $this->frames->sidecars($job, $creator, $copyright, $this->captions($job)->clear());
    }
}
