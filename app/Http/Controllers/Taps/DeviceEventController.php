<?php

declare(strict_types=1);

namespace App\Http\Controllers\Taps;

use App\Desks\Taps\DeviceEventDesk;
use App\Http\TapBatch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** Takes taps: many at once from a device's queue, or one from a plain form where scripts are off. */
final class DeviceEventController
{
    public function store(Request $request, DeviceEventDesk $desk): JsonResponse|RedirectResponse
    {
        if ($request->isJson()) {
            return $this->storeQueue($request, $desk);
        }
        $whole = ['nullable', 'integer', 'between:0,999999999999'];
        $given = $request->validate(['kind' => ['required', 'string', Rule::in(DeviceEventDesk::KINDS)], 'job' => $whole, 'item' => $whole, 'card' => [Rule::requiredIf(in_array($request->input('kind'), ['load', 'unload'], true)), ...$whole], 'body' => [Rule::requiredIf($request->input('kind') === 'load'), ...$whole], 'slot' => [Rule::requiredIf($request->input('kind') === 'load'), ...$whole], 'person' => $whole, 'group' => $whole, 'line' => $whole]);
        $desk->take([[
            'id' => (string) Str::uuid(),
            'kind' => (string) $given['kind'],
            'on' => $request->only(['job', 'item', 'card', 'body', 'slot', 'person', 'group', 'line']),
            'made_at' => now()->toIso8601ZuluString('millisecond'),
        ]]);

        return back();
    }

    /** Every well-formed tap is kept, each is answered by itself; one that clashes with what is known becomes a finding. */
    private function storeQueue(Request $request, DeviceEventDesk $desk): JsonResponse
    {
        $batch = TapBatch::of($request);
        $taken = $clashes = [];
        foreach ($batch->taps as $tap) {
            $clash = $desk->keep($tap);
            $taken[] = $tap['id'];
            if ($clash !== null) {
                $clashes[] = ['id' => $tap['id'], 'why' => $clash];
            }
        }

        return response()->json(['taken' => $taken, 'refused' => $batch->refused, 'clashes' => $clashes]);
    }
}
