<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Day\DayDesk;
use App\Desks\Day\DayShare;
use App\Desks\House\Readiness;
use App\Desks\People\CallDesk;
use App\Devices\StandIn\PretendedClock;
use App\Http\Requests\Day\DayShareRequest;
use App\Http\SharedLink;
use App\Models\People\ShareLink;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What now, what next, how late? */
final class DayController
{
    public function show(int $job, DayDesk $desk): View
    {
        $opened = BriefDesk::open($job);

        return view('day.show', [
            'job' => $opened,
            'state' => $desk->state($opened),
            'address' => "/jobs/{$job}/day",
            'isShared' => false,
            'clock' => PretendedClock::running()?->forPages(),
        ]);
    }

    public function sync(Request $request, int $job, DaySync $sync): JsonResponse
    {
        return $sync->answer($request, $job);
    }

    /** What is found of the day, and whose phones have it. */
    public function phones(int $job, Readiness $strap, CallDesk $links): View
    {
        $opened = BriefDesk::open($job);

        return view('day.phones', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'day'),
            'clock' => PretendedClock::running(),
            'links' => $links->links($opened)->filter(static fn (ShareLink $l): bool => DayShare::tryFrom($l->kind) !== null),
        ]);
    }

    public function share(DayShareRequest $request, int $job, CallDesk $links): RedirectResponse
    {
        $token = $links->share(BriefDesk::open($job), $request->kind()->value);

        return redirect("/jobs/{$job}/day/phones")->with('link', SharedLink::to("/day/{$token}"));
    }

    public function revoke(ShareLink $link): RedirectResponse
    {
        $link->update(['revoked_at' => now()]);

        return redirect("/jobs/{$link->job_id}/day/phones")->with('said', 'That link opens nothing any more.');
    }
}
