<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PlanHistory;
use App\Desks\Plan\WhatIfDesk;
use App\Desks\Taps\TapListener;
use App\Models\Plan\PlanChange;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Day\WaysOut;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/** A way out that was taken on a phone becomes the plan, for all lanes, sheets and lists; taken back, the plan is as before. */
final readonly class RearrangeTaps implements TapListener
{
    public function __construct(private WhatIfDesk $desk) {}

    public function hears(Tap $tap): bool
    {
        return $tap->kind === TapKind::Rearranged || $tap->kind === TapKind::Undone;
    }

    public function take(Tap $tap): void
    {
        $tap->kind === TapKind::Undone ? $this->back($tap) : $this->rearrange($tap);
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
