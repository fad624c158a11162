<?php

declare(strict_types=1);

namespace App\Http\Controllers\Taps;

use App\Desks\Taps\TapDesk;
use App\Http\Requests\Taps\TapRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Takes taps: many at once from a device's queue, or one from a plain form where scripts are off. */
final class TapController
{
    public function store(Request $request, TapDesk $desk): JsonResponse|RedirectResponse
    {
        if ($request->isJson()) {
            return $this->storeQueue($request, $desk);
        }
        $tap = app(TapRequest::class);
        $desk->press($tap->kind(), $tap->on());

        return back();
    }

    /** Every well-formed tap is kept, each is answered by itself; one that clashes with what is known becomes a finding. */
    private function storeQueue(Request $request, TapDesk $desk): JsonResponse
    {
        $batch = TapBatch::of($request);
        $taken = $clashes = [];
        foreach ($batch->taps as $tap) {
            $clash = $desk->keep($tap);
            $taken[] = $tap->id;
            if ($clash !== null) {
                $clashes[] = ['id' => $tap->id, 'why' => $clash];
            }
        }

        return response()->json(['taken' => $taken, 'refused' => $batch->refused, 'clashes' => $clashes]);
    }
}
