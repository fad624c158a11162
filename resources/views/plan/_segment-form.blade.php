@php $bag = $segment ? 'segment-'.$segment->id : 'segment-new'; $mine = old('_form') === $bag; $val = fn (string $name, mixed $stored): mixed => $mine ? old($name, $stored) : $stored; @endphp
<x-form :action="$segment ? '/segments/'.$segment->id : '/jobs/'.$job->id.'/segments'" :method="$segment ? 'put' : 'post'" class="grid gap-3 sm:grid-cols-6 items-start">
    <input type="hidden" name="_form" value="{{ $bag }}">
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag.'-title'" name="title" label="Segment" :value="$segment?->title" required maxlength="120" :data-key="$segment ? null : 'n'" /></div>
    <x-field :bag="$bag" :id="$bag.'-start'" name="start_clock" label="Start" class="figures" :value="$segment?->start_clock" placeholder="14:00" required />
    <x-field :bag="$bag" :id="$bag.'-minutes'" name="minutes" label="Minutes" class="figures" :value="$segment?->minutes ?? 30" inputmode="numeric" required />
    <x-field :bag="$bag" :id="$bag.'-priority'" name="priority" label="Priority" type="select">@foreach (['must', 'should', 'nice'] as $p)<option @selected($val('priority', $segment?->priority) === $p)>{{ $p }}</option>@endforeach</x-field>
    <x-field :bag="$bag" :id="$bag.'-lane'" name="lane" label="Photographer" type="select">@foreach (['lead', 'second'] as $lane)<option @selected($val('lane', $segment?->lane) === $lane)>{{ $lane }}</option>@endforeach</x-field>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag.'-place'" name="place_name" label="Place" :value="$segment?->place?->name" list="places" hint="a known place, or a new name" /></div>
    <x-field :bag="$bag" :id="$bag.'-spot'" name="spot_id" label="Spot" type="select"><option value="">none</option>@foreach ($spots as $spot)<option value="{{ $spot->id }}" @selected((int) $val('spot_id', $segment?->spot_id) === $spot->id)>{{ $spot->name }}</option>@endforeach</x-field>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_outdoor" value="1" @checked($val('is_outdoor', $segment?->is_outdoor))> outdoors</label>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_anchor" value="1" @checked($val('is_anchor', $segment?->is_anchor))> does not move</label>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_break" value="1" @checked($val('is_break', $segment?->is_break))> a meal or a rest</label>
    <details class="sm:col-span-6" @if ($errors->hasAny(['short_minutes', 'low_minutes', 'high_minutes', 'takes_in_minutes']) && $mine) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">When it runs late</summary>
        <div class="grid gap-3 sm:grid-cols-5 items-start">
            <x-field :bag="$bag" :id="$bag.'-short'" name="short_minutes" label="Shortest bearable" class="figures" :value="$segment?->short_minutes" inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag.'-low'" name="low_minutes" label="May turn out as short as" class="figures" :value="$segment?->low_minutes" inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag.'-high'" name="high_minutes" label="or as long as" class="figures" :value="$segment?->high_minutes" inputmode="numeric" />
            <x-field :bag="$bag" :id="$bag.'-takes'" name="takes_in_minutes" label="Takes in, minutes of others" class="figures" :value="$segment?->takes_in_minutes ?: null" inputmode="numeric" />
            <label class="tick sm:mt-5"><input type="checkbox" name="may_move" value="1" @checked($val('may_move', $segment?->may_move))> may move into a later one that takes others in</label>
        </div>
    </details>
    <div class="flex gap-2 sm:mt-5"><button class="button main">{{ $segment ? 'Keep' : 'Add the segment' }}</button>@if ($segment)<a class="button" href="/jobs/{{ $job->id }}/plan">Cancel</a>@endif</div>
</x-form>
