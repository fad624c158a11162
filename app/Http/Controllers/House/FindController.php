<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Desks\House\FindDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class FindController
{
    public function index(Request $request, FindDesk $desk): View
    {
        $words = mb_substr(trim((string) $request->query('q')), 0, 80);

        return view('brief.find', ['words' => $words, 'found' => $words === '' ? [] : $desk->find($words)]);
    }
}
