<x-page title="Who comes when?" :job="$job" phase="people" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="crew" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if (session('link'))
        <div class="note mb-3" role="status"><span>The link, told once: <code class="break-all">{{ session('link') }}</code></span></div>
    @endif
    @if ($members !== [])
        <div class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="The call sheet">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Who</th>
                        <th scope="col">What</th>
                        <th scope="col">Called</th>
                        <th scope="col">Needed by the plan</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($members as $member)
                        <tr>
                            <th scope="row">{{ $member->name }}@if ($member->isMinor())
                                    <span class="text-faint">{{ $member->age }} years, with
                                        {{ $member->guardian ?? 'nobody' }}</span>
                                @endif
                            </th>
                            <td>{{ $member->role ?: $member->group }}</td>
                            <td class="figures">{{ $member->hours() }}</td>
                            <td class="figures">@foreach ($needed as $one){{ $member->isCalled($one->name) ? $one->says() : '' }}@endforeach</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/crew/sheet">Print the call sheet</a></p>
        <section class="slab mb-4">
            <h2 class="mb-1">By link</h2>
            <p class="text-sm text-faint mb-2">Times, places and contacts; of minors the first name only, and nothing of the brief.</p>
            <x-share-links :job="$job" :links="$links" :at="'/jobs/' . $job->id . '/crew/link'" />
        </section>
    @endif
    @if ($floor && $floor->seats !== [])
        <figure class="slab mb-4">
            <svg class="floor-plan" viewBox="0 0 640 {{ $floor->height }}" role="img" aria-label="The floor: {{ count($floor->seats) }} places">
                <line class="measure" x1="20" x2="{{ 20 + $floor->scale }}" y1="{{ $floor->height - 12 }}" y2="{{ $floor->height - 12 }}" />
                <text x="20" y="{{ $floor->height - 17 }}" font-size="12">1 m</text>
                @foreach ($floor->seats as $seat)
                    <g>
                        <title>{{ $seat->name }}{{ $seat->hasScreen ? ', with a screen' : '' }}</title>
                        @if ($seat->isThing())
                            <rect class="thing" x="{{ $floor->x($seat) - 11 }}" y="{{ $floor->y($seat) - 11 }}" width="22" height="22" />
                        @else
                            <circle class="person" cx="{{ $floor->x($seat) }}" cy="{{ $floor->y($seat) }}" r="11" />
                        @endif
                        @if ($seat->hasScreen)
                            <rect class="screen" x="{{ $floor->x($seat) - 13 }}" y="{{ $floor->y($seat) - 22 }}" width="26" height="7" />
                        @endif
                    </g>
                @endforeach
                @foreach ($floor->names() as $name)
                    <text x="{{ $name->x }}" y="{{ $name->y }}" font-size="14" text-anchor="middle">{{ $name->label }}</text>
                @endforeach
            </svg>
            <figcaption class="text-sm text-faint">The bar above somebody is their screen; squares are things.</figcaption>
        </figure>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/crew" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="crew" label="A group, and further in who belongs to it" type="textarea" rows="10" class="mono" :value="$record->crew"
            hint="Runa Holt, stylist, 9:00 to 15:00, 070 123 45. Of a minor: Mio, 14 years, guardian Ida Holt, 10:00 to 13:00, 4 h at most." />
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="hospital" label="Nearest hospital, its way and minutes" :value="$record->hospital" maxlength="200" />
            <x-field name="parking" label="Parking and the door" :value="$record->parking" maxlength="200" />
        </div>
        <x-field name="call_note" label="What else everybody reads" type="textarea" rows="3" :value="$record->call_note"
            hint="Meals and who eats what, shoes, noise, who has the keys." />
        <x-field name="floor" label="Who sits where, metres along and across, and who has a screen" type="textarea" rows="5" :value="$record->floor"
            hint="Set, 2, 6. Odd, operator, 4, 4, screen. Signe, client, 6.5, 2, screen: a line each." />
        <div><button class="button main">Keep the call sheet</button></div>
    </form>
</x-page>
