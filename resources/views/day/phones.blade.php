<x-page title="Whose phones have the day?" :job="$job" phase="day" :verdicts="$verdicts">
    <p class="mb-3"><a class="button main" href="/jobs/{{ $job->id }}/day">The day itself</a></p>
    @if (session('link'))
        <div class="note mb-3" role="status">
            <p>Send this address; it is told this once, and opens until two days after the job:</p>
            <p class="figures break-all"><a href="{{ session('link') }}">{{ session('link') }}</a></p>
        </div>
    @endif
    <section class="slab mb-4">
        <h2 class="mb-2">A link without an account</h2>
        <x-form :action="'/jobs/' . $job->id . '/day/share'" class="flex flex-wrap gap-3 items-end">
            <x-field name="kind" label="For" type="select">
                @foreach (App\Desks\Day\DayShare::cases() as $one)
                    <option value="{{ $one->value }}">{{ $one->label() }}</option>
                @endforeach
            </x-field>
            <button class="button">Make a link</button>
        </x-form>
        <p class="text-sm text-faint mt-2">Photographers see and tap their own lane; the coordinator sees the times and taps nothing. What
            is hidden from them on their sheet is hidden here.</p>
    </section>
    <section class="slab">
        <h2 class="mb-2">Links that open something</h2>
        <ul>
            @forelse ($links as $link)
                <li class="flex items-center justify-between border-t border-rule py-1"><span>For
                        {{ App\Desks\Day\DayShare::from($link->kind)->label() }}, until {{ $link->expires_at->format('Y-m-d') }}</span>
                    @post('/day-links/' . $link->id . '/revoke')
                        <button class="button quiet small"
                            aria-label="Revoke the link for {{ App\Desks\Day\DayShare::from($link->kind)->label() }}">Revoke</button>
                    @endpost
                </li>
            @empty
                <li class="text-faint">None yet.</li>
            @endforelse
        </ul>
    </section>
    <section class="slab mt-4">
        <h2 class="mb-2">The day as a file</h2>
        <p class="mb-2"><a class="button" href="/jobs/{{ $job->id }}/day/file">Take the day as one file</a></p>
        <p class="text-sm text-faint mb-3">It opens in any browser with no server and no installation, holds the plan as it is now, and is not
            locked: send it to nobody who must not read it all.</p>
        <x-form :action="'/jobs/' . $job->id . '/day/taps'" class="grid gap-2">
            <x-field name="taps" label="Taps out of such a file, as text" type="textarea" />
            <div><button class="button">Take them in</button></div>
        </x-form>
    </section>
    @if (config('satchel.demo'))
        <section class="slab mt-4">
            <h2 class="mb-2">Play the day</h2>
            @if ($clock)
                <p class="mb-2">It is {{ now()->timezone($job->place->timezone)->format('H:i') }} on the pretended clock, {{ $clock->speed }}
                    times as fast.</p>
                @post('/jobs/' . $job->id . '/day/play/stop')
                    <button class="button">Back to the real clock</button>
                @endpost
            @endif
            <form method="post" action="/jobs/{{ $job->id }}/day/play" class="flex flex-wrap gap-3 items-end mt-2">@csrf
                <x-field name="play_clock" label="From" class="figures" value="09:20" />
                <x-field name="speed" label="Times as fast" class="figures" inputmode="numeric" value="60" />
                <button class="button">Play</button>
            </form>
            <p class="text-sm text-faint mt-2">Only in the demo: pages and taps go by this clock, everywhere in this program.</p>
        </section>
    @endif
</x-page>
