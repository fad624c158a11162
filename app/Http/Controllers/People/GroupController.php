<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\GroupDesk;
use App\Desks\People\IdentityDesk;
use App\Http\Requests\People\CallNowRequest;
use App\Http\Requests\People\GroupRequest;
use App\Http\Requests\People\MoveGroupRequest;
use App\Http\Requests\People\PutGroupRequest;
use App\Http\Requests\People\SplitGroupRequest;
use App\Http\Requests\Plan\SegmentRequest;
use App\Models\People\FormalGroup;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\Time\Priority;

/** The groups of the family, one by one. */
final class GroupController
{
    /** Names typed while the couple says them: called next. */
    public function callNow(CallNowRequest $request, int $job, GroupDesk $desk, IdentityDesk $people): RedirectResponse
    {
        $given = $request->validated();
        $names = SegmentRequest::names((string) $given['people']);
        $opened = BriefDesk::open($job)->loadMissing('people');
        foreach (SegmentRequest::names((string) ($given['add'] ?? '')) as $name) {
            $people->add($opened, $name);
            $opened->load('people');
        }
        $group = $desk->add($opened, 'called now', $names, Priority::Should->value);
        $group->update(['title' => mb_substr(implode(', ', $group->people), 0, 120)]);
        $desk->callFirst($group);

        return redirect("/jobs/{$job}/call");
    }

    public function store(GroupRequest $request, int $job, GroupDesk $desk): RedirectResponse
    {
        $typed = $request->group();
        $desk->add(BriefDesk::open($job), $typed->title, $typed->people, $typed->priority, null, $typed->after);

        return redirect("/jobs/{$job}/people");
    }

    public function update(GroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $typed = $request->group();
        $desk->add(BriefDesk::open($group->job_id), $typed->title, $typed->people, $typed->priority, $group, $typed->after);

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function move(MoveGroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $desk->move($group, $request->validated()['way'] === 'up');

        return redirect("/jobs/{$group->job_id}/people");
    }

    /** Dragged before another, or to the end. */
    public function put(PutGroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $before = $request->validated()['before'] ?? null;
        $desk->place($group, $before === null ? null : (int) $before);

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function pin(FormalGroup $group): RedirectResponse
    {
        $group->update(['is_pinned' => ! $group->is_pinned]);

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function merge(FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $next = FormalGroup::query()
            ->where('job_id', $group->job_id)
            ->where('position', '>', $group->position)
            ->orderBy('position')
            ->first();
        if ($next !== null) {
            $desk->merge(BriefDesk::open($group->job_id), $group, $next);
        }

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function split(SplitGroupRequest $request, FormalGroup $group, GroupDesk $desk): RedirectResponse
    {
        $names = SegmentRequest::names(
            (string) $request->validated()[
                'names'
            ],
        );
        $desk->split(BriefDesk::open($group->job_id), $group, $names);

        return redirect("/jobs/{$group->job_id}/people");
    }

    public function destroy(FormalGroup $group): RedirectResponse
    {
        $group->delete();

        return redirect("/jobs/{$group->job_id}/people")
            ->with('said', "{$group->title} is off the list.")
            ->with('undo', "/groups/{$group->id}/restore");
    }

    public function restore(int $group): RedirectResponse
    {
        $gone = FormalGroup::onlyTrashed()->findOrFail($group);
        $gone->restore();

        return redirect("/jobs/{$gone->job_id}/people")->with('said', "{$gone->title} is back.");
    }
}
