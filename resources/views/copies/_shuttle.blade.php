<details class="slab mt-4" @if ($tickets->contains(fn($t) => $t->back_at === null) || str_starts_with((string) old('_form'), 'handover'))
    open @endif>
    <summary class="font-bold min-h-11 flex items-center">Drives that shuttle: who has which, with a ticket of what is on it</summary>
    @foreach ($destinations as $one)
        @php
            $ticket = $tickets->get($one->id);
            $bag = 'handover' . $one->id;
        @endphp
        @continue($one->kept === 'elsewhere')
        <div class="border-t border-rule py-2">
            @if ($ticket && $ticket->back_at === null)
                <div class="flex flex-wrap items-center gap-2"><span class="flex-1 basis-56"><b>{{ $one->name }}</b> is with
                        <b>{{ $ticket->who }}</b>, due back <span class="figures">{{ $ticket->due_on }}</span>:
                        {{ count($ticket->contents) }} {{ count($ticket->contents) === 1 ? 'bag' : 'bags' }}.</span><a
                        class="button small" href="/handovers/{{ $ticket->id }}?job={{ $job->id }}">Ticket {{ $ticket->id }}</a>
                    @post('/jobs/' . $job->id . '/handovers/' . $ticket->id . '/back')
                        <button class="button small" aria-label="{{ $one->name }} came back">It came back</button>
                    @endpost
                </div>
            @else
                <x-form :action="'/jobs/' . $job->id . '/copies/places/' . $one->id . '/hand-over'"
                    class="grid gap-3 grid-cols-2 sm:grid-cols-[1.2fr_1.2fr_1.2fr_1fr_auto] items-start">
                    <input type="hidden" name="_form" value="{{ $bag }}"><b
                        class="col-span-2 sm:col-span-1 sm:self-center">{{ $one->name }}</b>
                    <x-field name="who" :bag="$bag" :id="'who-' . $one->id" label="To whom" maxlength="80" />
                    <x-field name="why" :bag="$bag" :id="'why-' . $one->id" label="What for" maxlength="120" />
                    <x-field name="due_on" :bag="$bag" :id="'due-' . $one->id" label="Back by" type="date" />
                    <button class="button sm:mt-6" aria-label="Hand {{ $one->name }} over">Hand over</button>
                </x-form>
                @error($bag)
                    <p class="wrong">{{ $message }}</p>
                @enderror
                @if ($ticket)
                    <p class="text-sm text-faint mt-1">Last with {{ $ticket->who }}, back {{ $ticket->back_at->format('j M Y') }}.</p>
                @endif
            @endif
        </div>
    @endforeach
</details>
