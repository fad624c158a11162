@php
    $bag = $line ? 'shot-' . $line->id : 'shot-new-' . ($segment->id ?? 'free');
    $mine = old('_form') === $bag;
@endphp
<x-form :action="$line
        ? '/shots/' . $line->id
        : ($segment
            ? '/segments/' . $segment->id . '/shots'
            : '/jobs/' . $job->id . '/shots')" :method="$line ? 'put' : 'post'"
                class="grid gap-2 grid-cols-2 sm:grid-cols-[1fr_6rem_5rem_5rem_5.5rem_auto] items-start mt-2">
    <input type="hidden" name="_form" value="{{ $bag }}">
    <div class="col-span-2 sm:col-span-1"><x-field :bag="$bag" :id="$bag . '-what'" name="what" label="Shot" :value="$line?->what" required
            maxlength="160" /></div>
    <x-field :bag="$bag" :id="$bag . '-priority'" name="priority" label="Priority" type="select">
        @foreach (['must', 'should', 'nice'] as $p)
            <option @selected(($mine ? old('priority') : $line?->priority) === $p)>{{ $p }}</option>
        @endforeach
    </x-field>
    <x-field :bag="$bag" :id="$bag . '-minutes'" name="minutes" label="Minutes" class="figures" :value="$line?->minutes ?? 3"
        inputmode="numeric" />
    <x-field :bag="$bag" :id="$bag . '-frames'" name="frames" label="Frames" class="figures" :value="$line?->frames ?? 10"
        inputmode="numeric" />
    <x-field :bag="$bag" :id="$bag . '-focal'" name="focal_mm" label="Lens, mm" class="figures" :value="$line?->focal_mm"
        inputmode="numeric" />
    <div class="col-span-2 sm:col-span-6 grid gap-2 grid-cols-2 sm:grid-cols-4 sm:order-last">
        @foreach (['distance' => NorthSatchel\Plan\Viewpoint\ShotView::DISTANCES,
                'height' => NorthSatchel\Plan\Viewpoint\ShotView::HEIGHTS, 'side' => NorthSatchel\Plan\Viewpoint\ShotView::SIDES,
                'light' => NorthSatchel\Plan\Shots\SunOrder::LIGHTS] as $view => $ways)
            <x-field :bag="$bag" :id="$bag . '-' . $view" :name="$view" :label="ucfirst($view)" type="select">
                <option value="">any</option>
                @foreach ($ways as $way)
                    <option @selected(($mine ? old($view) : $line?->{$view}) === $way)>{{ $way }}</option>
                @endforeach
            </x-field>
        @endforeach
        <x-field :bag="$bag" :id="$bag . '-cue'" name="cue" label="After (the cue)" :value="$line?->cue" placeholder="the rings"
            maxlength="80" />
        <x-field :bag="$bag" :id="$bag . '-within'" name="cue_seconds" label="within, seconds" class="figures" :value="$line?->cue_seconds"
            inputmode="numeric" />
        <x-field :bag="$bag" :id="$bag . '-prompt'" name="prompt" label="Prompt" :value="$line?->prompt" maxlength="160" />
        <x-field :bag="$bag" :id="$bag . '-notes'" name="notes" label="Note" :value="$line?->notes" maxlength="240" />
        <x-field :bag="$bag" :id="$bag . '-empty'" name="empty_percent" label="Left empty, %" class="figures" :value="$line?->empty_percent"
            inputmode="numeric" hint="for words over it" />
        <div class="col-span-2 sm:col-span-3"><x-field :bag="$bag" :id="$bag . '-people'" name="people" label="Who, names with commas"
                :value="implode(', ', $line->people ?? [])" list="people" /></div>
    </div>
    <button class="button sm:mt-6">{{ $line ? 'Keep' : 'Add' }}</button>
</x-form>
