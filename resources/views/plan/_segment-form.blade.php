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
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag . '-place'" name="place_name" label="Place" :value="$segment?->place?->name"
            list="places" hint="a known place, or a new name" /></div>
    <x-field :bag="$bag" :id="$bag . '-spot'" name="spot_id" label="Spot" type="select">
        <option value="">none</option>
        @foreach ($spots as $spot)
            <option value="{{ $spot->id }}" @selected((int) $val('spot_id', $segment?->spot_id) === $spot->id)>{{ $spot->name }}</option>
        @endforeach
    </x-field>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_outdoor"
        value="1" @checked($val('is_outdoor', $segment?->is_outdoor))> outdoors</label>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_anchor"
        value="1" @checked($val('is_anchor', $segment?->is_anchor))> does not move</label>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_break"
        value="1" @checked($val('is_break', $segment?->is_break))> a meal or a rest</label>
    <details class="sm:col-span-6"
        @if ($errors->hasAny(['light', 'earliest_clock', 'latest_clock', 'setup_minutes', 'people', 'also_lanes', 'day']) && $mine) open
            @endif>
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
            <x-field :bag="$bag" :id="$bag . '-setup'" name="setup_minutes" label="Setting up, min" class="figures"
                :value="$segment?->setup_minutes ?: null"
                inputmode="numeric" />
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
        @if ($errors->hasAny(['short_minutes', 'low_minutes', 'high_minutes', 'takes_in_minutes', 'worth']) && $mine) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">When it runs late</summary>
        <div class="grid gap-3 sm:grid-cols-5 items-start">
            <x-field :bag="$bag" :id="$bag . '-short'" name="short_minutes" label="Shortest bearable" class="figures"
                :value="$segment?->short_minutes"
                inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag . '-low'" name="low_minutes" label="May turn out as short as" class="figures"
                :value="$segment?->low_minutes" inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag . '-high'" name="high_minutes" label="or as long as" class="figures"
                :value="$segment?->high_minutes"
                inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag . '-takes'" name="takes_in_minutes" label="Takes in, minutes of others" class="figures"
                :value="$segment?->takes_in_minutes ?: null" inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag . '-worth'" name="worth" label="Worth, 0 to 1000" class="figures" :value="$segment?->worth"
                inputmode="numeric" hint="else must 300, should 100, nice 30" />
            <label class="tick sm:mt-5"><input type="checkbox" name="may_move"
                value="1" @checked($val('may_move', $segment?->may_move))> may move
                into a later one that takes others in</label>
        </div>
    </details>
    <div class="flex gap-2 sm:mt-5"><button class="button main">{{ $segment ? 'Keep' : 'Add the segment' }}</button>
        @if ($segment)
            <a class="button" href="/jobs/{{ $job->id }}/plan{{ $day > 0 ? '?day=' . $day : '' }}">Cancel</a>
        @endif
    </div>
</x-form>
