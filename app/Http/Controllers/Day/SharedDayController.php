<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Day\DayDesk;
use App\Desks\Day\DayShare;
use App\Desks\People\CallDesk;
use App\Devices\StandIn\PretendedClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The day by link, without an account: one's own lane, or the times alone. */
final class SharedDayController
{
    public function __construct(private readonly CallDesk $links, private readonly DayDesk $desk) {}

    public function show(string $token): View
    {
        [$job, $share] = $this->opened($token);
        $opened = BriefDesk::open($job);

        return view('day.show', [
            'job' => $opened,
            'state' => $this->desk->state($opened, $share),
            'address' => "/day/{$token}",
            'isShared' => true,
            'clock' => PretendedClock::running()?->forPages(),
        ]);
    }

    public function sync(Request $request, string $token, DaySync $sync): JsonResponse
    {
        [$job, $share] = $this->opened($token);

        return $sync->answer($request, $job, $share);
    }

    /** @return array{int, DayShare} */
    private function opened(string $token): array
    {
        foreach (DayShare::cases() as $share) {
            $job = $this->links->jobOf($token, $share->value);
            if ($job !== null) {
                return [$job, $share];
            }
        }
        abort(404);
    }
}
