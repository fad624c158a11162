<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\ElementsDesk;
use App\Http\Requests\Plan\CountFramesRequest;
use App\Http\Requests\Plan\ElementsRequest;
use App\Http\Requests\Plan\StrikeRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Setups\ElementBoard;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Plan\Setups\ElementTemplate;
use NorthSatchel\Plan\Setups\WantedElement;
use NorthSatchel\Verdicts;

/** Is every element in the can? */
final class ElementsController
{
    public function show(Request $request, int $job, ElementsDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $count = $desk->count($opened);
        $list = $day = $wrong = null;
        try {
            $list = ElementsDesk::list($record);
            $day = ElementsDesk::day($opened, $record, $list);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }
        $like = $request->query('like');
        $template = ElementTemplate::tryFrom(is_string($like) ? $like : '');

        return view('plan.elements', [
            'job' => $opened,
            'record' => $record,
            'begins' => ElementsDesk::usualBegin($opened),
            'list' => $list,
            'day' => $day,
            'count' => $count,
            'board' => $list === null || $day === null || $list->elements() === [] ? null : new ElementBoard($list, $count, $day),
            'fresh' => $desk->fresh($opened, $count),
            'struck' => $list === null ? [] : self::struck($list, $count->struck),
            'wrong' => $wrong,
            'text' => trim("{$record->elements}\n{$template?->text()}"),
            'isOffered' => $template !== null,
            'templates' => ElementTemplate::cases(),
            'verdicts' => $list === null ? new Verdicts() : $desk->judge($opened, $record, $list)->verdicts(),
        ]);
    }

    public function update(ElementsRequest $request, int $job, ElementsDesk $desk): RedirectResponse
    {
        try {
            $desk->keep($request->into($desk->of(BriefDesk::open($job))));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/elements")->with('said', 'The elements are kept.');
    }

    public function frames(CountFramesRequest $request, int $job, ElementsDesk $desk): RedirectResponse
    {
        $frames = $desk->countFrames(BriefDesk::open($job), $request->element(), $request->keepers());

        return redirect("/jobs/{$job}/elements")->with('said', "{$frames} frames are counted.");
    }

    public function strike(StrikeRequest $request, int $job, ElementsDesk $desk): RedirectResponse
    {
        $desk->strike(BriefDesk::open($job), $request->setup(), $request->words());

        return redirect("/jobs/{$job}/elements")->with('said', "{$request->setup()} may be struck.");
    }

    /**
     * @param  array<int, string>  $struck
     * @return array<string, array{int, string|null}> by setup: its number, and the words where it is struck
     */
    private static function struck(ElementList $list, array $struck): array
    {
        $of = [];
        foreach ($list->setups() as $setup) {
            $number = WantedElement::numberOfSetup($setup);
            $of[$setup] = [$number, $struck[$number] ?? null];
        }

        return $of;
    }
}
