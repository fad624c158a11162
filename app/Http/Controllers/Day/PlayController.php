<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Devices\StandIn\PretendedClock;
use App\Http\Requests\Day\PlayRequest;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\Time\ClockTime;

/** The day of the demo, played without waiting for it. */
final class PlayController
{
    public function start(PlayRequest $request, int $job): RedirectResponse
    {
        abort_unless((bool) config('satchel.demo'), 404);
        $given = $request->validated();
        $day = JobDay::of(BriefDesk::open($job));
        PretendedClock::set((float) $day->instantOf(ClockTime::of((string) $given['play_clock'])), (int) $given['speed']);

        return redirect("/jobs/{$job}/day");
    }

    public function stop(int $job): RedirectResponse
    {
        abort_unless((bool) config('satchel.demo'), 404);
        PretendedClock::stop();

        return redirect("/jobs/{$job}/day/phones")->with('said', 'The real clock goes again.');
    }
}
