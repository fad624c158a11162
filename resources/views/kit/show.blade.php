<x-page title="What if one thing breaks?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-kit-nav :job="$job" at="kit" />
    @php
        $bars = $reach->bars();
        $height = 54 + count($bars) * 26;
    @endphp
    <figure class="slab mb-4">
        <div class="ruler-scroll" tabindex="0" role="region" aria-label="Reach, drawn">
            <svg class="ruler" viewBox="-4 0 1008 {{ $height }}" role="img"
                aria-label="What the lenses in the bag reach: {{
                    implode('; ', array_map(fn($b) => $b->label . ' (' . $b->lane . ')', $bars)) }}">
                @foreach ($reach->scale() as $tick)
                    <line class="hour" x1="{{ $tick->x }}" x2="{{ $tick->x }}" y1="20" y2="{{ $height }}" /><text
                        x="{{ $tick->x }}" y="15" font-size="14" text-anchor="middle">{{ $tick->label }}</text>
                @endforeach
                @foreach ($bars as $bar)
                    @php $y = 46 + $loop->index * 26; @endphp
                    <rect x="{{ $bar->x }}" y="{{ $y }}" width="{{ $bar->width }}" height="14" rx="3"
                        fill="{{ $bar->lane === 'lead' ? 'var(--moss)' : 'var(--lake)' }}" />
                    @if ($bar->starts)
                        <circle cx="{{ $bar->x + $bar->width / 2 }}" cy="{{ $y + 7 }}" r="4" fill="var(--leaf)" />
                    @endif
                    <text x="{{ $bar->x > 700 ? $bar->x - 6 : $bar->x + $bar->width + 6 }}" y="{{ $y + 12 }}" font-size="14"
                        text-anchor="{{ $bar->x > 700 ? 'end' : 'start' }}">{{ $bar->label }} · {{ $bar->on }}</text>
                @endforeach
                @foreach ($reach->ticks() as $tick)
                    <g transform="translate({{ $tick->x }} 24)">
                        <title>{{ $tick->label }}{{ $tick->isCovered ? '' : ': not in the bag' }}</title>
                        @if ($tick->isCovered)
                        <path d="M0 14l-6-12h12z" fill="var(--canvas)" />@else
                            <path d="M-6 2l12 12M6 2l-12 12" stroke="var(--signal)" stroke-width="3" />
                        @endif
                    </g>
                @endforeach
            </svg>
        </div>
        <figcaption class="text-sm text-faint">As on full format, in mm, lead photographer first. Bar: a lens, dotted when it starts on a
            body. Wedge: a shot that names that focal length. Cross: no lens of that photographer reaches it.</figcaption>
    </figure>
    <section class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="Each thing taken out in turn">
        <h2 class="mb-1">Each thing taken out in turn</h2>
        <table class="grid-table loss-table">
            <thead>
                <tr>
                    <th scope="col">Gone</th>
                    <th scope="col">What breaks</th>
                    <th scope="col">Lightest mend</th>
                </tr>
            </thead>
            <tbody>
                @forelse ($losses->rows as $row)
                    <tr @class(['is-must' => $row->breaksAMust()])>
                        <th scope="row"><svg class="w-5 h-5 inline-block align-[-3px]" viewBox="0 0 20 20" aria-hidden="true">
                                @if ($row->breaksAMust())
                                <path d="M4 4l12 12M16 4L4 16" stroke="var(--signal)" stroke-width="4" />@else
                                    <path d="M3 10h14" stroke="var(--lake)" stroke-width="4" />
                                @endif
                            </svg>
                            {{ ucfirst($row->name()) }}<span
                                class="visually-hidden">{{ $row->breaksAMust() ? ': a must breaks' : ': bearable' }}</span></th>
                        <td>{{ $row->says() }}</td>
                        <td>
                            @if ($row->mends !== [])
                                @post('/jobs/' . $job->id . '/packing/all')
                                    <input type="hidden" name="items"
                                        value="{{ implode(',', array_map(fn($g) => $g->id, $row->mends)) }}"><button
                                            class="button small">Put
                                        {{ implode(' and ', array_map(fn($g) => $g->label, $row->mends)) }} in</button>
                                @endpost
                            @else
                                <span class="text-faint">{{ $row->breaksAMust() ? 'hire ' . $row->toHire() : 'do without' }}</span>
                            @endif
                        </td>
                    </tr>
                @empty
                    <tr>
                        <td colspan="3">{{ $losses->ofNothing() }}</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
        @if ($losses->pairs !== [])
            <details class="mt-2">
                <summary class="min-h-11 content-center">{{ count($losses->pairs) }} 
                    {{ count($losses->pairs) === 1 ? 'pair breaks' : 'pairs break' }} a must together
                </summary>
                <ul class="mt-1">
                    @foreach (array_slice($losses->pairs, 0, 40) as $pair)
                        <li class="border-t border-rule py-1"><b>{{ $pair->gear[0]->label }}</b> and
                            <b>{{ $pair->gear[1]->label }}</b>: {{ implode(', ', array_map(fn($n) => $n->title, $pair->breaks)) }}
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
        <p class="text-sm text-faint mt-2">
            {{ $losses->ofSafe() }} Mount, cells and radio are counted; a lens of seven tenths of the reach will do, cropped in.</p>
    </section>
    <div class="grid gap-4 lg:grid-cols-2 mb-4">
        @foreach ($changes as $lane => $of)
            <section class="slab">
                <h2 class="mb-1">{{ ucfirst($lane) }}: lens changes</h2>
                @if ($of->bodies === [])
                    <p class="text-faint">No body is with them yet.</p>
                @else
                    <p>
                        @foreach ($of->changes->start as $lens)
                            {{ ($of->bodies[$loop->index] ?? $of->bodies[0])->label }},
                            {{ $loop->first === ($job->wide_side === 'left') ? 'left' : 'right' }}:
                            <b>{{ $lens->label }}</b>{{ $loop->last ? '.' : '; ' }}
                        @endforeach
                    </p>
                    @forelse ($of->changes->changes as $change)
                        <p class="border-t border-rule py-1">Before “{{ $change->before }}”: {{ $change->off->label }} off,
                        <b>{{ $change->on->label }}</b> on.</p>@empty<p class="text-faint">So mounted, no lens is changed all day.
                        </p>
                    @endforelse
                    @if ($of->changes->unreached !== [])
                        <p class="text-signal">Not reached: {{ implode(', ', $of->changes->unreached) }}.</p>
                    @endif
                @endif
                @foreach ($swaps[$lane] ?? [] as $at)
                    <div class="border-t border-rule py-1 flex flex-wrap gap-2 items-center"><span
                            class="flex-1 basis-56">{{ $at->swap->says($at->what) }}</span>
                        @post('/jobs/' . $job->id . '/kit/swap')
                            <input type="hidden" name="segment" value="{{ $at->swap->segmentId() }}"><input type="hidden" name="what"
                                value="Swap {{ $at->what }}, {{ $lane }}"><button class="button small"
                                aria-label="Put “Swap {{ $at->what }}, {{ $lane }}” into the plan">Put it into the plan</button>
                        @endpost
                    </div>
                @endforeach
            </section>
        @endforeach
    </div>
    <div class="grid gap-4 lg:grid-cols-2">
        @foreach ($list as $lane => $entries)
            <section class="slab">
                <h2 class="mb-1">With the {{ $lane }} <span
                        class="figures text-faint">{{ count(array_filter($entries, fn($e) => $e->isPacked)) }} of {{ count($entries) }}
                        packed</span></h2>
                <ul>
                    @foreach ($entries as $row)
                        @php $item = $row->entry->item; @endphp
                        <li class="flex items-center border-t border-rule gap-2 min-h-11">
                            <span class="flex-1 min-w-0"><b>{{ $item->label }}</b> <span
                                    class="text-faint text-sm">{{ $item->kind }}{{
                                        $item->card ? ' · ' . $item->card->capacity_gb . ' GB' : '' }}{{
                                            $item->cell_type && $item->kind === 'cell' ? ' · ' . $item->cell_type : '' }}{{
                                                $row->isPacked ? ' · packed' : '' }}</span></span>
                            @post('/jobs/' . $job->id . '/packing/carry')
                                <input type="hidden" name="item" value="{{ $item->id }}"><input type="hidden" name="lane"
                                    value="{{ $lane === 'lead' ? 'second' : 'lead' }}"><button class="button quiet small"
                                    aria-label="Give {{ $item->label }} to the {{ $lane === 'lead' ? 'second' : 'lead' }}">to
                                    {{ $lane === 'lead' ? 'second' : 'lead' }}</button>
                            @endpost
                            @post('/jobs/' . $job->id . '/packing/' . $item->id, 'delete')
                                <button class="button quiet small" aria-label="Take {{ $item->label }} off the list">✕</button>
                            @endpost
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
    <section class="slab mt-4">
        <h2 class="mb-2">From the shelf</h2>
        @if ($atHand->isEmpty())
            @if ($job->packing->isEmpty())
                <p class="text-faint">The shelf is empty. <a href="/shelf">Put on it what you own, or begin with a starter shelf.</a></p>
            @else
                <p class="text-faint">Everything on the shelf is on the list. <a href="/shelf">Add to the shelf.</a></p>
            @endif
        @else
            <x-form :action="'/jobs/' . $job->id . '/packing'" class="grid gap-3 sm:grid-cols-[2fr_1fr_auto] items-end">
                <x-field name="item" label="Item" type="select" data-key="n">
                    @foreach ($atHand as $item)
                        <option value="{{ $item->id }}">{{ $item->kind }} · {{ $item->label }}</option>
                    @endforeach
                </x-field>
                <x-field name="lane" label="Carried by" type="select">
                    <option>lead</option>
                    <option>second</option>
                    <option>assistant</option>
                </x-field>
                <button class="button">Put it on the list</button>
            </x-form>
        @endif
        <x-form :action="'/jobs/' . $job->id . '/kit/settings'" class="flex flex-wrap gap-4 items-center mt-3">
            <label class="tick"><input type="checkbox" name="goes_by_air" value="1" @checked($job->goes_by_air)> the kit
                flies</label>
            <label class="tick"><input type="checkbox" name="wide_side" value="right" @checked($job->wide_side === 'right')> the wide body
                hangs on the right</label>
            <button class="button">Keep</button>
        </x-form>
    </section>
    <p class="text-sm text-faint mt-4">Spare lithium cells fly in hand luggage only; a damaged cell is neither charged nor flown. The
        airline decides.</p>
</x-page>
