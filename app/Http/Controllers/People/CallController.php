<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\CallDesk;
use App\Desks\People\CallOrderDesk;
use App\Desks\People\GroupDesk;
use App\Desks\Taps\TapDesk;
use App\Devices\Waiting;
use App\Http\Controllers\Plan\SegmentController;
use App\Http\Controllers\Taps\TapBatch;
use App\Http\Requests\People\OwedRequest;
use App\Http\SharedLink;
use App\Models\People\ShareLink;
use App\Models\Plan\Segment;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\People\Release;

/** Who is called now, who next, and who can go? */
final class CallController
{
    public function show(int $job, CallDesk $desk): View
    {
        $opened = BriefDesk::open($job);

        $calling = $desk->calling($opened->loadMissing('people'));

        return view('people.call', [
            'job' => $opened,
            'calling' => $calling,
            'release' => Release::of($calling),
            'people' => $opened->people->keyBy('name'),
            'isCaller' => false,
            'events' => '/events',
            'pace' => $desk->pace($opened, $calling),
            'later' => $desk->laterSegments($opened),
        ]);
    }

    public function sheet(int $job, CallDesk $desk): View
    {
        $opened = BriefDesk::open($job);

        return view('people.sheet', ['job' => $opened, 'calling' => $desk->calling($opened->loadMissing('people'))]);
    }

    /** Somebody is missing: the groups without them go on, in the order with the least waiting. */
    public function around(int $job, CallDesk $desk, GroupDesk $groups, Waiting $waiting): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $order = $desk
            ->calling($opened->loadMissing('people'))
            ->aroundTheMissing($opened->formals_gathered, $waiting->seconds(CallOrderDesk::PAGE_S));
        if ($order !== null) {
            $groups->goOnWith($opened, $order);
        }

        return redirect("/jobs/{$job}/call");
    }

    /** What is owed goes into a later segment. */
    public function owe(OwedRequest $request, int $job, CallDesk $desk): RedirectResponse
    {
        $segment = Segment::query()
            ->where('job_id', $job)
            ->findOrFail((int) $request->validated()['segment']);
        $count = $desk->owe(BriefDesk::open($job)->loadMissing('people'), $segment);

        return redirect(SegmentController::planOf($segment))
            ->with('open', $segment->id)
            ->with('said', ($count === 1 ? 'One owed group is a shot' : "{$count} owed groups are shots")." of {$segment->title} now.");
    }

    public function share(int $job, CallDesk $desk): RedirectResponse
    {
        $token = $desk->share(BriefDesk::open($job));

        return redirect("/jobs/{$job}/people")->with('link', SharedLink::to("/call/{$token}"));
    }

    public function revoke(ShareLink $link): RedirectResponse
    {
        $link->update(['revoked_at' => now()]);

        return redirect("/jobs/{$link->job_id}/people")->with('said', 'That link opens nothing any more.');
    }

    /** The caller's page, by link. */
    public function caller(string $token, CallDesk $desk): View
    {
        $opened = BriefDesk::open($desk->jobOf($token) ?? abort(404));

        $calling = $desk->calling($opened->loadMissing('people'));

        return view('people.call', [
            'job' => $opened,
            'calling' => $calling,
            'release' => Release::of($calling, isShared: true),
            'people' => $opened->people->keyBy('name'),
            'isCaller' => true,
            'pace' => null,
            'events' => "/call/{$token}/events",
        ]);
    }

    /** The caller's taps: who is found; anything else is refused by id. */
    public function taps(Request $request, string $token, CallDesk $desk, TapDesk $events): JsonResponse
    {
        $job = $desk->jobOf($token) ?? abort(404);
        $batch = TapBatch::of($request);
        $taken = [];
        $refused = $batch->refused;
        foreach ($batch->taps as $event) {
            if ($desk->mayCallerTap($job, $event)) {
                $events->keep($event);
                $taken[] = $event->id;
            } else {
                $refused[] = ['id' => $event->id, 'why' => 'That is not for this list.'];
            }
        }

        return response()->json(['taken' => $taken, 'refused' => $refused]);
    }
}
