<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\StandInDesk;
use App\Desks\Day\DayDesk;
use App\Desks\Day\DayShare;
use App\Desks\Day\SlotsAtHand;
use App\Desks\Taps\TapDesk;
use App\Devices\StandIn\PretendedClock;
use App\Http\Controllers\Taps\TapBatch;
use Illuminate\Foundation\Application;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/** Taps of a phone up, each answered by itself; and down what the phone does not have yet. */
final readonly class DaySync
{
    public function __construct(private Application $app, private TapDesk $taps, private SlotsAtHand $slots) {}

    /** @return list<Tap> */
    private function known(int $job): array
    {
        return $this->taps->log($job)->ofKind(...TapKind::ofTheDay());
    }

    /** @param  DayShare|null  $share  whose link it is; null for who is signed in */
    public function answer(Request $request, int $job, ?DayShare $share = null): JsonResponse
    {
        $batch = TapBatch::of($request);
        $taken = $clashes = [];
        $refused = $batch->refused;
        $opened = BriefDesk::open($job);
        foreach ($batch->taps as $tap) {
            $isTheirs = $share === null
                ? $tap->number('job') === $job
                : $share->mayTap($opened, $tap, $this->slots->slots($opened), $this->known($job));
            if (! $isTheirs) {
                $refused[] = ['id' => $tap->id, 'why' => $share === null ? 'That tap is of another job.' : 'That is not for this link.'];

                continue;
            }
            $clash = $this->taps->keep($tap);
            $taken[] = $tap->id;
            if ($clash !== null) {
                $clashes[] = ['id' => $tap->id, 'why' => $clash];
            }
        }
        if (PretendedClock::running() !== null) {
            $this->app->make(StandInDesk::class)->shootAlong($opened);
        }
        // A tap may have changed the plan: what desks remember of this request is of before.
        $this->app->forgetScopedInstances();
        $state = $this->app->make(DayDesk::class)->state(BriefDesk::open($job), $share);

        return response()->json([
            'taken' => $taken,
            'refused' => $refused,
            'clashes' => $clashes,
            'clock' => PretendedClock::running()?->ofPages(),
            ...$state->beside((string) $request->json('has')),
        ]);
    }
}
