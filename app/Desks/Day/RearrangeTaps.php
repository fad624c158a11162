<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\PlanHistory;
use App\Desks\Plan\PlanWork;
use App\Desks\Plan\SpotChoiceDesk;
use App\Desks\Plan\WhatIfDesk;
use App\Desks\Taps\TapListener;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Day\WaysOut;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\Span;

/** A way out that was taken on a phone becomes the plan, for all lanes, sheets and lists; taken back, the plan is as before. */
final readonly class RearrangeTaps implements TapListener
{
    public function __construct(
        private WhatIfDesk $desk,
        private PlanDesk $plan,
        private PlanWork $work,
        private SpotChoiceDesk $choosing,
    ) {}

    public function hears(Tap $tap): bool
    {
        return $tap->kind === TapKind::Undone || in_array($tap->kind, TapKind::ofThePlan(), true);
    }

    public function take(Tap $tap): void
    {
        match ($tap->kind) {
            TapKind::Undone => $this->back($tap),
            TapKind::Delayed => $this->delay($tap),
            TapKind::Sheltered => $this->shelter($tap),
            default => $this->rearrange($tap),
        };
    }

    /** The tap is kept; that the plan did not follow is said to who made it. */
    public function clash(Tap $tap, string $why): void {}

    private function rearrange(Tap $tap): void
    {
        $job = BriefDesk::open($tap->number('job') ?? 0);
        $late = $this->desk->late($job, $tap->subject(), $tap->number('late') ?? 0, $tap->words('way') === WaysOut::LEAST);
        if ($late === null) {
            throw ValidationException::withMessages(['day' => 'The plan was changed on the desk since: that way out no longer fits.']);
        }
        $this->desk->apply($job, $late)->update(['tap_id' => $tap->id]);
    }

    /** What is not over yet and outdoors, later by so much; as the phone has it already. */
    private function delay(Tap $tap): void
    {
        $job = BriefDesk::open($tap->number('job') ?? 0);
        $number = $tap->subject();
        $minutes = $tap->number('minutes') ?? 0;
        $change = PlanHistory::keep($job->id, 'the weather: outdoors '.Span::later($minutes), PlanHistory::now($job->id));
        foreach ($this->plan->day($job, $number)->segments as $segment) {
            $stored = $job->segments->firstWhere('id', $segment->id);
            if ($stored !== null && $segment->setting->isOutdoor && $segment->endsAt() > $tap->at) {
                $this->work->shift($job, $stored, $minutes);
            }
        }
        $change->update(['tap_id' => $tap->id]);
    }

    private function shelter(Tap $tap): void
    {
        $segment = Segment::query()->where('job_id', $tap->number('job') ?? 0)->findOrFail($tap->subject());
        $spot = Spot::query()->findOrFail($tap->number('spot') ?? 0);
        $change = PlanHistory::keep($segment->job_id, "{$segment->title} under the roof of {$spot->name}", PlanHistory::now($segment->job_id));
        $this->choosing->put($segment, $spot);
        $change->update(['tap_id' => $tap->id]);
    }

    private function back(Tap $tap): void
    {
        $change = PlanChange::query()->where('tap_id', $tap->words('of'))->whereNull('undone_at')->first();
        if ($change === null) {
            return;
        }
        if (PlanChange::query()->where('job_id', $change->job_id)->whereNull('undone_at')->max('id') !== $change->id) {
            throw ValidationException::withMessages(['day' => 'The plan was changed since: go back to before it under Plan.']);
        }
        PlanHistory::backTo($change);
    }
}
