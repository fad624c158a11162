<x-page title="Where will the light be?" :job="$job" phase="scout" :verdicts="$verdicts">
    @if ($job->kind->hasPosts())
        <p class="mb-3"><a class="button" href="/jobs/{{ $job->id }}/ground">The ground and its posts</a></p>
    @endif
    @if ($spot)
        <nav class="flex flex-wrap gap-2 mb-3" aria-label="Spots">
            @foreach ($spots as $one)
                <a class="button {{ $one->id === $spot->id ? 'main' : '' }}" href="?spot={{ $one->id }}"
                    @if ($one->id === $spot->id) aria-current="true" @endif>{{ $one->name }}</a>
            @endforeach
        </nav>
        <div class="grid gap-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)] items-start" id="spot">
            <figure class="slab">
                @if ($drawing)
                    @php
                        $sun = $drawing->sun();
                        $mark = $drawing->sunMark();
                        $facing = $drawing->facing();
                    @endphp
                    <svg class="ruler spot-plan" viewBox="-14 -14 428 428" role="img"
                        aria-label="{{ $spot->name }} from above at {{ $face }}: the sun {{
                            (int) round($sun->elevationDeg) }}° high at {{ (int) round($sun->azimuthDeg) }}°">
                        <clipPath id="ground">
                            <circle cx="200" cy="200" r="182" />
                        </clipPath>
                        <circle cx="200" cy="200" r="182" class="ground" />
                        @foreach ($drawing->things() as $thing)
                            @if ($thing->shadow !== '')
                                <polygon class="shade" clip-path="url(#ground)" points="{{ $thing->shadow }}" />
                            @endif
                        @endforeach
                        @if ($drawing->land() !== '')
                            <path class="land" fill-rule="evenodd" d="{{ $drawing->land() }}" />
                        @endif
                        @php $path = $drawing->sunPath(); @endphp
                        <path class="sun-path" d="{{ $path->lit }}" />
                        <path class="sun-path hidden-sun" d="{{ $path->hidden }}" />
                        @foreach ($drawing->windows() as $window)
                            <polyline class="window{{ $window->isSunny ? ' sunny' : '' }}" points="{{ $window->line }}" /><text
                                x="{{ $window->x }}" y="{{ $window->y - 8 }}" font-size="14" text-anchor="middle"
                                class="on-ground">{{ $window->name }}</text>
                        @endforeach
                        @foreach ($drawing->hours() as $hour)
                            <circle cx="{{ $hour->x }}" cy="{{ $hour->y }}" r="9" class="hour-dot" /><text
                                x="{{ $hour->x }}" y="{{ $hour->y + 4 }}" font-size="11"
                                text-anchor="middle">{{ $hour->label }}</text>
                        @endforeach
                        @foreach ($drawing->things() as $thing)
                            <polyline class="thing" points="{{ $thing->body }}" /><text x="{{ $thing->x }}"
                                y="{{ $thing->y - 8 }}" font-size="14" text-anchor="middle"
                                class="on-ground">{{ $thing->name }}</text>
                        @endforeach
                        @foreach ($drawing->path() as $part)
                            <path class="walk-way{{ $part->isLit ? ' is-lit' : '' }}"
                                d="M{{ $part->from->x }} {{ $part->from->y }}L{{ $part->to->x }} {{ $part->to->y }}" />
                        @endforeach
                        @if ($mark)
                            <path class="ray" d="M{{ $mark->x }} {{ $mark->y }}L200 200" />
                            <circle cx="{{ $mark->x }}" cy="{{ $mark->y }}" r="12" class="sun" />
                        @endif
                        @if ($facing)
                            <path class="face-way" d="M200 200L{{ $facing->x }} {{ $facing->y }}" />
                            <circle cx="{{ $facing->x }}" cy="{{ $facing->y }}" r="4" class="face-tip" />
                        @endif
                        <circle cx="200" cy="200" r="7" class="people" />
                        <text x="200" y="4" font-size="16" text-anchor="middle">N</text>
                    </svg>
                    <form method="get" action="/jobs/{{ $job->id }}/scout" class="mt-2" hx-get="/jobs/{{ $job->id }}/scout"
                        hx-trigger="change, input changed delay:120ms from:find input[type=range]" hx-target="#spot" hx-select="#spot"
                        hx-swap="outerHTML show:none">
                        <input type="hidden" name="spot" value="{{ $spot->id }}">
                        <label for="minute" class="figures text-lg font-semibold">{{ $face }}</label> <span
                            class="text-faint text-sm figures">sun {{ (int) round($sun->elevationDeg) }}° high at
                            {{ (int) round($sun->azimuthDeg) }}°{{
                                $segment ? ', ' . $segment->title . ' at ' . NorthSatchel\Time\ClockTime::shown($segment->start_clock) : '' }}</span>
                        <input id="minute" class="w-full min-h-[44px]" type="range" name="minute" min="0" max="1439"
                            step="5" value="{{ $minute }}">
                        <noscript><button class="button">Show</button></noscript>
                    </form>
                @else
                    <p>{{ $spot->place->name }} has no coordinates: give them in the brief, and the sun is drawn here.</p>
                @endif
                <figcaption class="text-sm text-faint">North is up. The dot in the middle is where people stand, its arrow where they face;
                    the ring is the sun's way with the hours, broken where something hides it; dark shapes are shadows, the band inside the
                    ring is the land.{{ $spot->walk_m
                        ? ' The line up to the dot is the way they walk, dotted where no sun is on their faces.'
                        : '' }}</figcaption>
            </figure>
            <div class="grid gap-4">
                <section class="slab">
                    <h2>{{ $spot->name }} <span
                            class="text-faint text-sm font-normal">{{ $spot->place->name }}{{ $spot->is_indoor ? ' · indoors' : '' }}{{
                                $spot->room_m ? ' · ' . $spot->room_m . ' m to step back' : '' }}{{
                                    $spot->scouted_on ? ' · scouted ' . $spot->scouted_on : '' }}</span>
                    </h2>
                    @if ($isEditing || old('_form') === 'spot-' . $spot->id)
                        @include('scout._spot-form', ['of' => $spot])
                    @else
                        @if ($spot->rejected_because)
                            <p class="text-signal font-bold">Rejected: {{ $spot->rejected_because }}</p>
                        @endif
                        <dl class="facts">
                            @foreach ([
                                'Plan B' => $spot->plan_b ? $spot->plan_b.($spot->plan_b_trigger ? ', at '.$spot->plan_b_trigger : '') : null,
                                'Background' => $spot->background,
                                'Power' => $spot->power,
                                'Notes' => $spot->notes,
                                'Windows' => $spot->windows ? str_replace("\n", ' / ', $spot->windows) : null,
                                'Skyline' => $spot->skyline ? str_replace("\n", ' / ', $spot->skyline) : null,
                            ] as $what => $said)
                                @if ($said)
                                    <dt>{{ $what }}</dt>
                                    <dd>{{ $said }}</dd>
                                @endif
                            @endforeach
                        </dl>
                        <p><a class="button quiet" href="?spot={{ $spot->id }}&amp;edit=1"
                                hx-get="?spot={{ $spot->id }}&amp;edit=1" hx-target="#work" hx-select="#work"
                                hx-swap="outerHTML show:none">Edit {{ $spot->name }}</a></p>
                    @endif
                    <h3 class="mt-3 font-bold">What stands around</h3>
                    <ul class="mt-2">
                        @foreach ($spot->obstacles as $thing)
                            <li class="border-t border-rule flex items-center justify-between"><span><b>{{ $thing->name }}</b> <span
                                        class="figures text-faint">{{ $thing->bearing_deg }}°, {{ $thing->distance_m }} m away,
                                        {{ $thing->height_m }} m high, {{ $thing->width_m }} m wide</span></span>
                                @post('/jobs/' . $job->id . '/obstacles/' . $thing->id, 'delete')
                                    <button class="button quiet small" aria-label="Take {{ $thing->name }} away">✕</button>
                                @endpost
                            </li>
                        @endforeach
                    </ul>
                    <x-form :action="'/jobs/' . $job->id . '/spots/' . $spot->id . '/obstacles'"
                        class="grid gap-2 grid-cols-2 sm:grid-cols-[2fr_1fr_1fr_1fr_1fr_auto] items-start mt-3">
                        <input type="hidden" name="_form" value="obstacle">
                        <x-field bag="obstacle" id="o-name" name="name" label="Thing" required />
                        <x-field bag="obstacle" id="o-bearing" name="bearing_deg" label="Bearing °" class="figures"
                            inputmode="decimal" required />
                        <x-field bag="obstacle" id="o-distance" name="distance_m" label="Away, m" class="figures" inputmode="decimal"
                            required />
                        <x-field bag="obstacle" id="o-height" name="height_m" label="High, m" class="figures" inputmode="decimal"
                            required />
                        <x-field bag="obstacle" id="o-width" name="width_m" label="Wide, m" class="figures" inputmode="decimal"
                            required />
                        <button class="button sm:mt-6">Add</button>
                    </x-form>
                    <h3 class="mt-4 font-bold">Measured in a picture</h3>
                    @if ($spot->pictures->isNotEmpty())
                        <ul class="flex flex-wrap gap-2 my-2">
                            @foreach ($spot->pictures as $picture)
                                <li><a class="button quiet"
                                        href="/jobs/{{ $job->id }}/pictures/{{ $picture->id }}">{{ $picture->name }}</a></li>
                            @endforeach
                        </ul>
                    @endif
                    <x-form :action="'/jobs/' . $job->id . '/spots/' . $spot->id . '/pictures'" enctype="multipart/form-data"
                        hx-encoding="multipart/form-data"
                        class="flex flex-wrap gap-3 items-end">
                        <div class="flex-1 basis-64"><x-field id="p-picture" name="picture"
                                label="A test picture from here, held level: read for place, direction and light" type="file"
                                accept=".jpg,.jpeg,image/jpeg" required /></div>
                        <button class="button">Read it</button>
                    </x-form>
                </section>
            </div>
        </div>
        @if ($for && $choices !== [])
            <section class="slab mt-4 overflow-x-auto" id="which" tabindex="0" role="region" aria-label="Which spot">
                <h2 class="mb-1">Which spot for {{ $for->title }} at @clock($for->start_clock)?</h2>
                <table class="grid-table">
                    <tbody>
                        @foreach ($choices as $choice)
                            <tr>
                                <th scope="row" class="whitespace-nowrap">{{ $choice->try->spot->name }}</th>
                                <td>{{ $choice->says() }}.
                                    @foreach ($choice->against as $finding)
                                        <span class="block text-faint">{{ $finding }}.</span>
                                    @endforeach
                                </td>
                                <td>
                                    @if ($choice->try->isNow)
                                        <span class="text-faint">it is here</span>
                                    @else
                                        @post('/segments/' . $for->id . '/spot')
                                            <input type="hidden" name="spot" value="{{ $choice->try->spot->id }}"><button
                                                class="button small whitespace-nowrap"
                                                aria-label="Put {{ $for->title }} at {{ $choice->try->spot->name }}">Put it here</button>
                                        @endpost
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($planB)
                    <p class="mt-2"><b>Plan B.</b> {{ $planB->says() }}</p>
                @endif
                <p class="text-sm text-faint">Each spot was tried on a copy of the day; first comes what brings the fewest faults, then
                    light, then the shorter way.</p>
            </section>
        @endif
    @else
        <p class="mb-3">No spot is scouted at the places of this job yet.</p>
    @endif
    <section class="slab mt-4">
        <h2 class="mb-2">A new spot</h2>
        @include('scout._spot-form', ['of' => null])
    </section>
    @php $others = $places->where('id', '!=', $job->place_id); @endphp
    @if ($others->isNotEmpty())
        <section class="slab mt-4" id="places">
            <h2 class="mb-2">Where the other places are</h2>
            <datalist id="towns"></datalist>
            <ul>
                @foreach ($others as $place)
                    <li class="border-t border-rule py-2"><b>{{ $place->name }}</b> <span class="figures text-faint">{{
                        $place->latitude === null ? 'not on the map yet' : $place->latitude . ', ' . $place->longitude }}</span>
                        <x-form :action="'/jobs/' . $job->id . '/places/' . $place->id" method="put" class="flex flex-wrap gap-3 items-end mt-1">
                            <input type="hidden" name="_form" value="place-{{ $place->id }}">
                            <div class="flex-1 basis-64"><x-field :bag="'place-' . $place->id" :id="'where-' . $place->id" name="where"
                                label="A town, coordinates, or a link from a map" list="towns" maxlength="500" required
                                hx-get="/places/find" hx-trigger="input changed delay:250ms" hx-target="#towns" hx-swap="innerHTML"
                                hx-params="where" /></div>
                            <button class="button" aria-label="Put {{ $place->name }} on the map">Put it on the map</button>
                        </x-form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <p class="text-sm text-faint mt-3">Roads, pits, tracks and water edges: look before you step back. Local rules and marshals decide
        where one may stand.</p>
</x-page>
