@php $bag = $segment ? 'segment-'.$segment->id : 'segment-new'; $mine = old('_form') === $bag; $val = fn (string $name, mixed $stored): mixed => $mine ? old($name, $stored) : $stored; @endphp
<x-form :action="$segment ? '/segments/'.$segment->id : '/jobs/'.$job->id.'/segments'" :method="$segment ? 'put' : 'post'" class="grid gap-3 sm:grid-cols-6 items-start">
    <input type="hidden" name="_form" value="{{ $bag }}">
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag.'-title'" name="title" label="Segment" :value="$segment?->title" required maxlength="120" :data-key="$segment ? null : 'n'" /></div>
    <x-field :bag="$bag" :id="$bag.'-start'" name="start_clock" label="Start" class="figures" :value="$segment?->start_clock" placeholder="14:00" required />
    <x-field :bag="$bag" :id="$bag.'-minutes'" name="minutes" label="Minutes" class="figures" :value="$segment?->minutes ?? 30" inputmode="numeric" required />
    <x-field :bag="$bag" :id="$bag.'-priority'" name="priority" label="Priority" type="select">@foreach (['must', 'should', 'nice'] as $p)<option @selected($val('priority', $segment?->priority) === $p)>{{ $p }}</option>@endforeach</x-field>
    <x-field :bag="$bag" :id="$bag.'-lane'" name="lane" label="Photographer" type="select">@foreach (['lead', 'second'] as $lane)<option @selected($val('lane', $segment?->lane) === $lane)>{{ $lane }}</option>@endforeach</x-field>
    <div class="sm:col-span-2"><x-field :bag="$bag" :id="$bag.'-place'" name="place_name" label="Place" :value="$segment?->place?->name" list="places" hint="a known place, or a new name" /></div>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_outdoor" value="1" @checked($val('is_outdoor', $segment?->is_outdoor))> outdoors</label>
    <label class="tick sm:mt-5"><input type="checkbox" name="is_anchor" value="1" @checked($val('is_anchor', $segment?->is_anchor))> does not move</label>
    <div class="sm:col-span-2 flex gap-2 sm:mt-5"><button class="button main">{{ $segment ? 'Keep' : 'Add the segment' }}</button>@if ($segment)<a class="button" href="/jobs/{{ $job->id }}/plan">Cancel</a>@endif</div>
</x-form>
