<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PasteDesk;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\ShotDesk;
use App\Desks\Plan\ShotSetDesk;
use App\Http\Requests\Plan\AddSetRequest;
use App\Http\Requests\Plan\KeepSetRequest;
use App\Http\Requests\Plan\MoveShotRequest;
use App\Http\Requests\Plan\PasteShotsRequest;
use App\Http\Requests\Plan\PutShotRequest;
use App\Http\Requests\Plan\ShotRequest;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Plan\ShotSet;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\Time\Priority;

final class ShotController
{
    public const WORDS = ['required' => 'Paste at least one line.', 'max' => 'That is too much at once: 1000 lines at most.'];

    public function store(ShotRequest $request, Segment $segment, ShotDesk $desk): RedirectResponse
    {
        $desk->add($segment, $request->fields());

        return self::plan($segment);
    }

    /** Many lines at once: all of them, or none. */
    public function paste(PasteShotsRequest $request, Segment $segment, PasteDesk $desk): RedirectResponse
    {
        return self::plan($segment)->with('said', $desk->into($segment, (string) $request->validated()['lines'])->says());
    }

    public function update(ShotRequest $request, ShotLine $shot): RedirectResponse
    {
        $shot->update($request->fields());

        return self::planOf($shot);
    }

    public function move(MoveShotRequest $request, ShotLine $shot, ShotDesk $desk): RedirectResponse
    {
        $desk->move($shot, $request->validated()['way'] === 'up');

        return self::planOf($shot);
    }

    /** Dragged, or given to a segment: before a line of it, or at its end. */
    public function put(PutShotRequest $request, ShotLine $shot, ShotDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $segment = Segment::query()->where('job_id', $shot->job_id)->findOrFail((int) $given['segment']);
        $desk->put($shot, $segment, isset($given['before']) ? (int) $given['before'] : null);

        return self::plan($segment);
    }

    /** Two that take no minutes of their own, before the others. */
    public function onTheWay(Segment $segment, ShotDesk $desk): RedirectResponse
    {
        $first = $segment->shotLines()->value('id');
        foreach (['On the way: walking, from ahead' => 'wide', 'On the way: hand in hand, from behind' => 'tight'] as $what => $distance) {
            $line = $desk->add($segment, [
                'what' => $what,
                'priority' => Priority::Nice->value,
                'minutes' => 0,
                'frames' => 10,
                'distance' => $distance,
            ]);
            $desk->put($line, $segment, $first);
        }

        return self::plan($segment)->with('said', 'Two shots are planned on the way.');
    }

    public function followTheSun(Segment $segment, ShotDesk $desk, PlanDesk $plan): RedirectResponse
    {
        $job = BriefDesk::open($segment->job_id);
        $noon = $plan->day($job, $segment->day)->sun?->solarNoon;
        $starts = collect($plan->day($job, $segment->day)->segments)->firstWhere('id', $segment->id)?->startsAt;
        $desk->followTheSun($segment->load('shotLines'), $noon === null || $starts >= $noon);

        return self::plan($segment);
    }

    public function keepSet(KeepSetRequest $request, Segment $segment, ShotSetDesk $desk): RedirectResponse
    {
        $name = (string) $request->validated()['set_name'];
        $desk->keepSet($segment->load(['shotLines', 'job']), $name);

        return self::plan($segment)->with('said', "{$name} is kept for other jobs.");
    }

    public function addSet(AddSetRequest $request, Segment $segment, ShotSetDesk $desk): RedirectResponse
    {
        $set = ShotSet::query()->findOrFail((int) $request->validated()['set']);
        $words = $desk->addSet($segment, $set)->words();

        return self::plan($segment)->with('said', "{$set->name} is on the list".($words === '' ? '.' : ": {$words}."));
    }

    public function destroy(ShotLine $shot): RedirectResponse
    {
        $shot->delete();

        return self::planOf($shot)
            ->with('said', "{$shot->what} is off the list.")
            ->with('undo', "/shots/{$shot->id}/restore");
    }

    public function restore(int $shot): RedirectResponse
    {
        $gone = ShotLine::onlyTrashed()->findOrFail($shot);
        $gone->restore();

        return self::planOf($gone);
    }

    private static function planOf(ShotLine $shot): RedirectResponse
    {
        $segment = $shot->segment_id === null ? null : Segment::query()->find($shot->segment_id);

        return $segment === null ? redirect("/jobs/{$shot->job_id}/plan") : self::plan($segment);
    }

    private static function plan(Segment $segment): RedirectResponse
    {
        return redirect(SegmentController::planOf($segment))->with('open', $segment->id);
    }
}
