<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scout;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\Gazetteer;
use App\Desks\Scout\ScoutDesk;
use App\Http\Requests\Scout\PlaceRequest;
use App\Models\Brief\Job;
use Illuminate\Http\RedirectResponse;

/** Where the places of a job are; of the main one the brief tells. */
final class PlaceController
{
    public function update(PlaceRequest $request, int $job, int $place, ScoutDesk $scout, Gazetteer $gazetteer): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $found = $scout->places($opened)->where('id', '!=', $opened->place_id)->firstWhere('id', $place);
        abort_if($found === null, 404);
        $point = $request->point();
        $found->update([
            'latitude' => round($point->latitudeDeg, 6),
            'longitude' => round($point->longitudeDeg, 6),
            // By its clock the days of those jobs run of which it is the main place: their brief tells that.
            ...Job::query()->where('place_id', $place)->exists() ? [] : ['timezone' => $gazetteer->zoneAt($point)],
        ]);

        return redirect("/jobs/{$job}/scout#places")->with('said', "{$found->name} is on the map.".$request->townTaken());
    }
}
