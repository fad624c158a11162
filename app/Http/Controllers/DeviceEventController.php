<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\DeviceEventDesk;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Takes taps: many at once from a device's queue, or one from a plain form where scripts are off. */
final class DeviceEventController
{
    public function store(Request $request, DeviceEventDesk $desk): JsonResponse|RedirectResponse
    {
        if ($request->isJson()) {
            return $this->storeQueue($request, $desk);
        }
        $given = $request->validate(['kind' => ['required', Rule::in(DeviceEventDesk::KINDS)]]);
        $desk->take([[
            'id' => (string) Str::uuid(),
            'kind' => (string) $given['kind'],
            'on' => $request->only(['job', 'item', 'card', 'body', 'slot', 'person', 'group', 'line']),
            'made_at' => now()->toIso8601ZuluString('millisecond'),
        ]]);

        return back();
    }

    /** An event that can never be taken is refused by id, so that the device lets go of it; the others are kept. */
    private function storeQueue(Request $request, DeviceEventDesk $desk): JsonResponse
    {
        $events = $request->validate([
            'events' => ['required', 'array', 'max:500'],
            'events.*.id' => ['required', 'uuid'],
            'events.*.kind' => ['required', Rule::in(DeviceEventDesk::KINDS)],
            'events.*.on' => ['required', 'array'],
            'events.*.on.*' => ['integer'],
            'events.*.made_at' => ['required', 'date'],
        ])['events'];
        $taken = $refused = [];
        usort($events, static fn (array $a, array $b): int => $a['made_at'] <=> $b['made_at']);
        foreach ($events as $event) {
            try {
                $taken = [...$taken, ...$desk->take([$event])];
            } catch (ValidationException $e) {
                $refused[] = ['id' => $event['id'], 'why' => $e->getMessage()];
            } catch (ModelNotFoundException) {
                $refused[] = ['id' => $event['id'], 'why' => 'What this tap was about is no longer there.'];
            }
        }

        return response()->json(['taken' => $taken, 'refused' => $refused]);
    }
}
