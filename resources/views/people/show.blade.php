<x-page title="Who stands when?" :job="$job" phase="people" :verdicts="$verdicts">
    @if ($stand && $stand->order !== [])
        <figure class="slab mb-4">
            <div class="ruler-scroll" tabindex="0" role="region" aria-label="Who stands when, drawn">
                <svg class="ruler" viewBox="0 0 1000 {{ $chart->height() }}" role="img"
                    aria-label="{{ collect($chart->rows())
                            ->map(fn($r) => $r->name . ' waits ' . $r->waitsMinutes . ' min, free after ' . $r->free)
                            ->implode('; ') }}">
                    @foreach ($chart->groups() as $band)
                        <rect class="group-band{{ $band->number % 2 ? '' : ' odd' }}" x="{{ $band->x }}" y="{{ $band->y }}"
                            width="{{ $band->width }}" height="{{ $band->height }}" />
                        @if ($band->isNumbered)
                            <text x="{{ $band->middle }}" y="14" font-size="13" text-anchor="middle">{{ $band->number }}</text>
                        @endif
                    @endforeach
                    @foreach ($chart->rows() as $row)
                        <g transform="translate(0 {{ $row->y }})">
                            <text x="0" y="12" font-size="14">{{ $row->name }}</text>
                            <rect class="stand-waits" x="{{ $row->waits->x }}" y="3" width="{{ $row->waits->width }}"
                                height="9" />
                            @foreach ($row->inFrame as $in)
                                <rect class="stand-in" x="{{ $in->x }}" y="0" width="{{ $in->width }}" height="15" />
                            @endforeach
                            <text x="{{ $row->freeX }}" y="12" font-size="12">✓ {{ $row->free }} min</text>
                        </g>
                    @endforeach
                    @foreach ($chart->minutes() as $mark)
                        <text x="{{ $mark->x }}" y="{{ $chart->height() - 4 }}" font-size="12"
                            text-anchor="middle">{{ $mark->minute }}</text>
                    @endforeach
                </svg>
            </div>
            <figcaption class="text-sm text-faint">Filled: in frame. Broken outline: waits. ✓: free, in minutes from the start. The numbers
                on top are the groups below.</figcaption>
        </figure>
        <div class="overflow-x-auto slab mb-4" tabindex="0" role="region" aria-label="Orders compared">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Order</th>
                        <th scope="col">Waiting, person-min</th>
                        <th scope="col">In all, min</th>
                        <th scope="col">Walk in or out</th>
                        <th scope="col"><span class="visually-hidden">Take it</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr>
                        <th scope="row">As it stands now</th>
                        <td class="figures">{{ $stand->waiting }}</td>
                        <td class="figures">{{ $stand->totalMinutes }}</td>
                        <td class="figures">{{ $stand->walks() }}</td>
                        <td></td>
                    </tr>
                    @foreach ($schools as $one)
                        @if ($one['school'] !== NorthSatchel\People\School::AsListed)
                            <tr>
                                <th scope="row" class="font-normal">{{ $one['school']->label() }}</th>
                                <td class="figures">{{ $one['stand']->waiting }}</td>
                                <td class="figures">{{ $one['stand']->totalMinutes }}</td>
                                <td class="figures">{{ $one['stand']->walks() }}</td>
                                <td><x-form :action="'/jobs/' . $job->id . '/people/order'"><input type="hidden" name="school"
                                            value="{{ $one['school']->value }}"><button class="button small"
                                            aria-label="Take the order {{ $one['school']->label() }}">Take it</button></x-form></td>
                            </tr>
                        @endif
                    @endforeach
                </tbody>
            </table>
            @foreach ($schools as $one)
                @if ($one['proof'])
                    <p class="text-sm text-faint mt-1">{{
                        $one['proof'] }}@if ($isProving && $one['school'] === NorthSatchel\People\School::LeastWaiting)
                            <a class="underline" href="/jobs/{{ $job->id }}/people">The search goes on for up to two minutes: look
                                again.</a>
                        @endif
                    </p>
                @endif
            @endforeach
        </div>
    @endif
    @error('people')@if (old('_form') === null)
        <div class="note bad mb-3" role="alert">{{ $message }}</div>
    @endif @enderror
    @foreach ($questions as $one)
        <div class="note mb-3 flex flex-wrap items-center gap-2">
            <p class="flex-1 basis-64">“{{ $one->gone->name }}” went from the list and “{{ $one->come->name }}” came: is it the same
                person?</p>
            @post('/jobs/' . $job->id . '/people/' . $one->come->id . '/same/' . $one->gone->id)
                <button class="button small">The same</button>
            @endpost
            @post('/jobs/' . $job->id . '/people/gone/' . $one->gone->id)
                <button class="button quiet small">Somebody else</button>
            @endpost
        </div>
    @endforeach
    @if ($proposals->isNotEmpty())
        <section class="slab mb-4">
            <h2 class="mb-1">From the couple</h2>
            <ul>
                @foreach ($proposals as $one)
                    <li class="border-t border-rule py-1 flex flex-wrap items-center gap-2"><span
                            class="flex-1 min-w-0">{{ ['person' => 'One more: ', 'group' => 'One more group: ', 'without' => 'Without: '][
                                        $one->kind
                                    ] ?? '' }}<b>{{ $one->text }}</b></span>
                        @post('/proposals/' . $one->id . '/accept')
                            @if ($errors->first('proposal') === (string) $one->id && $errors->has('unknown'))
                                <input type="hidden" name="add" value="{{ $errors->first('unknown') }}">
                                <button class="button small">Add {{ $errors->first('unknown') }}, and accept</button>
                            @else
                                <button class="button small" aria-label="Accept {{ $one->text }}">Accept</button>
                            @endif
                            @endpost @post('/proposals/' . $one->id . '/decline')
                            <button class="button quiet small" aria-label="Decline {{ $one->text }}">Decline</button>
                        @endpost
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($timing !== [])
        <div class="overflow-x-auto slab mb-4" tabindex="0" role="region" aria-label="When the groups are taken">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">When</th>
                        <th scope="col">Before, min</th>
                        <th scope="col">After, min</th>
                        <th scope="col">Come early</th>
                        <th scope="col">Gained with guests, for portraits</th>
                        <th scope="col">Left until the next anchor</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($timing as $way)
                        <tr>
                            <th scope="row" class="font-normal">{{ $way->school }}</th>
                            <td class="figures">{{ $way->before }}</td>
                            <td class="figures">{{ $way->after }}</td>
                            <td class="figures">{{ $way->early }} people</td>
                            <td class="figures">{{ $way->gained }} min</td>
                            <td class="figures {{ $way->free !== null && $way->free < 0 ? 'text-signal font-bold' : '' }}">
                                {{ $way->free === null ? 'no anchor' : $way->free . ' min' }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="text-sm text-faint mt-1">Groups of up to nine count as close. Before, elsewhere: the drive from the first place to the
                ceremony is counted.</p>
        </div>
    @endif
    @if ($link)
        <div class="note mb-3" role="status">This link is shown this once: <a class="break-all"
                href="{{ $link }}">{{ $link }}</a>. Whoever has it sees the list of groups until the day after the
            job, or until you take it back.</div>
    @endif
    @if ($stand && $stand->order !== [])
        <div class="flex flex-wrap gap-2 mb-4"><a class="button main" href="/jobs/{{ $job->id }}/call">Call the groups</a><a
                class="button" href="/jobs/{{ $job->id }}/call/sheet">Caller's sheet</a>
            @post('/jobs/' . $job->id . '/call/links')
                <button class="button">Make a link for the caller</button>
            @endpost
            @post('/jobs/' . $job->id . '/form/links')
                <button class="button">Make a link for the couple</button>
            @endpost
            @foreach ($links as $link)
                @post('/links/' . $link->id, 'delete')
                    <button class="button" title="valid until {{ $link->expires_at->format('j M H:i') }} UTC">Take back link
                        {{ $loop->iteration }}, {{ $link->kind }}</button>
                @endpost
            @endforeach
        </div>
    @endif
    <x-form :action="'/jobs/' . $job->id . '/people/settings'" class="slab flex flex-wrap gap-4 items-end mb-4">
        <div class="flex-1 basis-64"><x-field name="formals_segment_id" label="They are called during" type="select">
                <option value="">no segment yet</option>
                @foreach ($job->segments->sortBy('start_clock') as $one)
                    <option
                        value="{{ $one->id }}" @selected($job->formals_segment_id === $one->id)>@clock($one->start_clock) {{ $one->title }}
                    </option>
                @endforeach
            </x-field></div>
        <label class="tick"><input type="checkbox" name="formals_gathered" value="1" @checked($job->formals_gathered)> everybody is
            gathered from the start</label>
        <button class="button">Keep</button>
    </x-form>
    <ol class="grid gap-2" data-groups>
        @foreach ($groups as $index => $group)
            @php $made = $stand?->groups[$index] ?? null; @endphp
            <li class="slab" id="group-{{ $group->id }}" data-group="{{ $group->id }}">
                @if ($edit === $group->id || old('_form') === 'group-' . $group->id)
                    @include('people._group-form', ['group' => $group])
                    <div class="flex flex-wrap gap-4 items-end mt-2">
                        <x-form :action="'/groups/' . $group->id . '/split'" class="flex gap-2 items-end"><input type="hidden" name="_form"
                                value="group-{{ $group->id }}">
                            <div class="w-64"><x-field :bag="'group-' . $group->id" :id="'split-' . $group->id" name="names"
                                    label="Split: who goes into the second" /></div><button class="button">Split</button>
                        </x-form>
                        @if ($index < count($groups) - 1)
                            @post('/groups/' . $group->id . '/merge')
                                <button class="button">Merge with the next one</button>
                            @endpost
                        @endif
                    </div>
                @else
                    <div class="flex flex-wrap items-start gap-x-4">
                        <span class="figures text-lg font-semibold leading-7">{{ $index + 1 }}</span>
                        <div class="flex-1 basis-56 min-w-0">
                            <h2 class="text-lg leading-7">{{ $group->title }} <span
                                    class="priority {{ $group->priority }} !min-w-0 font-normal">{{ $group->priority }}</span></h2>
                            <p class="text-faint text-sm">{{ implode(', ', $group->people) }}</p>
                            @if ($made)
                                <p class="text-faint text-sm figures">{{ count($group->people) }} people · {{ $made->changeOver }} min
                                    of change-over, {{ $made->minutes }} min · {{ $made->frames }} frames</p>
                            @endif
                        </div>
                        <span class="flex">
                            @post('/groups/' . $group->id . '/pin')
                                <button class="button quiet" aria-pressed="{{ $group->is_pinned ? 'true' : 'false' }}"
                                    aria-label="{{ $group->is_pinned ? 'Unpin' : 'Pin' }} {{ $group->title }}">{{
                                        $group->is_pinned ? 'Pinned' : 'Pin' }}</button>
                            @endpost
                            <a class="button quiet" href="/groups/{{ $group->id }}/stand"
                                aria-label="Place {{ $group->title }}">Place</a>
                            @foreach (['up' => '↑', 'down' => '↓'] as $way => $arrow)
                                @post('/groups/' . $group->id . '/move')
                                    <input type="hidden" name="way" value="{{ $way }}"><button class="button quiet small"
                                        aria-label="Move {{ $group->title }} {{ $way }}">{{ $arrow }}</button>
                                @endpost
                            @endforeach
                            <a class="button quiet" href="?edit={{ $group->id }}" hx-get="?edit={{ $group->id }}"
                                hx-target="#work" hx-select="#work" hx-swap="outerHTML show:none"
                                aria-label="Edit {{ $group->title }}">Edit</a>
                            @post('/groups/' . $group->id, 'delete')
                                <button class="button quiet" aria-label="Remove {{ $group->title }}">Remove</button>
                            @endpost
                        </span>
                    </div>
                @endif
            </li>
        @endforeach
    </ol>
    <section class="slab mt-4">
        <h2 class="mb-2">A group of your own</h2>@include('people._group-form', ['group' => null])
    </section>
    <section class="slab mt-4">
        <h2 class="mb-2">{{ $job->kind->hasFamily() ? 'The family' : 'Who is needed' }}, a line a person</h2>
        <x-form :action="'/jobs/' . $job->id . '/people/family'" class="grid gap-2">
            <x-field name="people" type="textarea" label="Name, then after commas who it is" :value="$lines" rows="12"
                :hint="($job->kind->hasFamily() ? 'bride · mother of Tuva · partner of … · former partner of … · sister of … · ' .
                    'grandmother of … · aunt of … · attendant of … · son of …; ceremony only; ' : '') . 'seated, wheelchair, ' .
                    'infant, elderly; 158 cm; apart from …; leaves 17:30; told; passed away; cannot come; ' .
                    'a trade such as florist. Anything else is what you know them by.'" />
            @if ($errors->has('people') && old('_form') === null && blank(old('people')) && $lines !== '')
                <label class="tick"><input type="checkbox" name="empty" value="1"> Take everybody off the list</label>
            @endif
            <div class="flex flex-wrap gap-2"><button class="button main">Keep the {{ $job->kind->hasFamily() ? 'family' : 'list' }}</button></div>
        </x-form>
        <div class="flex flex-wrap gap-3 items-end mt-3">
            <a class="button" href="/jobs/{{ $job->id }}/people/table">Table of the {{ $job->kind->hasFamily() ? 'family' : 'list' }}</a>
            <x-form :action="'/jobs/' . $job->id . '/people/import'" enctype="multipart/form-data" hx-encoding="multipart/form-data"
                class="flex flex-wrap gap-2 items-end">
                <div class="w-80"><x-field id="fam-file" name="file" label="or take a .csv with the columns name and who"
                        type="file" accept=".csv,text/csv" /></div><button class="button">Take it</button>
            </x-form>
        </div>
        @if ($family && $family->couple() !== [])
            <x-form :action="'/jobs/' . $job->id . '/people/rules'" class="mt-2"><button
                class="button">Add the groups by rule</button></x-form>
        @endif
    </section>
    <p class="mt-4"><a class="button" href="/jobs/{{ $job->id }}/teams">Teams and players instead</a>
        @if ($job->kind->hasPosts())
            <a class="button" href="/jobs/{{ $job->id }}/roster">The roster: who is number seven?</a>
        @endif
    </p>
    <p class="text-sm text-faint mt-3">Children: a guardian knows, and no surnames go on shared sheets. Mind ladders and steps walked
        backwards, and heat for the old and the very young.</p>
</x-page>
