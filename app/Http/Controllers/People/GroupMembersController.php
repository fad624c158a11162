<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\GroupMembersDesk;
use App\Http\Requests\People\BesideRequest;
use Illuminate\Http\RedirectResponse;

/** Who stands in the groups, all of them at once. */
final class GroupMembersController
{
    /** Names that are on no list go out of the groups. */
    public function strike(int $job, GroupMembersDesk $desk): RedirectResponse
    {
        $desk->strike(BriefDesk::open($job));

        return redirect("/jobs/{$job}/people")->with('said', 'No group names anybody who is not on the list.');
    }

    /** Two who are never to be in one frame. */
    public function part(BesideRequest $request, int $job, GroupMembersDesk $desk): RedirectResponse
    {
        ['one' => $one, 'other' => $other] = $request->validated();
        $desk->part(BriefDesk::open($job), $one, $other);

        return redirect("/jobs/{$job}/people")->with('said', "No group holds both {$one} and {$other}.");
    }

    /** Whoever is on the list stands in the group of that name. */
    public function everybody(int $job, GroupMembersDesk $desk): RedirectResponse
    {
        $desk->fillEverybody(BriefDesk::open($job));

        return redirect("/jobs/{$job}/people")->with('said', 'Everybody on the list is in it.');
    }
}
