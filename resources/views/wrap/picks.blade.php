<x-page title="What does the client say?" :job="$job" phase="wrap" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="picks" />
    @if (session('link'))
        <div class="note mb-3" role="status"><span>The link, told once: <code class="break-all">{{ session('link') }}</code></span></div>
    @endif
    @if ($off->pictures === [])
        <p class="mb-3">No final picture is listed yet: <a href="/jobs/{{ $job->id }}/elements">list them with their elements</a> first.</p>
    @else
        @foreach ($off->pictures as $picture)
            <section class="slab mb-3">
                <h2>{{ $picture }}</h2>
                <p class="{{ ['Signed' => 'text-moss', 'Refused' => 'text-signal'][$off->state($picture)->name] ?? 'text-faint' }}">{{
                    $off->says($picture, $zone) }}</p>
                <ul class="flex flex-wrap gap-3 mt-2">
                    @foreach ($off->picksOf($picture) as $pick)
                        <li class="pick"><span class="pick-frame"><img src="/picks/{{ $pick->id }}.jpg" alt="{{ $pick->name }}" loading="lazy">
                                <x-marks :answers="$off->answersTo($pick)" />
                            </span>
                            <span class="figures text-sm block">{{ $pick->name }}</span>
                            @if ($off->notes($pick) !== '')
                                <span class="text-sm block">{{ $off->notes($pick) }}</span>
                            @endif
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
        <form method="post" action="/jobs/{{ $job->id }}/picks" class="slab grid gap-3 mb-4 sm:grid-cols-3 items-end">
            @csrf
            <x-field name="picture" label="For" type="select">
                @foreach ($off->pictures as $picture)
                    <option @selected(old('picture') === $picture)>{{ $picture }}</option>
                @endforeach
            </x-field>
            <x-field name="from" label="show" type="select">
                @forelse ($offered as $from => $name)
                    <option value="{{ $from }}" @selected(old('from') === $from)>{{ $name }}</option>
                @empty
                    <option value="">nothing is taken yet</option>
                @endforelse
            </x-field>
            <x-field name="note" label="Note for the retoucher" maxlength="1000" />
            <div><button class="button main">Show it</button></div>
        </form>
    @endif
    <section class="slab mb-4">
        <h2 class="mb-1">A link for the client</h2>
        <p class="text-sm text-faint mb-2">It opens the picks and the names of the final pictures, and nothing else of this job.</p>
        <x-share-links :job="$job" :links="$links" :at="'/jobs/' . $job->id . '/picks/link'" />
    </section>
    @if ($off->picks !== [])
        <p class="flex flex-wrap gap-2"><a class="button" href="/jobs/{{ $job->id }}/picks/notes.csv">Notes as CSV</a>
            <a class="button" href="/jobs/{{ $job->id }}/picks/notes.zip">Notes as XMP</a>
        </p>
    @endif
</x-page>
