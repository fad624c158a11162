<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\ShelfDesk;
use App\Http\Requests\ItemRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class ShelfController
{
    public function index(ShelfDesk $desk): View
    {
        return view('shelf.index', ['items' => $desk->byKind(), 'kinds' => ItemRequest::KINDS]);
    }

    public function store(ItemRequest $request, ShelfDesk $desk): RedirectResponse
    {
        $item = $desk->add($request->validated());

        return redirect('/shelf')->with('said', "{$item->label} is on the shelf.");
    }
}
