<x-page title="Who stands where, so that every side is covered?" :job="$job" phase="plan" :verdicts="$verdicts">
    <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/plan">The plan</a><a class="button"
            href="/jobs/{{ $job->id }}/ground">The ground and its posts</a></p>
    @if ($withoutLens !== [])
        <p class="note bad mb-3">{{ ucfirst(implode(' and ', $withoutLens)) }} {{ count($withoutLens) === 1 ? 'has' : 'have' }} no lens on the list
            and {{ count($withoutLens) === 1 ? 'is' : 'are' }} left out here.</p>
    @endif
    @if ($page)
        <p class="mb-3 figures">{{ $page->says() }}</p>
        <div class="grid gap-4 sm:grid-cols-2 mb-4">
            @foreach ($page->maps($cover, $suns) as $map)
                <figure class="slab">
                    <figcaption class="font-bold mb-1">{{ $map->period->title }}</figcaption>
                    <svg class="ruler ground-plan" viewBox="0 0 640 {{ $map->plan->height }}" role="img"
                        aria-label="{{ $map->period->title }}: @foreach ($map->people() as $one){{ $one->name }} {{
                            $page->shown()->at($map->period->key())[$one->name] }}, @endforeach">
                        <polygon class="field" points="{{ $map->plan->outline() }}" />
                        @foreach ($map->plan->lines() as $line)
                            <polyline class="field" points="{{ $line }}" />
                        @endforeach
                        @if ($map->sun)
                            <circle class="sun" cx="{{ $map->sun->x }}" cy="{{ $map->sun->y }}" r="11"><title>the sun</title></circle>
                        @endif
                        @foreach ($map->rays() as $ray)
                            <line class="sight" x1="{{ $ray->x1 }}" y1="{{ $ray->y1 }}" x2="{{ $ray->x2 }}" y2="{{ $ray->y2 }}" />
                        @endforeach
                        @foreach ($map->zones() as $zone)
                            <circle class="zone {{ $zone->isCovered ? '' : 'is-open' }}" cx="{{ $zone->x }}" cy="{{ $zone->y }}" r="20">
                                <title>{{ $zone->name }}</title>
                            </circle>
                            <text x="{{ $zone->x }}" y="{{ $zone->y + 8 }}" font-size="24" text-anchor="middle">{{ $zone->worth }}</text>
                        @endforeach
                        @foreach ($map->freePosts() as $post)
                            <rect class="post is-free" x="{{ $post->x - 7 }}" y="{{ $post->y - 7 }}" width="14" height="14" />
                        @endforeach
                        @foreach ($map->people() as $one)
                            <rect class="post" x="{{ $one->x - 10 }}" y="{{ $one->y - 10 }}" width="20" height="20" />
                        @endforeach
                        @foreach ($map->names() as $name)
                            <text x="{{ $name->x }}" y="{{ $name->y }}" font-size="{{ $map::NAME_PX }}"
                                text-anchor="middle">{{ $name->label }}</text>
                        @endforeach
                    </svg>
                    @if ($loop->first)
                        <p class="text-sm text-faint">In the circles, what a zone is worth in that period; lines go from who covers
                            it{{ $suns === [] ? '' : ', the disc at the edge is the sun in the middle of the period' }}.</p>
                    @endif
                    @foreach ($map->moves() as $move)
                        <p class="text-sm">{{ $move }}</p>
                    @endforeach
                    @if ($page->shown()->open[$map->period->key()] ?? [])
                        <p class="text-sm text-signal">Open: {{ implode(', ', $page->shown()->open[$map->period->key()]) }}</p>
                    @endif
                </figure>
            @endforeach
        </div>
        <section class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="Who stands where, hour by hour">
            <h2 class="mb-1">Hour by hour</h2>
            <svg class="ruler cover-lanes min-w-[40rem]" viewBox="0 0 {{ $lanes::WIDTH }} {{ $lanes->height() }}" role="img"
                aria-label="{{ count($days) }} photographers, {{ count($cover->periods) }} periods">
                @foreach ($lanes->periods() as $mark)
                    <text x="{{ $mark->x }}" y="{{ $mark->y }}" font-size="14">{{ $mark->label }}</text>
                @endforeach
                @foreach ($lanes->people() as $mark)
                    <text x="{{ $mark->x }}" y="{{ $mark->y }}" font-size="15" font-weight="700">{{ $mark->label }}</text>
                @endforeach
                @foreach ($lanes->bars() as $bar)
                    <rect class="bar {{ $bar->isIdle ? 'is-idle' : '' }}" x="{{ $bar->x }}" y="{{ $bar->y }}" width="{{ $bar->width }}"
                        height="{{ $lanes::BAR_PX }}" rx="3"><title>{{ $bar->says }}</title></rect>
                    @foreach ($bar->lines as $line)
                        <text x="{{ $bar->x + 4 }}" y="{{ $bar->y + 14 + 14 * $loop->index }}" font-size="13">{{ $line }}</text>
                    @endforeach
                @endforeach
            </svg>
            <div class="grid gap-4 sm:grid-cols-2 mt-2">
                @foreach ($days as $day)
                    <div>
                        <h3>{{ ucfirst($day->shooter->id) }}</h3>
                        <ol>
                            @foreach ($day->stops as $stop)
                                <li class="mb-1"><b>{{ $stop->period->title }}</b>: {{ $stop->says() }}
                                    <span class="text-faint text-sm">{{ $stop->how() }}</span>
                                </li>
                            @endforeach
                        </ol>
                        <p class="text-sm text-faint">{{ $day->variety() }}</p>
                    </div>
                @endforeach
            </div>
        </section>
        @if ($last !== [])
            <section class="slab mb-4">
                <h2 class="mb-1">Where you stood the last time here</h2>
                <ul>
                    @foreach ($last as $title => $posts)
                        <li>{{ $title }}: @foreach ($posts as $who => $post){{ $loop->first ? '' : ' · ' }}{{ $who }} {{ $post }}@endforeach</li>
                    @endforeach
                </ul>
            </section>
        @endif
        <section class="slab mb-4">
            <h2 class="mb-1">What more would bring</h2>
            @if ($page->gains === [])
                <p>Nothing more would cover more.</p>
            @else
                <ul>
                    @foreach ($page->gains as $gain)
                        <li><b class="figures">+{{ $gain->worth }}</b> {{ $gain->what }}</li>
                    @endforeach
                </ul>
            @endif
            <form method="get" action="/jobs/{{ $job->id }}/cover" class="flex flex-wrap gap-2 items-end mt-2">
                <x-field name="alone" label="Lens of a camera alone, mm" :value="$alone" inputmode="numeric" />
                <button class="button">Try it</button>
            </form>
        </section>
    @endif
    @if ($cover->periods !== [])
        <form method="post" action="/jobs/{{ $job->id }}/cover" class="slab overflow-x-auto mb-4">
            @csrf
            @method('put')
            <h2 class="mb-2">Worth and posts</h2>
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Period</th>
                        @foreach ($cover->ground->zones as $zone)
                            <th scope="col">{{ $zone->name }}</th>
                        @endforeach
                        @foreach ($cover->shooters as $shooter)
                            <th scope="col">{{ ucfirst($shooter->id) }}, {{ round($shooter->focalMaxMm) }} mm</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($cover->periods as $period)
                        @php $chosen = $segments->firstWhere('id', $period->segment)->cover['hand'] ?? []; @endphp
                        <tr>
                            <th scope="row">{{ $period->title }}</th>
                            @foreach ($cover->ground->zones as $number => $zone)
                                <td><input class="worth" name="worth[{{ $period->segment }}][{{ $number }}]"
                                        value="{{ old("worth.{$period->segment}.{$number}", $cover->worths($period)[$zone->name]) }}"
                                        inputmode="numeric"
                                        aria-label="Worth of {{ $zone->name }} in {{ $period->title }}"></td>
                            @endforeach
                            @foreach ($cover->shooters as $shooter)
                                <td><select class="chosen-post" name="hand[{{ $period->segment }}][{{ $shooter->id }}]"
                                        aria-label="Post of the {{ $shooter->id }} in {{ $period->title }}">
                                        <option value="">as worked out{{ $page ? ': ' . $page->best->at($period->key())[$shooter->id] : '' }}</option>
                                        @foreach ($cover->ground->posts as $post)
                                            <option @selected(($chosen[$shooter->id] ?? null) === $post->name)>{{ $post->name }}</option>
                                        @endforeach
                                    </select></td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($errors->any())
                <p class="wrong" role="alert">{{ $errors->first() }}</p>
            @endif
            <p class="mt-2 flex flex-wrap gap-2 items-center"><button class="button main">Keep and judge</button><span
                    class="text-sm text-faint">What you do not choose stays as it is worked out.</span></p>
        </form>
    @endif
    <x-form :action="'/jobs/' . $job->id . '/cover/periods'" class="slab">
        <h2 class="mb-2">Periods</h2>
        @forelse ($segments as $segment)
            <label class="flex gap-2 items-center min-h-11"><input type="checkbox" name="segments[]" value="{{ $segment->id }}"
                    @checked($segment->cover !== null)> <span class="figures">@clock($segment->start_clock)</span> {{ $segment->title }},
                {{ $segment->minutes }} min{{
                    $segment->also_lanes ? ', ' . implode(' and ', [$segment->lane, ...$segment->also_lanes]) : '' }}</label>
        @empty
            <p>Nothing is planned at {{ $job->place->name }} yet.</p>
        @endforelse
        <p class="text-sm text-faint mb-2">In a period everybody stays at a post; what lies between two of them is the time to walk. A
            delay of the plan moves them.</p>
        <button class="button main">These are periods</button>
    </x-form>
</x-page>
