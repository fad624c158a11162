<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Kit\LightDesk;
use App\Desks\Kit\NeedsDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use NorthSatchel\Exposure\FlashJudge;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Verdicts;

/** Will the flash do? Worked out from what stands in the address; nothing is stored. */
final class LightController
{
    public function show(Request $request, int $job, LightDesk $desk, NeedsDesk $needs): View
    {
        $opened = BriefDesk::open($job);
        $asked = $desk->asked($opened, $request->query());
        $flash = $rest = $remote = null;
        try {
            $flash = $desk->flash($asked);
            $rest = $desk->motionAndRoom($asked['values'], $desk->pixelUm($opened));
            $remote = $asked['is_example'] ? null : $desk->remote($opened, $asked);
        } catch (ImpossibleValue $e) {
            $asked['wrong']['all'] = ucfirst("{$e->field} {$e->must}.");
        }

        return view('kit.light', [
            'job' => $opened,
            'asked' => $asked,
            'typed' => array_filter($request->query(), is_string(...)),
            'v' => $asked['values'],
            'wrong' => $asked['wrong'],
            'flash' => $flash,
            'rest' => $rest,
            'remote' => $remote,
            'flashes' => $desk->flashes(),
            'stretches' => $needs->stretches($opened),
            'verdicts' => new Verdicts($asked['is_example'] ? [FlashJudge::ofAnExample()] : $flash['verdicts'] ?? []),
        ]);
    }
}
