<x-page title="Ready to shoot, safe to format?" :job="$job" phase="cards" :verdicts="$verdicts">
    <section aria-label="The camera check">
        <div class="flex flex-wrap items-center gap-3 mb-3">
            @post('/jobs/' . $job->id . '/camera-check')
                <button class="button main" data-key="n">Read the test frames</button>
            @endpost
            @if ($isDemo)@post('/jobs/' . $job->id . '/stand-ins/test')
                <button class="button">Fire test frames with every body</button>
            @endpost
        @endif
        <p class="text-faint text-sm">{{ $checkedAt ? 'Read at ' . $checkedAt . '.' : 'Not read yet.' }} Fire all bodies at the same moment,
            as the last thing; the first frame of that firing compares the clocks.</p>
    </div>
    <div class="grid gap-3 xl:grid-cols-3 md:grid-cols-2">
        @foreach ($bodies as $panel)
            <article class="slab" id="body-{{ $panel->body->id }}">
                <h2>{{ $panel->body->item->label }} <span class="text-faint text-sm font-normal">{{ $panel->lane }} · planned
                        {{ $panel->body->planned_mode }}</span></h2>
                <p class="figures mb-2">{{ $panel->found }}</p>
                <div class="grid grid-cols-2 gap-2">
                    @foreach ([1, 2] as $slot)
                        @php $card = $panel->slots[$slot] ?? null; @endphp
                        <div>
                            <p class="text-sm text-faint mb-1">Slot {{ $slot }}</p>
                            <x-mem-card :card="$card" :life="$card ? $lives[$card->id] : null" :stands="$card ? $stands[$card->id] : ''" />
                            @if ($card)
                                <form method="post" action="/events" data-tap="unload"
                                    data-on="{{ json_encode(['job' => $job->id, 'card' => $card->id]) }}">@csrf<input type="hidden"
                                        name="kind" value="unload"><input type="hidden" name="job"
                                        value="{{ $job->id }}"><input type="hidden" name="card"
                                        value="{{ $card->id }}"><button class="button quiet"
                                        aria-label="Take {{ $card->item->label }} out of {{ $panel->body->item->label }}">Take
                                        out</button></form>
                            @else
                                <div class="flex flex-wrap gap-1 mt-1">
                                    @foreach ($ready as $spare)
                                        <form method="post" action="/events" data-tap="load"
                                            data-on="{{ json_encode([
                                                    'job' => $job->id,
                                                    'card' => $spare->id,
                                                    'body' => $panel->body->id,
                                                    'slot' => $slot,
                                                ]) }}">
                                            @csrf<input type="hidden" name="kind" value="load"><input type="hidden"
                                                name="job" value="{{ $job->id }}"><input type="hidden" name="card"
                                                value="{{ $spare->id }}"><input type="hidden" name="body"
                                                value="{{ $panel->body->id }}"><input type="hidden" name="slot"
                                                value="{{ $slot }}"><button class="button small"
                                                aria-label="Put {{ $spare->item->label }} into slot {{ $slot }} of {{
                                                    $panel->body->item->label }}">Put
                                                in {{ $spare->item->label }}</button></form>
                                    @endforeach
                                    @if ($ready->isEmpty())
                                        <p class="text-sm text-faint">No ready card is left in the bag.</p>
                                    @endif
                                </div>
                            @endif
                        </div>
                    @endforeach
                </div>
            </article>
        @endforeach
    </div>
</section>
@if ($isDemo)
    <section class="slab mt-4 flex flex-wrap items-end gap-3" aria-label="Shoot with the stand-in cameras">
        <x-form :action="'/jobs/' . $job->id . '/stand-ins/shoot'" class="flex flex-wrap items-end gap-3"><x-field name="frames"
            label="Frames a body" class="figures"
                value="24" inputmode="numeric" /><button class="button">Shoot the planned day</button></x-form>
        <p class="text-faint text-sm basis-64 flex-1">The stand-in cameras write real files to both cards of each body. One frame goes
            wrong on one card, as it does on some days.</p>
        @if ($canMeddle)@post('/jobs/' . $job->id . '/stand-ins/meddle')
            <button class="button">Change a picture behind its back</button>
        @endpost
    @endif
