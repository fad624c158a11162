@php
    $bag = $segment ? 'segment-' . $segment->id : 'segment-new';
    $mine = old('_form') === $bag;
    $val = fn(string $name, mixed $stored): mixed => $mine ? old($name, $stored) : $stored;
@endphp
<x-form :action="$segment ? '/segments/' . $segment->id : '/jobs/' . $job->id . '/segments'" :method="$segment ? 'put' : 'post'"
    class="grid gap-3 sm:grid-cols-6 items-start">
    <input type="hidden" name="_form" value="{{ $bag }}">
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag . '-title'" name="title" label="Segment" :value="$segment?->title" required
            maxlength="120" :data-key="$segment ? null : 'n'" /></div>
    <x-field :bag="$bag" :id="$bag . '-start'" name="start_clock" label="Start" class="figures" :value="$segment?->start_clock"
        placeholder="14:00"
        required />
    <x-field :bag="$bag" :id="$bag . '-minutes'" name="minutes" label="Minutes" class="figures" :value="$segment?->minutes ?? 30"
        inputmode="numeric"
        required />
    <x-field :bag="$bag" :id="$bag . '-priority'" name="priority" label="Priority" type="select">
        @foreach (['must', 'should', 'nice'] as $p)
            <option @selected($val('priority', $segment?->priority) === $p)>{{ $p }}</option>
        @endforeach
    </x-field>
    <x-field :bag="$bag" :id="$bag . '-lane'" name="lane" label="Photographer" type="select">
        @foreach (NorthSatchel\Time\Lane::cases() as $lane)
            <option @selected($val('lane', $segment?->lane) === $lane->value)>{{ $lane->value }}</option>
        @endforeach
    </x-field>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag . '-place'" name="place_name" label="Place" :value="$segment?->ownPlace()?->name"
            list="places" hint="a known place, or a new name; empty: where you were before" /></div>
    <x-field :bag="$bag" :id="$bag . '-spot'" name="spot_id" label="Spot" type="select">
        <option value="">none</option>
        @foreach ($spots as $spot)
            <option value="{{ $spot->id }}" @selected((int) $val('spot_id', $segment?->spot_id) === $spot->id)>{{ $spot->name }}</option>
        @endforeach
    </x-field>
    @include('plan._segment-fields', ['of' => App\Models\Plan\SegmentFieldset::First])
    <details class="sm:col-span-6"
        @if ($mine &&
                $errors->hasAny([
                    'light', 'earliest_clock', 'latest_clock', 'people', 'also_lanes', 'day',
                    ...App\Models\Plan\SegmentFieldset::Light->names(),
                ])) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">Light, hours, people, setting up</summary>
        <div class="grid gap-3 sm:grid-cols-5 items-start">
            <x-field :bag="$bag" :id="$bag . '-light'" name="light" label="Light wanted" type="select">
                @foreach (NorthSatchel\Sky\LightWanted::cases() as $light)
                    <option @selected($val('light', $segment?->light) === $light->value)>{{ $light->value }}</option>
                @endforeach
            </x-field>
            <x-field :bag="$bag" :id="$bag . '-earliest'" name="earliest_clock" label="Not before" class="figures"
                :value="$segment?->earliest_clock"
                placeholder="16:00" />
            <x-field :bag="$bag" :id="$bag . '-latest'" name="latest_clock" label="Over by" class="figures" :value="$segment?->latest_clock"
                placeholder="17:30" />
            @include('plan._segment-fields', ['of' => App\Models\Plan\SegmentFieldset::Light])
            <x-field :bag="$bag" :id="$bag . '-day'" name="day" label="Day" type="select">
                @for ($n = 0; $n <= min(13, count($days)); $n++)
                    <option value="{{ $n }}" @selected((int) $val('day', $segment->day ?? $day) === $n)>{{ $n + 1 }}</option>
                @endfor
            </x-field>
            <div class="sm:col-span-3"><x-field :bag="$bag" :id="$bag . '-people'" name="people"
                    label="Who is needed, names with commas" :value="implode(', ', $segment->people ?? [])" list="people" /></div>
            <fieldset class="sm:col-span-2">
                <legend class="text-sm">Done together with</legend>
                <div class="flex gap-3">
                    @foreach (NorthSatchel\Time\Lane::cases() as $lane)
                        <label class="tick"><input type="checkbox" name="also_lanes[]" value="{{ $lane->value }}"
                                @checked(in_array($lane->value, (array) $val('also_lanes', $segment?->also_lanes ?? []), true))> {{
                                    $lane->value }}</label>
                    @endforeach
                </div>
            </fieldset>
        </div>
    </details>
    <details class="sm:col-span-6"
        @if ($mine && $errors->hasAny(App\Models\Plan\SegmentFieldset::Late->names())) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">When it runs late</summary>
        <div class="grid gap-3 sm:grid-cols-5 items-start">
            @include('plan._segment-fields', ['of' => App\Models\Plan\SegmentFieldset::Late])
        </div>
    </details>
    <div class="flex gap-2 sm:mt-5"><button class="button main">{{ $segment ? 'Keep' : 'Add the segment' }}</button>
        @if ($segment)
            <a class="button" href="/jobs/{{ $job->id }}/plan{{ $day > 0 ? '?day=' . $day : '' }}">Cancel</a>
        @endif
    </div>
</x-form>
