<section class="slab mt-4" id="rules">
    <h2 class="mb-2">Ways, passes, and who must not meet</h2>
    @php $known = collect($ways)->flatMap(fn ($w) => [$w->from, $w->to])->push($job->place)->unique('id'); @endphp
    <h3 class="font-bold mt-2">Ways</h3>
    @if ($ways === [])
        <p class="text-faint">All segments are at one place.</p>
    @else
        <ul>
            @foreach ($ways as $way)
                <li class="border-t border-rule py-1"><b>{{ $way->from->name }} → {{ $way->to->name }}</b> <span
                        class="figures text-faint">
                        @if ($way->minutes === null)
                            not known{{ $way->estimate ? ', about ' . $way->estimate . ' min by the map' : '' }}@else{{ $way->minutes }}
                            min{{ $way->way
                                    ? ': ' .
                                        collect([
                                            'on the road' => $way->way->minutes,
                                            'parking' => $way->way->parking_minutes,
                                            'walking' => $way->way->walk_minutes,
                                            'loading' => $way->way->loading_minutes,
                                        ])
                                            ->filter()
                                            ->map(fn($m, $what) => "{$m} {$what}")
                                            ->implode(', ')
                                    : '' }}
                        @endif
                    </span></li>
            @endforeach
        </ul>
        <x-form :action="'/jobs/' . $job->id . '/travels'"
            class="grid gap-3 grid-cols-2 sm:grid-cols-[1.5fr_1.5fr_1fr_1fr_1fr_1fr_auto] items-start mt-2">
            <input type="hidden" name="_form" value="way">
            @foreach (['from' => 'From', 'to' => 'to'] as $end => $label)
                <x-field bag="way" :id="'way-' . $end" :name="$end" :label="$label" type="select">
                    @foreach ($known as $place)
                        <option
                            value="{{ $place->id }}"
                                @selected((int) old($end) === $place->id || (old($end) === null && $end === 'to' && $loop->index === 1))>{{
                                     $place->name }}</option>
                    @endforeach
                </x-field>
            @endforeach
            @foreach (['minutes' => 'Road, min', 'parking_minutes' => 'Parking', 'walk_minutes' => 'Walking',
                    'loading_minutes' => 'Loading'] as $part => $label)
                <x-field bag="way" :id="'way-' . $part" :name="$part" :label="$label" class="figures" inputmode="numeric" />
            @endforeach
            <button class="button sm:mt-6">Keep the way</button>
        </x-form>
        <p class="text-faint text-sm">The way back takes as long, until you enter it on its own.</p>
    @endif
    <h3 class="font-bold mt-4">Passes and zones</h3>
    <ul>
        @foreach ($job->accessWindows as $window)
            <li class="border-t border-rule py-1 flex items-center justify-between"><span><b>{{ $window->pass }}</b> <span
                        class="figures text-faint">opens
                        {{ $known->firstWhere('id', $window->place_id)?->name ?? ($places[$window->place_id] ?? 'a place') }}{{
                            $window->spot_id ? ', ' . $spots->firstWhere('id', $window->spot_id)?->name : '' }}
                        @clock($window->opens_clock) –
                        @clock($window->closes_clock){{ $window->day > 0 ? ' on day ' . ($window->day + 1) : '' }} for
                        {{ $window->lanes ? implode(', ', $window->lanes) : 'everybody' }}{{
                            $window->gate_minutes ? ', ' . $window->gate_minutes . ' min of gates and stairs' : '' }}{{
                            $window->out_minutes ? ', ' . $window->out_minutes . ' min out' : '' }}</span></span>
                @post('/access/' . $window->id, 'delete')
                    <button class="button quiet small" aria-label="Take {{ $window->pass }} away">✕</button>
                @endpost
            </li>
        @endforeach
    </ul>
    <x-form :action="'/jobs/' . $job->id . '/access'" class="grid gap-3 grid-cols-2 sm:grid-cols-6 items-start mt-2">
        <input type="hidden" name="_form" value="access"><input type="hidden" name="day" value="{{ $day }}">
        <x-field bag="access" id="a-pass" name="pass" label="Pass" placeholder="Start area" maxlength="80" required />
        <x-field bag="access" id="a-place" name="place_id" label="opens" type="select">
            @foreach ($known as $place)
                <option value="{{ $place->id }}" @selected((int) old('place_id') === $place->id)>{{ $place->name }}</option>
            @endforeach
        </x-field>
        <x-field bag="access" id="a-spot" name="spot_id" label="only the spot" type="select">
            <option value="">the whole place</option>
            @foreach ($spots as $spot)
                <option value="{{ $spot->id }}">{{ $spot->name }}</option>
            @endforeach
        </x-field>
        <x-field bag="access" id="a-opens" name="opens_clock" label="from" class="figures" placeholder="08:00" required />
        <x-field bag="access" id="a-closes" name="closes_clock" label="until" class="figures" placeholder="09:40" required />
        <x-field bag="access" id="a-gate" name="gate_minutes" label="Gates, stairs in, min" class="figures" inputmode="numeric" />
        <x-field bag="access" id="a-out" name="out_minutes" label="and out, min" class="figures" inputmode="numeric" />
        <fieldset class="col-span-2 sm:col-span-4 flex flex-wrap gap-3">
            <legend class="text-sm">Who holds it; nobody ticked: everybody</legend>
            @foreach (NorthSatchel\Time\Lane::cases() as $lane)
                <label class="tick"><input type="checkbox" name="lanes[]" value="{{ $lane->value }}"> {{ $lane->value }}</label>
            @endforeach
        </fieldset>
        <button class="button sm:mt-6 whitespace-nowrap">Keep the pass</button>
    </x-form>
    <h3 class="font-bold mt-4">Who must not see each other</h3>
    <ul>
        @foreach ($job->separations ?? [] as $index => $pair)
            <li class="border-t border-rule py-1 flex items-center justify-between"><span><b>{{ $pair['first'] }} and
                        {{ $pair['second'] }}</b> <span
                        class="text-faint">{{ $pair['until']
                                ? 'before ' .
                                    ($job->segments->firstWhere('id', $pair['until'])->title ?? 'a segment that is gone')
                                : 'all day' }}</span></span>
                @post('/jobs/' . $job->id . '/separations/' . $index, 'delete')
                    <button class="button quiet small" aria-label="Let {{ $pair['first'] }} and {{ $pair['second'] }} meet">✕</button>
                @endpost
            </li>
        @endforeach
    </ul>
    <x-form :action="'/jobs/' . $job->id . '/separations'" class="grid gap-3 grid-cols-2 sm:grid-cols-[1fr_1fr_2fr_auto] items-start mt-2">
        <input type="hidden" name="_form" value="separation">
        <x-field bag="separation" id="x-first" name="first" label="Who" list="people" required />
        <x-field bag="separation" id="x-second" name="second" label="and who" list="people" required />
        <x-field bag="separation" id="x-until" name="until" label="before" type="select">
            <option value="">all day</option>
            @foreach ($list as $row)
                <option value="{{ $row->segment->id }}">{{ $row->from }} {{ $row->segment->title }}</option>
            @endforeach
        </x-field>
        <button class="button sm:mt-6">Keep them apart</button>
    </x-form>
    <p class="text-faint text-sm">None of this stands on any sheet.</p>
</section>