</section>
@endif
@include('cards._run')
<section class="mt-4" aria-label="The wallet">
<div class="flex flex-wrap items-center gap-3 mb-2">
    <h2>The wallet</h2>
    @if ($canSealAll)@post('/jobs/' . $job->id . '/cards/seal')
        <button class="button">Seal all shot cards</button>
    @endpost
@endif
@if ($canCompareAll)@post('/jobs/' . $job->id . '/cards/twin')
    <button class="button">Compare all pairs</button>
@endpost
@endif
</div>
<div class="grid items-start gap-3 xl:grid-cols-3 md:grid-cols-2">
@foreach ($wallet as $entry)
@php [$card, $life] = [$entry->card, $entry->life]; @endphp
<article class="slab" id="card-{{ $card->id }}" data-card="{{ $card->item->label }}">
    <div class="flex gap-3">
        <div class="w-32 shrink-0"><x-mem-card :card="$card" :life="$life" :stands="$entry->stands" /></div>
        <div class="text-sm min-w-0">
            <p class="font-bold">{{ $entry->where }}</p>
            @foreach ($entry->facts as $fact)
                <p class="text-faint">{{ $fact }}</p>
            @endforeach
            @if ($entry->stands === 'may be formatted' && !$entry->isStandIn)
                <p class="text-faint">
                    {{ $life->releasedAt === null
                                ? 'Have it looked at a last time, then take it out and format it in its camera.'
                                : 'Format it in its camera, put it back into the reader, then say so.' }}
                </p>
            @endif
        </div>
    </div>
    @if ($life->aside !== null && $life->isFree())
        <x-form :action="'/jobs/' . $job->id . '/cards/' . $card->id . '/back-in-use'" class="mt-2 grid gap-2"
            id="aside-{{ $card->id }}"><x-field name="words"
                :id="'aside-words-' . $card->id" label="Why nothing is to be rescued from it any more" type="textarea" required />
            <div><button class="button" aria-label="{{ $card->item->label }} is back in use">Put it back in use</button>
            </div>
        </x-form>
    @endif
    @error('card' . $card->id)
        <p class="wrong mt-2" role="alert">{{ $message }}</p>
    @enderror
    @if ($entry->findings)
        <div class="mt-2" role="status">
            @foreach ($entry->findings as $verdict)
                <x-verdict :verdict="$verdict" :job="$job" />
            @endforeach
        </div>
    @endif
    @if ($entry->lost)
        <x-form :action="'/jobs/' . $job->id . '/cards/' . $card->id . '/losses'" class="mt-2 grid gap-2" id="loss-{{ $card->id }}">
            <input type="hidden" name="_form" value="loss-{{ $card->id }}"><input type="hidden" name="path"
                value="{{ $entry->lost }}">
            <x-field :bag="'loss-' . $card->id" :id="'loss-words-' . $card->id" name="words"
                :label="'Why ' . basename($entry->lost) . ' is given up, in your words'" type="textarea" required />
            <button class="button">Give this frame up in writing</button>
        </x-form>
    @endif
    <div class="flex flex-wrap gap-2 mt-2">
        @if (in_array('seal', $entry->steps, true))
            @post('/jobs/' . $job->id . '/cards/' . $card->id . '/seal')
                <button class="button"
                    aria-label="Seal {{ $card->item->label }}">{{ $life->isSealed ? 'Seal it again' : 'Seal' }}</button>
            @endpost
        @endif
        @if (in_array('twin', $entry->steps, true))
            @post('/jobs/' . $job->id . '/cards/' . $card->id . '/twin')
                <button class="button" aria-label="Compare {{ $card->item->label }} with its twin">Twin check</button>
            @endpost
        @endif
        @if (in_array('heal', $entry->steps, true))
            @post('/jobs/' . $job->id . '/cards/' . $card->id . '/heal')
                <button class="button" aria-label="Make one whole set of {{ $card->item->label }} and its twin">Healed
                    set</button>
            @endpost
        @endif
        @if (in_array('look', $entry->steps, true))
            <a class="button" href="/jobs/{{ $job->id }}/cards/{{ $card->id }}/look"
                aria-label="Look at frames of {{ $card->item->label }} 1:1">Look 1:1</a>
        @endif
        @if (in_array('permit', $entry->steps, true))
            @post('/jobs/' . $job->id . '/cards/' . $card->id . '/permit')
                <button class="button main" aria-label="May I format {{ $card->item->label }}?">May I format this
                    card?</button>
            @endpost
        @endif
        @if (in_array('release', $entry->steps, true))
            @post('/jobs/' . $job->id . '/cards/' . $card->id . '/release')
                <button class="button" aria-label="Look at {{ $card->item->label }} a last time, then take it out">A last
                    look, then take it out</button>
            @endpost
        @endif
        @if (in_array('format', $entry->steps, true))
            @post('/jobs/' . $job->id . '/cards/' . $card->id . '/format')
                <button class="button"
                    aria-label="{{ $entry->isStandIn ? 'Format' : 'I have formatted' }} {{ $card->item->label }}">{{
                        $entry->isStandIn ? 'Format in the camera' : 'I have formatted it' }}</button>
            @endpost
        @endif
        @if ($entry->hasPaper || $life->isSealed)
            <a class="button quiet" href="/jobs/{{ $job->id }}/cards/{{ $card->id }}/permit"
                aria-label="Where all of {{ $card->item->label }} lies">Where it lies</a>
        @endif
        @if ($card->folder === null || !$entry->isStandIn)
            <a class="button quiet"
                href="/folders?for=card-{{ $card->id }}">{{ $card->folder === null ? 'Where is it mounted?' : 'Mounted elsewhere?' }}</a>
        @endif
    </div>
    @if ($life->state->value !== 'retired')
        <details class="mt-1" @if (old('_form') === 'incident-' . $card->id) open @endif>
            <summary class="text-sm text-faint min-h-11 flex items-center">Something happened with it</summary>
            <x-form :action="'/jobs/' . $job->id . '/cards/' . $card->id . '/incidents'" class="grid gap-2">
                <input type="hidden" name="_form" value="incident-{{ $card->id }}">
                <x-field name="words" :bag="'incident-' . $card->id" :id="'incident-words-' . $card->id" label="What" maxlength="200" />
                <label class="tick"><input type="checkbox" name="is_fault" value="1" checked> it speaks against
                    the card itself</label>
                <div class="flex flex-wrap gap-2"><button class="button small"
                        aria-label="Note it for {{ $card->item->label }}">Note it</button></div>
            </x-form>
            @if ($life->isSealed && !$life->isTwinLost)
                <x-form :action="'/jobs/' . $job->id . '/cards/' . $card->id . '/twin-lost'" class="grid gap-2 mt-3"><x-field name="words"
                    :id="'twin-lost-words-' . $card->id"
                        label="Its twin is lost: how" maxlength="500" />
                    <div><button class="button small" aria-label="The twin of {{ $card->item->label }} is lost">Go on
                            without its twin</button></div>
                </x-form>
            @endif
            @if ($entry->others)
                <p class="mt-3 text-sm">{{ $entry->others }}</p>
                @post('/jobs/' . $job->id . '/cards/' . $card->id . '/claim')
                    <button class="button small" aria-label="All frames on {{ $card->item->label }} belong to this job">All
                        of it belongs to this job</button>
                @endpost
            @endif
            @if (!$life->isRetiring)
                <div class="mt-2">
                    @post('/jobs/' . $job->id . '/cards/' . $card->id . '/retire')
                        <button class="button quiet small" aria-label="Retire {{ $card->item->label }}">Retire this
                            card</button>
                    @endpost
                </div>
            @endif
        </details>
    @endif
</article>
@endforeach
</div>
</section>
</x-page>
