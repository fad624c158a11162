<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PasteDesk;
use App\Desks\Plan\ShotDesk;
use App\Http\Requests\Plan\MealRequest;
use App\Http\Requests\Plan\MustRequest;
use App\Http\Requests\Plan\PasteAnywhereRequest;
use App\Http\Requests\Plan\ShotRequest;
use App\Models\Brief\Job;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;

/** Shots of a job that no segment holds yet. */
final class FreeShotController
{
    /** Many lines for the whole job, each put where its words belong. */
    public function pasteAnywhere(PasteAnywhereRequest $request, int $job, PasteDesk $desk): RedirectResponse
    {
        $done = $desk->anywhere(BriefDesk::open($job), (string) $request->validated()['lines']);

        return redirect("/jobs/{$job}/plan")->with('said', $done->says());
    }

    public function placeFree(int $job, ShotDesk $desk): RedirectResponse
    {
        $count = $desk->placeFree(BriefDesk::open($job));

        return redirect("/jobs/{$job}/plan")->with('said', $count === 1 ? 'One shot is placed.' : "{$count} shots are placed.");
    }

    /** Time of their own for the musts that no segment holds. */
    public function segmentForFree(MealRequest $request, int $job, ShotDesk $desk): RedirectResponse
    {
        $segment = $desk->segmentForFree(BriefDesk::open($job), $request->validated());

        return redirect(SegmentController::planOf($segment))
            ->with('said', "{$segment->title} at ".ClockTime::shown($segment->start_clock).': name it, and say where it is.');
    }

    /** A must-have of the brief becomes a line of its own, where its words belong. */
    public function must(MustRequest $request, int $job, ShotDesk $desk): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $line = $desk->addFree($opened, [
            'what' => (string) $request->validated()['what'],
            'priority' => Priority::Must->value,
            'minutes' => 3,
            'frames' => 10,
        ]);
        $segment = $desk->place($opened, $line);

        return redirect("/jobs/{$job}/plan")->with(
            'said',
            $segment === null
                ? 'It is a must, and stands free until a segment takes it.'
                : "It is a must of {$segment->title} now: move it where it happens at another time.",
        );
    }

    public function storeFree(ShotRequest $request, Job $job, ShotDesk $desk): RedirectResponse
    {
        $desk->addFree($job, $request->fields());

        return redirect("/jobs/{$job->id}/plan")->with('said', 'It stands free until a segment takes it.');
    }
}
