<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Kit\LightDesk;
use App\Desks\Kit\NeedsDesk;
use App\Desks\Kit\RemoteDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\Exposure\FlashJudge;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Verdicts;

/** Will the flash do? Worked out from what stands in the address; only a camera that stands alone is kept. */
final class LightController
{
    public function show(Request $request, int $job, LightDesk $desk, NeedsDesk $needs, RemoteDesk $remotes): View
    {
        $opened = BriefDesk::open($job);
        $asked = $desk->asked($opened, $request->query());
        $flash = $rest = $remote = null;
        $wrong = [];
        try {
            $flash = $desk->flash($asked);
            $rest = $desk->motionAndRoom($asked->values, $desk->pixelUm($opened));
            $remote = $asked->isExample ? null : $remotes->plan($opened, $asked);
        } catch (ImpossibleValue $e) {
            $wrong = ['all' => ucfirst("{$e->field} {$e->must}.")];
        }

        return view('kit.light', [
            'job' => $opened,
            'asked' => $asked,
            'typed' => array_filter($request->query(), is_string(...)),
            'v' => $asked->values,
            'wrong' => [...$asked->wrong, ...$wrong],
            'flash' => $flash,
            'rest' => $rest,
            'remote' => $remote,
            'kept' => $remotes->kept($opened),
            'sheet' => http_build_query(array_filter($request->query(), is_string(...))),
            'flashes' => $desk->flashes(),
            'stretches' => $needs->stretches($opened),
            'verdicts' => new Verdicts(match (true) {
                $asked->segment?->mayNotFlash === true => [FlashJudge::ofForbidden($asked->segment->title)],
                $asked->isExample => [FlashJudge::ofAnExample()],
                default => $flash->verdicts ?? [],
            }),
        ]);
    }

    /** Keeps a camera that stands alone, as it stands in the address. */
    public function keep(Request $request, int $job, LightDesk $desk, RemoteDesk $remotes): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $where = mb_substr(trim(is_string($request->query('where')) ? $request->query('where') : ''), 0, 120);
        $remotes->keep($opened, $desk->asked($opened, $request->query()), $where);

        $said = 'It is kept: its body, clamp and cable come along, and the kit watches over it.';

        return redirect()->to("/jobs/{$job}/light#alone")->with('said', $said);
    }

    /** What goes with a camera that stands alone, to print. */
    public function sheet(Request $request, int $job, LightDesk $desk, RemoteDesk $remotes): View|RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $asked = $desk->asked($opened, $request->query());
        try {
            $sheet = $asked->wrong === [] ? $remotes->sheet($opened, $asked) : null;
        } catch (ImpossibleValue) {
            $sheet = null;
        }

        return $sheet === null
            ? redirect()->to("/jobs/{$job}/light?".http_build_query(array_filter($request->query(), is_string(...))))
            : view('kit.remote-sheet', [
                'job' => $opened,
                'steps' => $sheet->steps(),
                'open' => $sheet->open(),
                'segment' => $asked->segment,
                'back' => http_build_query(array_filter($request->query(), is_string(...))),
                'where' => mb_substr($request->string('where')->trim()->toString(), 0, 120),
                'paper' => $request->query('paper') === 'letter' ? 'letter' : 'a4',
            ]);
    }
}
