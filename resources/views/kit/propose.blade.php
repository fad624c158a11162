<x-page title="What should come along?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-kit-nav :job="$job" at="kit/propose" />
    <form method="get" action="/jobs/{{ $job->id }}/kit/propose" class="slab grid gap-3 sm:grid-cols-[2fr_1fr_auto] items-end mb-2">
        <x-field name="school" label="School" type="select">
            @foreach ($schools as $one)
                <option value="{{ $one->value }}" @selected($one === $school)>{{ $one->label() }}</option>
            @endforeach
        </x-field>
        <x-field name="limit_kg" label="No more than, kg (empty: no limit)" class="figures" inputmode="decimal"
            :value="$limit ? $limit / 1000 : ''" />
        <button class="button">Work it out</button>
    </form>
    <p class="text-sm text-faint mb-4">{{ $school->says() }}</p>
    <section class="slab mb-4">
        <div class="flex flex-wrap items-center gap-3 mb-2">
            <h2 class="flex-1">{{ count($proposal->chosen) }} things, <span class="figures">{{ number_format($proposal->grams / 1000, 1) }}
                    kg</span></h2>
            <x-form :action="'/jobs/' . $job->id . '/kit/propose'"><input type="hidden" name="school" value="{{ $school->value }}"><input
                type="hidden" name="limit_g"
                    value="{{ $limit }}"><button class="button main">Take this kit</button></x-form>
        </div>
        <table class="grid-table">
            <thead>
                <tr>
                    <th scope="col">Thing</th>
                    <th scope="col">g</th>
                    <th scope="col">Why it is in the bag</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($proposal->lines() as $row)
                    <tr>
                        <th scope="row" class="font-normal"><b>{{ $row->labels }}</b></th>
                        <td class="figures">{{ $row->grams }}</td>
                        <td>{{ $row->why }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    @if ($home->isNotEmpty())
        <section class="slab mb-4">
            <h2 class="mb-1">On your list, and could stay at home</h2>
            <p>{{ $home->map(fn($p) => $p->item->label)->implode(', ') }}. The plan, as it stands, asks for none of it beyond the kit
                above.</p>
        </section>
    @endif
    <section class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="What the plan asks for">
        <h2 class="mb-1">What the plan asks for</h2>
        <table class="grid-table">
            <thead>
                <tr>
                    <th scope="col">Need</th>
                    <th scope="col">Priority</th>
                    <th scope="col">At once</th>
                    <th scope="col">Because</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($proposal->needs as $need)
                    <tr>
                        <th scope="row" class="font-normal"><b>{{ $need->title }}</b></th>
                        <td><span class="priority {{ $need->priority->value }} !min-w-0">{{ $need->priority->value }}</span></td>
                        <td class="figures">{{ $need->count }}{{ $need->wantsSpare ? ' + 1' : '' }}</td>
                        <td class="text-sm">{{ $need->because }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <section class="slab mb-4">
        <h2 class="mb-2">Ask for something by hand</h2>
        <x-form :action="'/jobs/' . $job->id . '/kit/asks'" class="grid gap-3 sm:grid-cols-4 items-start">
            <x-field name="what" label="What" type="select">
                @foreach ($askable as $one)
                    <option @selected(old('what') === $one->value)>{{ $one->value }}</option>
                @endforeach
            </x-field>
            <x-field name="count" label="How many" class="figures" inputmode="numeric" value="1" />
            <x-field name="priority" label="Priority" type="select">
                @foreach (['must', 'should', 'nice'] as $p)
                    <option @selected(old('priority') === $p)>{{ $p }}</option>
                @endforeach
            </x-field>
            <x-field name="segment_id" label="For" type="select">
                <option value="">the whole job</option>
                @foreach ($job->segments->sortBy('start_clock') as $one)
                    <option
                        value="{{ $one->id }}" @selected((int) old('segment_id') === $one->id)>@clock($one->start_clock) {{ $one->title }}</option>
                @endforeach
            </x-field>
            <x-field name="distance_m" label="Light: from the people, m" class="figures" inputmode="decimal" />
            <x-field name="f_number" label="Light: gives f/" class="figures" inputmode="decimal" />
            <x-field name="iso" label="at ISO" class="figures" inputmode="numeric" />
            <x-field name="stops_lost" label="stops lost in cloth" class="figures" inputmode="decimal" />
            <x-field name="hours" label="Remote: stands alone, h" class="figures" inputmode="decimal" />
            <div class="sm:col-span-2"><x-field name="note" label="Note" maxlength="160" /></div>
            <button class="button sm:mt-6">Ask for it</button>
        </x-form>
        @if ($asks->isNotEmpty())
            <ul class="mt-2">
                @foreach ($asks as $ask)
                    <li class="border-t border-rule py-1 flex items-center gap-2"><span class="flex-1">{{ $ask->count }} ×
                            <b>{{ $ask->what }}</b>, {{ $ask->priority }}{{ $ask->note ? ': ' . $ask->note : '' }}</span>
                        @post('/asks/' . $ask->id, 'delete')
                            <button class="button quiet small" aria-label="Take back {{ $ask->what }}">✕</button>
                        @endpost
                    </li>
                @endforeach
            </ul>
        @endif
    </section>
</x-page>
