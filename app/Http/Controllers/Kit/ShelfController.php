<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Kit\ShelfDesk;
use App\Desks\Kit\ShelfTable;
use App\Http\QrDrawing;
use App\Http\Requests\Kit\ItemRequest;
use App\Http\Requests\Kit\ItemTestRequest;
use App\Http\Requests\Kit\ShelfFileRequest;
use App\Models\Kit\Item;
use App\Models\Kit\ItemTest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Pack\Label;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;
use NorthSatchel\Verdicts;

final class ShelfController
{
    public function index(Request $request, ShelfDesk $desk): View
    {
        $edit = $desk->items()->firstWhere('id', $request->integer('edit'));
        $kind = GearKind::tryFrom((string) old('kind', $edit->kind ?? $request->query('kind'))) ?? GearKind::Lens;

        return view('kit.shelf', [
            'kinds' => GearKind::cases(),
            'kind' => $kind,
            'edit' => $edit,
            'items' => $desk->byKind(),
            'gear' => $desk->gear(),
            'tests' => $desk->lastTests('UTC'),
            'verdicts' => new Verdicts(DueJudge::of(array_values($desk->gear()), now()->format('Y-m-d'))),
        ]);
    }

    public function store(ItemRequest $request, ShelfDesk $desk): RedirectResponse
    {
        $item = $desk->save($request->kind(), $request->typed(), $request->common());

        return redirect('/shelf?kind='.urlencode($item->kind))->with('said', "{$item->label} is on the shelf.");
    }

    public function update(ItemRequest $request, Item $item, ShelfDesk $desk): RedirectResponse
    {
        $desk->save($request->kind(), $request->typed(), $request->common(), $item->load(['body', 'card']));

        return redirect('/shelf')->with('said', "{$item->label} is changed.");
    }

    /** A test of a thing, for a job or for none. */
    public function test(ItemTestRequest $request, Item $item): RedirectResponse
    {
        $given = $request->validated();
        ItemTest::query()->create([
            'item_id' => $item->id,
            'job_id' => $given['job'] ?? null,
            'result' => $given['result'],
            'note' => $given['note'] ?? null,
            'at' => now(),
        ]);

        return back()->with('said', "{$item->label}: {$given['result']}.");
    }

    /** A borrowed or hired thing goes back. */
    public function giveBack(Item $item): RedirectResponse
    {
        abort_if($item->ownership === Ownership::Owned, 404);
        $item->update(['returned_on' => now()->format('Y-m-d')]);

        return back()
            ->with('said', "{$item->label} went back to {$item->from_whom}; it is off the shelf.")
            ->with('undo', "/shelf/{$item->id}/keep");
    }

    public function keep(Item $item): RedirectResponse
    {
        $item->update(['returned_on' => null]);

        return back()->with('said', "{$item->label} is on the shelf again.");
    }

    public function table(ShelfTable $table): Response
    {
        return response($table->out(), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shelf.csv"',
        ]);
    }

    public function import(ShelfFileRequest $request, ShelfTable $table): RedirectResponse
    {
        $count = $table->in((string) $request->file('file')?->get());

        return redirect('/shelf')->with('said', "{$count} things are on the shelf, or changed there.");
    }

    public function starter(ShelfTable $table): RedirectResponse
    {
        $count = $table->in((string) file_get_contents(resource_path('shelf/starter.csv')));

        return redirect('/shelf')->with('said', "{$count} things to begin with; change what does not fit.");
    }

    /** Labels for print, each with a code that a phone reads. */
    public function labels(ShelfDesk $desk): View
    {
        return view('kit.labels', [
            'labels' => $desk
                ->items()
                ->map(
                    static fn (Item $i): array => [
                        'label' => $i->label,
                        'kind' => $i->kind,
                        'code' => Label::of($i->id),
                        'svg' => QrDrawing::of(Label::of($i->id)),
                    ],
                )
                ->all(),
        ]);
    }
}
