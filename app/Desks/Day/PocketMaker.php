<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Kit\CarryDesk;
use App\Desks\Kit\KitDesk;
use App\Desks\Plan\CoverDesk;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\SegmentReader;
use App\Desks\Plan\SpotChoiceDesk;
use App\Desks\Scout\ScoutDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment as StoredSegment;
use App\Models\Plan\ShotLine;
use NorthSatchel\Day\ChanceTable;
use NorthSatchel\Day\LightRow;
use NorthSatchel\Day\PocketTable;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Judge\OneGone;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plan\Light\SpotChoice;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;

/** Puts together what a phone takes along for a day. */
final class PocketMaker
{
    /** Light is worked out for so long around a segment: it may come later. */
    private const LIGHT_BEFORE_S = 1800;

    private const LIGHT_AFTER_S = 5400;

    /** Weather moves what is outdoors by hours, and into the night. */
    private const WEATHER_S = 21600;

    public function __construct(
        private readonly PlanDesk $plan,
        private readonly ScoutDesk $scout,
        private readonly CarryDesk $carry,
        private readonly PocketPeople $people,
        private readonly SpotChoiceDesk $choosing,
        private readonly CoverDesk $cover,
        private readonly KitDesk $kit,
        private readonly PocketStudio $studio,
    ) {}

    public function made(Job $job, int $number): Pocket
    {
        $day = $this->plan->day($job, $number);
        $stored = $job->segments->keyBy('id');
        $ways = self::ways($day);
        $lenses = new CarriedLenses($this->carry->carried($job));
        $spots = $this->scout->spots($job)->keyBy('id');
        $swaps = $this->swaps($job);
        $posts = $this->cover->posts($job);
        $segments = $day->segments;
        usort($segments, static fn (Segment $a, Segment $b): int => [$a->startsAt, $a->id] <=> [$b->startsAt, $b->id]);
        $pocket = [];
        foreach ($segments as $segment) {
            $row = $stored->get($segment->id);
            if ($row === null) {
                continue;
            }
            $spot = $spots->get($segment->wants->spotId ?? 0);
            $lanes = array_values(array_unique([$segment->lane, ...$segment->wants->alsoLanes]));
            $light = LightRow::rows(
                $spot === null ? null : ScoutDesk::spot($spot),
                $segment->setting->isOutdoor,
                $row->place === null ? null : JobDay::pointOf($row->place),
                $segment->title,
                $segment->setting->hasFlash,
                $segment->startsAt - self::LIGHT_BEFORE_S,
                $segment->endsAt() + ($segment->setting->isOutdoor ? self::WEATHER_S : self::LIGHT_AFTER_S),
                BriefDesk::dialLimits($job),
                $segment->setting->scene,
            );
            $pocket[] = new PocketSegment(
                $segment->id,
                $segment->title,
                $lanes,
                $segment->startsAt,
                $segment->minutes,
                $segment->wants->setupMinutes,
                (int) $row->shotLines->sum('frames') + SegmentReader::usualFrames($row, $job->kind),
                $segment->priority->value,
                $segment->setting->name(),
                $segment->isAnchor,
                $segment->isBreak,
                $segment->setting->isOutdoor,
                $segment->setting->isOutdoor ? $this->shelters($job, $row) : [],
                array_filter(array_map(static fn (array $of): int => $of[$segment->id] ?? 0, $ways)),
                $segment->wants->people,
                array_values(
                    $row->shotLines->map(static fn (ShotLine $l): PocketShot => self::shot($l, $segment->lane, $lenses))->all(),
                ),
                $swaps[$segment->id] ?? [],
                $light,
                $day->day->face($segment->startsAt),
                $spot?->plan_b === null ? null : $spot->plan_b.($spot->plan_b_trigger === null ? '' : ", at {$spot->plan_b_trigger}"),
                $posts[$segment->id] ?? [],
            );
        }

        return new Pocket(
            $job->id,
            $job->name,
            $number,
            $day->day->date,
            $job->place->timezone,
            array_map(strval(...), array_keys($day->lanes())),
            $pocket,
            $this->people->moments($job, $day),
            $pocket === [] ? null : PocketTable::of($day),
            $pocket === [] ? null : ChanceTable::of($day),
            $day->day->startsAt(),
            (int) now()->format('U'),
            calling: $this->people->calling($job, $number),
            gear: $this->gear($job),
            elements: $this->studio->elements($job),
            wanted: $number === 0 ? $this->studio->wanted($job, $day->day) : [],
        );
    }

    /** @return list<PocketShelter> */
    private function shelters(Job $job, StoredSegment $segment): array
    {
        $plan = $this->choosing->planB($job, $segment, $this->choosing->choices($job, $segment));

        return array_map(
            static fn (SpotChoice $c): PocketShelter => new PocketShelter($c->try->spot->id, $c->try->spot->name, $c->says()),
            $plan === null ? [] : $plan->fallbacks,
        );
    }

    private static function shot(ShotLine $line, string $lane, CarriedLenses $lenses): PocketShot
    {
        $holders = $line->focal_mm === null ? [] : $lenses->holders($line->focal_mm);
        $cue = $line->cue === null || $line->cue === ''
            ? null
            : $line->cue.($line->cue_seconds === null ? '' : " within {$line->cue_seconds} s");

        return new PocketShot(
            $line->id,
            $line->what,
            $line->priority,
            $line->minutes,
            $line->focal_mm,
            $cue,
            $holders === [] || in_array($lane, $holders, true) ? null : "the {$holders[0]}",
            $line->focal_mm !== null && $holders === [],
            implode(' · ', array_filter([$line->empty_percent ? "{$line->empty_percent} % left empty" : '', (string) $line->prompt])) ?: null,
        );
    }

    /** @return array<int, list<string>> by segment */
    private function swaps(Job $job): array
    {
        $swaps = [];
        foreach ($this->carry->swaps($job) as $lane => $of) {
            foreach ($of as $at) {
                $swaps[$at->swap->segmentId()][] = ucfirst($lane).': '.$at->swap->says($at->what);
            }
        }

        return $swaps;
    }

    /** @return list<PocketGear> bodies, lenses, flashes and triggers, by who carries them */
    private function gear(Job $job): array
    {
        $kinds = [GearKind::Body, GearKind::Lens, GearKind::Flash, GearKind::Trigger];
        $mayBreak = array_filter($this->carry->carried($job), static fn (Carried $c): bool => in_array($c->gear->kind, $kinds, true));
        $losses = $mayBreak === [] ? null : $this->kit->losses($job);

        return array_values(array_map(
            static fn (Carried $c): PocketGear => new PocketGear(
                $c->gear->id,
                $c->gear->label,
                $c->lane,
                $losses === null ? '' : OneGone::says($losses, $c->gear->id),
            ),
            $mayBreak,
        ));
    }

    /** @return array<string, array<int, int>> minutes to each segment from the one before it, by lane */
    public static function ways(PlannedDay $day): array
    {
        $ways = [];
        foreach ($day->handovers() as $handover) {
            $ways[$handover->lane][$handover->after->id] = $handover->travelMinutes ?? $day->likelyWay($handover->from, $handover->to);
        }

        return $ways;
    }
}
