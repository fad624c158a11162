<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cards;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\BodyCheckDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\StandInDesk;
use App\Desks\Cards\StruckCard;
use App\Devices\StandIn\Fault;
use App\Http\Requests\Cards\ShootRequest;
use App\Models\Brief\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The demo's hands on the stand-in cameras. */
final class StandInController
{
    public function __construct(private readonly StandInDesk $desk, private readonly CardsDesk $cards, private readonly BodyCheckDesk $bodies) {}

    public function test(int $job): RedirectResponse
    {
        return $this->fireAndRead(BriefDesk::open($job));
    }

    public function mode(Request $request, int $job): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $this->desk->setMode($this->cards->bodies($opened)->firstWhere('id', $request->integer('body')) ?? abort(404));

        return $this->fireAndRead($opened);
    }

    public function clock(Request $request, int $job): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $this->desk->setClock($this->cards->bodies($opened)->firstWhere('id', $request->integer('body')) ?? abort(404));

        return $this->fireAndRead($opened);
    }

    public function shoot(ShootRequest $request, int $job): RedirectResponse
    {
        $frames = $request->validated()['frames'];
        $opened = BriefDesk::open($job);
        $struck = collect($this->cards->slots($opened))->map(static fn (array $slots) => $slots[2] ?? null)->filter()->first();
        $faults = $struck === null ? [] : [new StruckCard($struck->item->label, Fault::CutShort)];
        $taken = $this->desk->shootDay($opened, (int) $frames, faults: $faults);

        return redirect("/jobs/{$job}/cards")->with('said', "{$taken} frames are taken.");
    }

    public function meddle(int $job): RedirectResponse
    {
        return redirect("/jobs/{$job}/cards")->with('said', $this->desk->changeBehindItsBack(BriefDesk::open($job)));
    }

    private function fireAndRead(Job $job): RedirectResponse
    {
        $this->desk->fireTestFrames($job);
        $this->bodies->readTestFrames($job);

        return redirect("/jobs/{$job->id}/cards")->with('said', 'Every body has fired at the same moment, and the cards are read.');
    }
}
