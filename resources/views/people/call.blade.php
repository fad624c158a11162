@php
    $now = $calling->now();
    $next = $calling->next();
    $other = $calling->couldGoFirst();
    $say = fn(string $name): string => $isCaller ? $calling->shared($name) : $name;
@endphp
<!doctype html>
<html lang="en" @class(['dim' => $isDim])>

<x-head :title="'Who is called · ' . $job->name" :is-dim="$isDim">
    <meta name="satchel-events" content="{{ $events }}">
</x-head>
<body>
    <div id="work" class="call-page" hx-get="{{ $address }}" hx-trigger="every 4s" hx-select="#work"
        hx-swap="outerHTML">
        @unless ($isCaller)
            <p><a href="/jobs/{{ $job->id }}/people">Back to the list</a></p>
        @endunless
        <p id="waiting" class="note mb-3" role="status" hidden></p>
        <p id="refusal" class="note bad mb-3" role="alert" hidden></p>
        <main>
            @if ($now === null)
                <h1 class="mb-3">{{ $calling->shot() === [] ? 'No group is on the list.' : 'All groups are shot.' }}</h1>
            @else
                @php
                    $group = $calling->group($now);
                    $missing = $calling->missing($now);
                @endphp
                <p class="text-faint">Now{{ $isCaller ? '' : ', ' . count($calling->left()) . ' left' }}</p>
                <h1 class="call-title">{{ $group->title }}</h1>
                <p class="mb-2 font-bold {{ $missing === [] ? 'text-moss' : 'text-signal' }}">
                    {{ $missing === [] ? 'Everybody is here.' : count($missing) . ' still to be found' }}</p>
                <ul class="call-names">
                    @foreach ($group->people as $name)
                        @php
                            $id = $people->get($name)?->id;
                            $isHere = $calling->isFound($name) || !in_array($name, $missing, true);
                        @endphp
                        <li data-tapped="{{ $isHere ? 'yes' : 'no' }}">
                            <form method="post" action="{{ $events }}" data-tap="{{ $isHere ? 'lost' : 'found' }}"
                                data-on='{{ json_encode(['job' => $job->id, 'person' => (int) $id]) }}'>
                                <button class="call-name {{ $isHere ? 'here' : '' }}"
                                    aria-label="{{ $say($name) }} {{ $isHere ? 'is here' : 'is found' }}"><b>{{ $isHere ? '✓ ' : '' }}{{
                                        $say($name) }}</b>
                                    <span class="text-sm">{{ $calling->knownBy($name) }}</span></button>
                            </form>
                        </li>
                    @endforeach
                </ul>
                @unless ($isCaller)
                    <div class="flex flex-wrap gap-2 my-3">
                        <form method="post" action="/events" data-tap="shot"
                            data-on='{{ json_encode(['job' => $job->id, 'group' => $now]) }}'><button
                                class="button main">Shot, next</button>
                        </form>
                        <form method="post" action="/events" data-tap="later"
                            data-on='{{ json_encode(['job' => $job->id, 'group' => $now]) }}'><button class="button">Later</button></form>
                    </div>
                    @if ($missing !== [])
                        <form method="post" action="/jobs/{{ $job->id }}/call/around" class="note">@csrf
                            {{ $other
                                    ? '“' . $calling->group($other)->title . '” is complete and could go first.'
                                    : 'Somebody is missing.' }}
                            <button class="button">Go on without {{ count($missing) === 1 ? $missing[0] : 'them' }}</button></form>
                    @endif
                @endunless
                <h2 class="mt-4">Next: {{ $next ? $calling->group($next)->title : 'that is the last one' }}</h2>
                @if ($next)
                    <p class="call-next">{{ implode(', ', array_map($say, $calling->group($next)->people)) }}</p>
                @endif
            @endif
            @if ($pace)
                <p class="mt-3 figures">{{ $pace->minutesAGroup }} min a group, {{ $pace->factor }} times as planned: about
                    {{ (int) ceil($pace->minutesLeft) }} min more.</p>
            @endif
            <h2 class="mt-4">Who can go</h2>
            <p class="call-next">{{ $calling->canGo() === [] ? 'Nobody yet.' : implode(', ', array_map($say, $calling->canGo())) }}</p>
            @if ($now === null || !$isCaller)
                <div class="mt-3 grid gap-2">
                    @foreach ($release->verdicts() as $verdict)
                        <x-verdict :verdict="$verdict" />
                    @endforeach
                </div>
            @endif
            @unless ($isCaller)
                <div class="flex flex-wrap gap-2 mt-2">
                    @foreach ($calling->inNone() as $name)
                        <form method="post" action="/jobs/{{ $job->id }}/call/groups">@csrf
                            <input type="hidden" name="people" value="{{ $calling->withTheTwo($name) }}">
                            <button class="button">Call {{ $name }} with the two</button></form>
                    @endforeach
                    @foreach ($calling->shot() as $id)
                        @if (!$calling->isUnticked($id) && $calling->absent($id) !== [])
                            <form method="post" action="/events" data-tap="unshot"
                                data-on='{{ json_encode(['job' => $job->id, 'group' => $id]) }}'><button class="button">Take
                                    “{{ $calling->group($id)->title }}” again</button></form>
                        @endif
                    @endforeach
                </div>
            @endunless
        </main>
    </div>
    @unless ($isCaller)
        <form method="post" action="/jobs/{{ $job->id }}/call/groups" class="call-page flex flex-wrap gap-2 items-end"
            autocomplete="off">
            @csrf
            <div class="flex-1 basis-56"><x-field id="call-names" name="people" label="The couple calls a group: names with commas"
                    list="call-people" /></div>
            <button class="button">Call it next</button>
            @error('unknown')
                <button class="button" name="add" value="{{ $message }}">Add {{ $message }} to the list, and call it next</button>
            @enderror
            <datalist id="call-people">
                @foreach ($people as $person)
                    <option value="{{ $person->name }}"></option>
                @endforeach
            </datalist>
        </form>
        @if ($now !== null && $later->isNotEmpty())
            <form method="post" action="/jobs/{{ $job->id }}/call/owed" class="call-page flex flex-wrap gap-2 items-end">
                @csrf
                <div class="flex-1 basis-56"><x-field id="call-segment" name="segment" label="No more time: what is owed is shot during"
                        type="select">
                        @foreach ($later as $one)
                            <option value="{{ $one->id }}">@clock($one->start_clock) {{ $one->title }}</option>
                        @endforeach
                    </x-field></div>
                <button class="button">Move it there</button>
            </form>
        @endif
    @endunless
</body>

</html>
