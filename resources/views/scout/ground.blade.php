<x-page title="What is where on the ground?" :job="$job" phase="scout">
    <p class="flex flex-wrap gap-2 mb-4">
        <a class="button" href="/jobs/{{ $job->id }}/scout">Spots and light</a>
        @if ($ground)
            <a class="button main" href="/jobs/{{ $job->id }}/cover">Who stands where?</a>
        @endif
    </p>
    @if (! $record)
        @include('scout._lay-out', ['button' => 'Lay it out'])
        <p class="text-faint mt-3 max-w-[40rem]">With the size it usually has, the zones in which things usually happen, and the posts where one
            usually stands. Every line of it can be changed; the place keeps it for the next job there.</p>
    @else
        <div class="grid gap-4 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] items-start">
            <div class="grid gap-4">
                @if ($plan)
                    <figure class="slab">
                        <svg class="ruler ground-plan" viewBox="0 0 640 {{ $plan->height }}" role="img"
                            aria-label="{{ $job->place->name }} from above: {{ count($ground->zones) }} zones, {{ count($ground->posts) }} posts">
                            <polygon class="field" points="{{ $plan->outline() }}" />
                            @foreach ($plan->lines() as $line)
                                <polyline class="field" points="{{ $line }}" />
                            @endforeach
                            @foreach ($plan->zones() as $zone)
                                <circle class="zone" cx="{{ $zone->x }}" cy="{{ $zone->y }}" r="9" />
                            @endforeach
                            @foreach ($plan->posts() as $post)
                                <rect class="post" x="{{ $post->x - 6 }}" y="{{ $post->y - 6 }}" width="12" height="12" />
                            @endforeach
                            @foreach ($plan->names() as $name)
                                <text x="{{ $name->x }}" y="{{ $name->y }}" font-size="{{ $plan::NAME_PX }}"
                                    text-anchor="middle">{{ $name->label }}</text>
                            @endforeach
                        </svg>
                        <figcaption class="text-sm text-faint">Up is {{ round($ground->bearingDeg) }}° of the compass. Circles are zones, squares are
                            posts. {{ $ground->kind->label() }} usually has {{ $ground->kind->lengthM() }} × {{ $ground->kind->widthM() }} m:
                            {{ $ground->kind->source() }}.</figcaption>
                    </figure>
                @else
                    <p class="note bad" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
                @endif
                <details @if ($errors->has('kind')) open @endif>
                    <summary class="cursor-pointer min-h-[44px] flex items-center font-bold">Lay it out anew</summary>
                    @include('scout._lay-out', ['button' => 'Lay it out anew'])
                </details>
            </div>
            <form method="post" action="/jobs/{{ $job->id }}/ground" class="slab grid gap-3">
                @csrf
                @method('put')
                <div class="grid gap-3 grid-cols-3">
                    <x-field name="length_m" label="Along, m" :value="$record->length_m" inputmode="decimal" />
                    <x-field name="width_m" label="Across, m" :value="$record->width_m" inputmode="decimal" />
                    <x-field name="bearing_deg" label="Up is, °" :value="$record->bearing_deg" inputmode="decimal" />
                </div>
                <x-field name="outline" label="Its corners, where it is no rectangle" :value="$record->outline"
                    hint="0, 0; 60, 0; 72, 40; -5, 35: metres along and across, one after the other." />
                <x-field name="zones" label="Zones, a line each" type="textarea" rows="8" :value="$record->zones"
                    hint="Left goal, 0, 34, main, 5: metres along and across from the near left corner; main, reaction, bench, crowd or
                    detail; what covering it is worth." />
                <x-field name="posts" label="Posts, a line each" type="textarea" rows="8" :value="$record->posts"
                    hint="Corner, -3, -3, holds 2, up 4 m, stairs 3 min, until 20:30, pass, power, not Bench, else High when they turn. “Not”
                    names a zone that is hidden from there, “else” the post to which one goes then." />
                <x-field name="ways" label="Ways that are not straight, a line each" type="textarea" rows="3" :value="$record->ways"
                    hint="Corner to High, 6 min. Without a line: 70 m a minute, and the stairs." />
                <p class="text-sm text-faint">On tracks, roads and courses the marshals decide where anybody stands. Nobody stands below what is
                    being hung.</p>
                <div><button class="button main">Keep it</button></div>
            </form>
        </div>
        @if ($views !== [])
            <section class="slab mt-4 overflow-x-auto" tabindex="0" role="region" aria-label="What each post gives">
                <h2 class="mb-2">What each post gives</h2>
                <table class="grid-table">
                    <thead>
                        <tr>
                            <th scope="col">From</th>
                            @foreach ($ground->zones as $zone)
                                <th scope="col">{{ $zone->name }}</th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($views as $post => $row)
                            <tr>
                                <th scope="row">{{ $post }}</th>
                                @foreach ($row as $view)
                                    <td class="figures">
                                        @if ($view->isHidden)
                                            hidden
                                        @elseif ($view->isInIt())
                                            one stands in it
                                        @else
                                            <b>{{ (int) ceil($view->focalMm) }} mm</b><br>{{ round($view->distanceM) }} m,
                                            {{ round($view->degreesPerSecond) }}°/s
                                            <br><span class="text-faint">{{ $view->lenses() }}</span>
                                            <br><span class="text-faint">{{ $view->backdrop->says() }}</span>
                                            @if ($view->light)
                                                <br><span class="text-faint">{{ $view->light }}</span>
                                            @endif
                                        @endif
                                    </td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="text-sm text-faint mt-2">The lens with which somebody of 1.8 m fills half the height of a full frame; how fast one
                    turns with who runs past at 8 m/s; the lenses for the whole scene and for a face; what lies behind them, or where the frame
                    stays empty for a headline when they fill half of it; outdoors, from where the sun comes {{ $lightOf === null
                        ? 'in the middle of each period'
                        : ($lightOf === '' ? 'once a segment is planned' : "in the middle of “{$lightOf}”: no segment is a period yet") }}.</p>
            </section>
        @endif
    @endif
</x-page>
