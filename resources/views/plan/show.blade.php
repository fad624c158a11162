<x-page title="Will the day hold?" :job="$job" phase="plan" :verdicts="$verdicts">
    @if (count($days) > 1)
        <nav class="flex flex-wrap gap-2 mb-2" aria-label="Days">
            @foreach ($days as $one)
                <a class="button {{ $one['number'] === $day ? 'main' : '' }}" href="?day={{ $one['number'] }}"
                    @if ($one['number'] === $day) aria-current="true" @endif>Day {{ $one['number'] + 1 }} <span
                        class="figures">{{ $one['date'] }}</span></a>
            @endforeach
        </nav>
    @endif
    @include('plan._ruler')
    <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/what-if">What if we run late?</a><a class="button"
            href="/jobs/{{ $job->id }}/rehearse{{ $day > 0 ? '?day=' . $day : '' }}">Rehearse the day</a>
        @if ($job->kind->hasPosts())
            <a class="button" href="/jobs/{{ $job->id }}/cover">Who stands where?</a>
            <a class="button" href="/jobs/{{ $job->id }}/sending">What is sent early?</a>
            <a class="button" href="/jobs/{{ $job->id }}/arrive">When must you be there?</a>
        @endif
        @foreach ($sheets as $audience)
            <a class="button" href="/jobs/{{ $job->id }}/sheets/{{ $audience->value }}">Sheet: {{ $audience->value }}</a>
        @endforeach
    </p>
    @if ($job->kind->hasElements())
        <x-studio-nav :job="$job" at="plan" />
    @endif
    <datalist id="people">
        @foreach ($job->people as $person)
            <option value="{{ $person->name }}"></option>
        @endforeach
    </datalist>
    <datalist id="places">
        @foreach ($places as $place)
            <option value="{{ $place }}"></option>
        @endforeach
    </datalist>
    <ol class="grid gap-3">
        @foreach ($list as $row)
            @php $segment = $row->segment; @endphp
            <li class="slab" id="segment-{{ $segment->id }}">
                @if ($edit === 'segment-' . $segment->id || old('_form') === 'segment-' . $segment->id)
                    @include('plan._segment-form', ['segment' => $segment])
                @else
                    <x-segment :row="$row" :day="$day" />
                @endif
                <details class="mt-1" @if ($open === $segment->id || old('_form') === 'shot-new-' . $segment->id) open @endif>
                    <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">{{ count($row->shots) }}
                        {{ count($row->shots) === 1 ? 'shot' : 'shots' }}, <span class="figures ml-1">{{ $row->shotMinutes() }} of
                            {{ $segment->minutes }} min</span>@if ($row->sceneWords() !== '')
                            <span class="text-faint font-normal ml-2">{{ $row->sceneWords() }}</span>
                        @endif</summary>
                    <ol data-shots="{{ $segment->id }}">
                        @foreach ($row->shots as $shot)
                            @php $line = $shot->line; @endphp
                            <li class="border-t border-rule py-1" id="shot-{{ $line->id }}" data-shot="{{ $line->id }}">
                                @if ($edit === 'shot-' . $line->id || old('_form') === 'shot-' . $line->id)
                                    @include('plan._shot-form', ['line' => $line, 'segment' => $segment])
                                    @include('plan._secrecy', [
                                        'url' => '/shots/' . $line->id . '/secrecy',
                                        'of' => $line->what,
                                        'hidden' => $line->hidden_from ?? [],
                                    ])
                                @else
                                    <x-shot :shot="$shot" :day="$day" :is-open="$open === $segment->id" />
                                @endif
                            </li>
                        @endforeach
                    </ol>
                    @if ($open === $segment->id || old('_form') === 'shot-new-' . $segment->id)
                        @include('plan._shot-form', ['line' => null, 'segment' => $segment])
                        <details class="mt-2" @if ($errors->has('lines')) open @endif>
                            <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">Paste a list</summary>
                            <x-form :action="'/segments/' . $segment->id . '/shots/paste'" class="grid gap-2">
                                <input type="hidden" name="_form" value="shot-new-{{ $segment->id }}">
                                <x-field :bag="'shot-new-' . $segment->id" :id="'paste-' . $segment->id" name="lines" type="textarea"
                                    label="A line a shot, such as: Rings close, 5 min, 12 frames, 85 mm, must" />
                                <div><button class="button" aria-label="Add the pasted lines to {{ $segment->title }}">Add these
                                        lines</button></div>
                            </x-form>
                        </details>
                        <div class="flex flex-wrap gap-x-6 gap-y-2 items-end mt-2">
                            @if ($sets->isNotEmpty())
                                <x-form :action="'/segments/' . $segment->id . '/sets/add'" class="flex gap-2 items-end">
                                    <div class="w-56"><x-field :id="'set-' . $segment->id" name="set" label="Add a set of shots"
                                        type="select">
                                            @foreach ($sets as $set)
                                                <option value="{{ $set->id }}">{{ $set->name }} ({{ count($set->lines) }})
                                                </option>
                                            @endforeach
                                        </x-field>
                                    </div><button class="button">Add it</button>
                                </x-form>
                            @endif
                            <x-form :action="'/segments/' . $segment->id . '/sets'" class="flex gap-2 items-end"><input type="hidden"
                                name="_form"
                                    value="shot-new-{{ $segment->id }}">
                                <div class="w-56"><x-field :bag="'shot-new-' . $segment->id" :id="'keep-' . $segment->id" name="set_name"
                                        label="Keep these shots as a set" :value="$segment->title" /></div><button
                                            class="button">Keep</button>
                            </x-form>
                        </div>
                        @include('plan._secrecy', [
                            'url' => '/segments/' . $segment->id . '/secrecy',
                            'of' => $segment->title,
                            'hidden' => $segment->hidden_from ?? [],
                        ])
                    @else
                        <x-open class="mt-1" :at="'?day=' . $day . '&open=' . $segment->id"
                            aria-label="Add a shot to {{ $segment->title }}">Add or change shots</x-open>
                    @endif
                </details>
            </li>
        @endforeach
    </ol>
    @if ($job->freeShots->isNotEmpty())
        <section class="slab mt-3" id="free-shots">
            <h2 class="mb-1">Shots without a segment</h2>
            <ol data-shots="">
                @foreach ($job->freeShots as $line)
                    <li class="border-t border-rule py-1 flex flex-wrap items-center gap-x-3" id="shot-{{ $line->id }}"
                        data-shot="{{ $line->id }}">
                        <span class="priority {{ $line->priority }}">{{ $line->priority }}</span><span>{{ $line->what }}</span><span
                            class="figures text-faint">{{ $line->minutes }} min · {{ $line->frames }} frames</span>
                        <span class="ml-auto flex flex-wrap items-center gap-1 min-w-0">
                            @if (count($list) > 0)
                                <x-form :action="'/shots/' . $line->id . '/put'" class="flex flex-wrap gap-1 items-center min-w-0">
                                    <span class="field w-56 max-w-full"><select name="segment" aria-label="Segment for {{ $line->what }}">
                                            @foreach ($list as $row)
                                                <option value="{{ $row->segment->id }}">{{ $row->from }} {{ $row->segment->title }}
                                                </option>
                                            @endforeach
                                        </select></span>
                                    <button class="button" aria-label="Put {{ $line->what }} there">Put there</button></x-form>
                            @endif
                            @post('/shots/' . $line->id, 'delete')
                                <button class="button quiet" aria-label="Remove {{ $line->what }}">Remove</button>
                            @endpost
                        </span>
                    </li>
                @endforeach
            </ol>
        </section>
    @endif
    <details class="slab mt-3" @if (old('_form') === 'shot-anywhere') open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center font-bold">Paste a shot list for the whole job</summary>
        <x-form :action="'/jobs/' . $job->id . '/shots/paste'" class="grid gap-2">
            <input type="hidden" name="_form" value="shot-anywhere">
            <x-field bag="shot-anywhere" id="paste-anywhere" name="lines" type="textarea"
                label="A line a shot, or a CSV with a column what"
                :hint="'Each line goes to the segment that a heading (a line ending in a colon) or its own words name; ' .
                    'what nothing claims stands free.'" />
            <div><button class="button">Place these lines</button></div>
        </x-form>
    </details>
    <details class="slab mt-4" @if (count($list) === 0 || $errors->hasAny(['template', 'first_anchor', 'second_anchor', 'beside'])) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center font-bold">Lay the day out from a template</summary>
        <x-form :action="'/jobs/' . $job->id . '/template'" class="grid gap-3 sm:grid-cols-[2fr_1fr_1fr_9rem_5rem_auto] items-start">
            <input type="hidden" name="_form" value="template">
            <x-field bag="template" id="t-template" name="template" label="Kind of day (its two anchors)" type="select">
                @foreach ($templates as $template)
                    <option value="{{ $template->value }}"
                        @selected(old('template', $usual->value) === $template->value)>{{ $template->label() }}</option>
                @endforeach
            </x-field>
            <x-field bag="template" id="t-first" name="first_anchor" label="First anchor" class="figures" placeholder="15:00"
                required />
            <x-field bag="template" id="t-second" name="second_anchor" label="Second anchor" class="figures" placeholder="18:30"
                required />
            <x-field bag="template" id="t-photographers" name="photographers" label="Photographers" type="select">
                @foreach (['1' => 'one', '2' => 'two'] as $number => $word)
                    <option value="{{ $number }}"
                        @selected(old('photographers', $usual->isForTwoAsARule() ? '2' : '1') === (string) $number)>{{ $word }}</option>
                @endforeach
            </x-field>
            <x-field bag="template" id="t-day" name="day" label="Day" type="select">
                @for ($n = 0; $n <= min(13, count($days)); $n++)
                    <option value="{{ $n }}" @selected($n === $day)>{{ $n + 1 }}</option>
                @endfor
            </x-field>
            <button class="button main sm:mt-6">Lay it out</button>
            @error('beside')
                <p class="wrong sm:col-span-6" role="alert">{{ $message }}</p>
                <label class="tick sm:col-span-6"><input type="checkbox" name="beside" value="1"> Lay it beside what is there</label>
            @enderror
        </x-form>
    </details>
    <details class="slab mt-4" @if ($errors->has('file')) open @endif>
        <summary class="cursor-pointer min-h-[44px] flex items-center font-bold">Take segments from a calendar or a table</summary>
        <x-form :action="'/jobs/' . $job->id . '/import'" enctype="multipart/form-data" hx-encoding="multipart/form-data"
            class="flex flex-wrap gap-3 items-end">
            <div class="flex-1 basis-64"><x-field id="i-file" name="file"
                    label="An .ics file, or a .csv with the columns start, minutes, segment (place, photographer)" type="file"
                    accept=".ics,.csv,text/calendar,text/csv" required /></div>
            <button class="button">Take them</button>
        </x-form>
    </details>
    @if ($history->isNotEmpty())
        <details class="slab mt-4" id="history">
            <summary class="cursor-pointer min-h-[44px] flex items-center font-bold">What was done, and back</summary>
            <ol>
                @foreach ($history->take(15) as $change)
                    <li class="border-t border-rule py-1 flex flex-wrap gap-2 items-center">
                        <span class="flex-1 basis-64"><span class="figures text-faint">{{
                            $change->created_at?->timezone($job->place->timezone)->format('j M H:i') }}</span> {{ $change->said }}</span>
                        @post('/plan-changes/' . $change->id . '/undo')
                            <button class="button small">{{ $loop->first ? 'Undo it' : 'Back to before it' }}</button>
                        @endpost
                    </li>
                @endforeach
            </ol>
        </details>
    @endif
    @if ($rules)
        @include('plan._rules')
    @else
        <p class="mt-4"><a class="button" href="?day={{ $day }}&amp;rules=1#rules"
                hx-get="?day={{ $day }}&amp;rules=1" hx-target="#work" hx-select="#work"
                hx-swap="outerHTML show:#rules:top">Ways, passes, and who must not meet</a></p>
    @endif
    <section class="slab mt-4">
        <h2 class="mb-2">A new segment</h2>@include('plan._segment-form', ['segment' => null])
    </section>
</x-page>
