<x-page title="In what order did it happen?" :job="$job" phase="copies">
    <p class="mb-3"><a href="/jobs/{{ $job->id }}/copies">Copies</a> · {{ $count }} exposures of {{ count($bodies) }} bodies in
        one order.@foreach ($bodies as $id => $label)
            {{ $label }}:
            {{ isset($offsets[$id]) ? 'clock ' . $offsets[$id] . ', corrected here' : 'clock as it was' }}{{ $loop->last ? '.' : ';' }}
        @endforeach
    </p>
    @error('moment')
        <p class="wrong mb-2" role="alert">{{ $message }}</p>
    @enderror
    @if ($frames === [])
        <div class="slab">
            <p>Nothing is indexed yet: seal the shot cards under <a href="/jobs/{{ $job->id }}/cards">Cards</a>.</p>
        </div>
    @else
        <x-form :action="'/jobs/' . $job->id . '/frames/moment'" class="grid gap-3">
            <ol class="contact-sheet">
                @foreach ($frames as $one)
                    <li>
                        @if ($one->isHere)
                            <img src="/frames/{{ $one->id }}/preview" alt="" width="240" height="160"
                            loading="lazy">@else<span class="no-picture">neither card nor copy is here</span>
                        @endif
                        <b class="figures">{{ $one->clock }}</b> <span class="text-sm">{{ $bodies[$one->body] ?? 'a body' }} ·
                            {{ $one->name }}</span>
                        <span class="block text-sm text-faint">{{ $one->exposure }} ·
                            {{ $one->copies >= $wanted
                                        ? 'safe on ' . $one->copies
                                        : ($one->copies === 0
                                            ? 'no copy yet'
                                            : 'one copy') }}{{ $one->cards < 2 ? ' · on one card only' : '' }}</span>
                        @if ($one->damaged)
                            <b class="block text-sm text-signal">✕ {{ $one->damaged }}</b>
                        @endif
                        <span class="flex gap-3 text-sm"><label class="tick"><input type="radio" name="first"
                                    value="{{ $one->id }}"> right<span class="visually-hidden">:
                                    {{ $one->name }}</span></label><label class="tick"><input type="radio" name="second"
                                    value="{{ $one->id }}"> to set<span class="visually-hidden">:
                                    {{ $one->name }}</span></label></span>
                    </li>
                @endforeach
            </ol>
            <div class="flex flex-wrap gap-3 items-center"><button class="button main">These two are one moment</button><span
                    class="text-sm text-faint">The clock of the second one’s body is set by the first, in the index; the files stay as they
                    are.</span></div>
            @foreach (['first', 'second'] as $which)
                @error($which)
                    <p class="wrong">{{ $message }}</p>
                @enderror
            @endforeach
        </x-form>
        @if ($pages > 1)
            <p class="mt-3 flex gap-2">
                @if ($page > 1)
                    <a class="button" href="?page={{ $page - 1 }}">Earlier</a>
                    @endif <span class="self-center figures">{{ $page }} of {{ $pages }}</span>
                    @if ($page < $pages)
                        <a class="button" href="?page={{ $page + 1 }}">Later</a>
                    @endif
            </p>
        @endif
        <form method="post" action="/jobs/{{ $job->id }}/frames/sidecars"
            class="slab mt-4 grid gap-3 sm:grid-cols-[1fr_2fr_auto] items-end">@csrf
            <x-field name="creator" label="Creator" maxlength="120" />
            <x-field name="copyright" label="Copyright" maxlength="200" />
            <button class="button">Sidecars (.xmp) in a zip</button>
        </form>
    @endif
</x-page>
