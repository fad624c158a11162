<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\PlanDesk;
use App\Http\Requests\ShotRequest;
use App\Models\Segment;
use App\Models\ShotLine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ShotController
{
    public function store(ShotRequest $request, Segment $segment, PlanDesk $desk): RedirectResponse
    {
        $desk->addShot($segment, $request->validated());

        return self::plan($segment);
    }

    /** Many lines at once: all of them, or none. */
    public function paste(Request $request, Segment $segment, PlanDesk $desk): RedirectResponse
    {
        $text = (string) $request->validate(['lines' => ['required', 'string', 'max:40000']], ['required' => 'Paste at least one line.', 'max' => 'That is too much at once: 200 lines at most.'])['lines'];
        $count = $desk->pasteShots($segment, $text);

        return self::plan($segment)->with('said', $count === 1 ? 'One shot is on the list.' : "{$count} shots are on the list.");
    }

    public function update(ShotRequest $request, ShotLine $shot): RedirectResponse
    {
        $shot->update($request->validated());

        return self::plan($shot->load('segment')->segment);
    }

    public function move(Request $request, ShotLine $shot, PlanDesk $desk): RedirectResponse
    {
        $way = $request->validate(['way' => ['required', 'in:up,down']])['way'];
        $desk->moveShot($shot, $way === 'up');

        return self::plan($shot->load('segment')->segment);
    }

    public function destroy(ShotLine $shot): RedirectResponse
    {
        $shot->load('segment')->delete();

        return self::plan($shot->segment)->with('said', "{$shot->what} is off the list.")->with('undo', "/shots/{$shot->id}/restore");
    }

    public function restore(int $shot): RedirectResponse
    {
        $gone = ShotLine::onlyTrashed()->with('segment')->findOrFail($shot);
        $gone->restore();

        return self::plan($gone->segment);
    }

    private static function plan(Segment $segment): RedirectResponse
    {
        return redirect("/jobs/{$segment->job_id}/plan")->with('open', $segment->id);
    }
}
