@php
    $bag = $of ? 'spot-' . $of->id : 'spot';
    $mine = old('_form') === $bag;
    $id = fn(string $field): string => ($of ? 'e' : 's') . '-' . $field;
@endphp
<x-form :action="'/jobs/' . $job->id . '/spots' . ($of ? '/' . $of->id : '')" :method="$of ? 'put' : 'post'"
    class="grid gap-3 sm:grid-cols-4 items-start">
    <input type="hidden" name="_form" value="{{ $bag }}">
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$id('name')" name="name" label="Spot" :value="$of?->name" required
            maxlength="80" :data-key="$of ? null : 'n'" /></div>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$id('place')" name="place_id" label="Place" type="select">
            @foreach ($places as $place)
                <option
                    value="{{ $place->id }}" @selected((int) ($mine ? old('place_id') : $of?->place_id) === $place->id)>{{
                        $place->name }}</option>
            @endforeach
        </x-field>
    </div>
    <x-field :bag="$bag" :id="$id('facing')" name="facing_deg" label="They face, °" class="figures" :value="$of?->facing_deg"
        inputmode="decimal" />
    <x-field :bag="$bag" :id="$id('room')" name="room_m" label="Room back, m" class="figures" :value="$of?->room_m"
        inputmode="decimal" />
    <x-field :bag="$bag" :id="$id('scouted')" name="scouted_on" label="Scouted" type="date" :value="$of?->scouted_on" />
    <label class="tick sm:mt-5"><input type="checkbox" name="is_indoor"
        value="1" @checked($mine ? old('is_indoor') : $of?->is_indoor)> indoors</label>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$id('planb')" name="plan_b" label="Plan B" :value="$of?->plan_b" /></div>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$id('trigger')" name="plan_b_trigger" label="and what makes you go"
            :value="$of?->plan_b_trigger" placeholder="first drops" /></div>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$id('background')" name="background" label="Faults of the background"
            :value="$of?->background" /></div>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$id('power')" name="power" label="Power" :value="$of?->power" /></div>
    <details class="sm:col-span-4"
        @if ($mine && $errors->hasAny([
            'walk_m', 'walk_deg', 'latitude', 'longitude', 'east_m', 'north_m', 'skyline', 'windows', 'rejected_because', 'notes',
        ])) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">Way up to it, skyline, windows,
            coordinates, notes</summary>
        <div class="grid gap-3 sm:grid-cols-2 items-start">
            <x-field :bag="$bag" :id="$id('walk')" name="walk_m" label="They walk up to it, m" class="figures" :value="$of?->walk_m"
                inputmode="decimal" hint="shot while they walk, straight" />
            <x-field :bag="$bag" :id="$id('walkdeg')" name="walk_deg" label="walking towards, °" class="figures" :value="$of?->walk_deg"
                inputmode="decimal" hint="else where they face" />
            <x-field :bag="$bag" :id="$id('skyline')" name="skyline" type="textarea" label="Skyline: bearing and angle, a line a point"
                :value="$of?->skyline" hint="such as 240 11.5; straight between two points" />
            <x-field :bag="$bag" :id="$id('windows')" name="windows" type="textarea"
                label="Windows: name, bearing, height of the head in m" :value="$of?->windows"
                hint="such as Bay, 200, 2.4; the bearing is where it looks out to" />
            <x-field :bag="$bag" :id="$id('latitude')" name="latitude" label="Latitude, where not the place's" class="figures"
                :value="$of?->latitude" inputmode="decimal" />
            <x-field :bag="$bag" :id="$id('longitude')" name="longitude" label="Longitude" class="figures" :value="$of?->longitude"
                inputmode="decimal" />
            <x-field :bag="$bag" :id="$id('east')" name="east_m" label="or metres east of the place" class="figures"
                :value="$of?->east_m" inputmode="decimal" />
            <x-field :bag="$bag" :id="$id('north')" name="north_m" label="and metres north" class="figures" :value="$of?->north_m"
                inputmode="decimal" />
            <x-field :bag="$bag" :id="$id('rejected')" name="rejected_because" label="Rejected because" :value="$of?->rejected_because"
                hint="a guest will ask" />
            <x-field :bag="$bag" :id="$id('notes')" name="notes" label="Notes" :value="$of?->notes" />
        </div>
    </details>
    <div class="flex gap-2"><button class="button main">{{ $of ? 'Keep' : 'Add the spot' }}</button>
        @if ($of)
            <a class="button" href="/jobs/{{ $job->id }}/scout?spot={{ $of->id }}">Cancel</a>
        @endif
    </div>
</x-form>
