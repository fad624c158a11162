<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wrap;

use App\Desks\Brief\BriefDesk;
use App\Desks\Wrap\BoardsDesk;
use App\Devices\BoardReader;
use App\Http\QrDrawing;
use App\Http\Requests\Wrap\BoardWordRequest;
use App\Http\Requests\Wrap\ProductsRequest;
use App\Jobs\ReadBoards;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Boards\BoardCode;
use NorthSatchel\Plan\Boards\Product;
use NorthSatchel\Verdicts;
use NorthSatchel\Wrap\Boards\BoardJudge;
use NorthSatchel\Wrap\Boards\BoardRuns;

/** Of which product is each frame? */
final class BoardsController
{
    public function show(int $job, BoardsDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $frames = $desk->boardFrames($opened);
        $runs = $wrong = null;
        try {
            $runs = new BoardRuns(BoardsDesk::products($record), $frames);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }

        return view('wrap.boards', [
            'job' => $opened,
            'record' => $record,
            'runs' => $runs,
            'frames' => count($frames),
            'isThere' => BoardReader::isThere(),
            'zone' => new \DateTimeZone($opened->place->timezone),
            'wrong' => $wrong,
            'verdicts' => $runs === null ? new Verdicts() : BoardJudge::of($runs, count($frames)),
        ]);
    }

    public function update(ProductsRequest $request, int $job, BoardsDesk $desk): RedirectResponse
    {
        try {
            $desk->keep(BriefDesk::open($job), $request->products());
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'These '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/boards")->with('said', 'The products are kept.');
    }

    public function read(int $job): RedirectResponse
    {
        BriefDesk::open($job);
        ReadBoards::dispatch($job);

        return redirect("/jobs/{$job}/boards")->with('said', 'The frames are looked through for boards; this page shows how far it is.');
    }

    public function say(BoardWordRequest $request, int $job, BoardsDesk $desk): RedirectResponse
    {
        $desk->say(BriefDesk::open($job), $request->frame(), $request->product());

        return redirect("/jobs/{$job}/boards")->with('said', 'It counts like a board from that frame on.');
    }

    public function picture(int $job, string $exposure, BoardsDesk $desk): Response
    {
        BriefDesk::open($job);
        $jpeg = $desk->picture($exposure);

        return $jpeg === null
            ? response('', 404)
            : response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    /** To print, or one of them large on a phone. */
    public function boards(int $job, BoardsDesk $desk, ?int $number = null): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $products = array_values(array_filter(
            BoardsDesk::products($record),
            static fn (Product $p): bool => $number === null || $p->number === $number,
        ));
        abort_if($number !== null && $products === [], 404);

        return view($number === null ? 'wrap.boards-print' : 'wrap.board', [
            'job' => $opened,
            'boards' => array_map(
                static fn (Product $p): array => [
                    'product' => $p,
                    'svg' => QrDrawing::of(BoardCode::of($record->boardKey(), $p->number), 'H'),
                ],
                $products,
            ),
        ]);
    }
}
