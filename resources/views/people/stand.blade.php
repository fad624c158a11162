<x-page :title="'Who stands where, and how sharp?'" :job="$job" phase="people" :verdicts="$verdicts">
    <p class="mb-3"><a href="/jobs/{{ $job->id }}/people">All groups</a> · <b>{{ $group->title }}</b> <span
            class="text-faint figures">{{ count($group->people) }} people</span></p>
    <form method="get" action="/groups/{{ $group->id }}/stand" class="slab flex flex-wrap gap-3 items-end mb-4">
        <div class="flex-1 basis-48"><x-field name="spot" label="Spot" type="select">
                <option value="">none</option>
                @foreach ($spots as $one)
                    <option value="{{ $one->id }}" @selected($one->id === $spot?->id)>
                        {{ $one->name }}{{ $one->room_m ? ', ' . $one->room_m . ' m' : '' }}</option>
                @endforeach
            </x-field>
        </div>
        <div class="w-28"><x-field name="rows" label="Rows" type="select">
                <option value="">as needed</option>
                @for ($i = 1; $i <= 6; $i++)
                    <option @selected($rows === $i)>{{ $i }}</option>
                @endfor
            </x-field>
        </div>
        <div class="w-36"><x-field name="lenses" label="Lenses, mm" class="figures" :value="implode(', ', $focals)" /></div>
        <div class="w-24"><x-field name="ev" label="EV there" class="figures" :value="$ev" inputmode="decimal" /></div>
        <label class="tick"><input type="checkbox" name="steps" value="1" @checked($steps)> on steps</label>
        <button class="button main">Place them</button>
    </form>
    @if ($drawing)
        <div class="grid gap-4 lg:grid-cols-2 items-start">
            <figure class="slab">
                <svg class="ruler row-plan" viewBox="0 0 640 420" role="img"
                    aria-label="From above: {{ collect($setup->rows->rows)
                            ->map(fn($r, $i) => 'row ' . ($i + 1) . ': ' . collect($r)->pluck('name')->implode(', '))
                            ->implode('; ') }}">
                    @if ($drawing->sharp())
                        <rect class="sharp" x="0" y="{{ $drawing->sharp()->y }}" width="640"
                            height="{{ $drawing->sharp()->height }}" />
                    @endif
                    <line class="focus-line" x1="0" x2="640" y1="{{ $drawing->focusY() }}" y2="{{ $drawing->focusY() }}" />
                    <text x="4" y="{{ $drawing->focusY() - 4 }}" font-size="13">focus {{ round($setup->focus->focusM, 2) }} m</text>
                    @foreach ($drawing->sights() as $line)
                        <line class="sight" x1="{{ $line->toX }}" y1="{{ $line->toY }}" x2="{{ $line->x }}"
                            y2="{{ $line->y }}" />
                    @endforeach
                    @foreach ($drawing->heads() as $head)
                        <circle class="head" cx="{{ $head->x }}" cy="{{ $head->y }}" r="8">
                            <title>{{ $head->name }}</title>
                        </circle>
                    @endforeach
                    @foreach ($drawing->heads() as $head)
                        <text x="{{ $head->x }}" y="{{ $head->labelY }}" font-size="11" text-anchor="middle"
                            class="on-ground">{{ $head->label }}</text>
                    @endforeach
                    <path class="camera" d="M308 416h24v-12h-7l-5-6-5 6h-7z" /><text x="340" y="414" font-size="13">{{ $setup->distanceM }}
                        m before the front row</text>
                </svg>
                <figcaption class="text-sm text-faint">From above: the band is sharp at f/{{ $setup->focus->fNumber ?? '22 not enough' }},
                    the line is the focus; camera {{ $setup->distanceM }} m before the front row, {{ $setup->lens->name() }}.</figcaption>
            </figure>
            <figure class="slab">
                <svg class="ruler row-plan" viewBox="0 0 640 300" role="img" aria-label="From the front">
                    @foreach ($drawing->front() as $face)
                        <g>
                            <rect class="body" x="{{ $face->x - $drawing->headPx() * 2.2 }}"
                                y="{{ $face->y + $drawing->headPx() * 1.6 }}" width="{{ $drawing->headPx() * 4.4 }}"
                                height="{{ max(4, $face->bodyHeight - $drawing->headPx() * 1.6) }}" rx="5" />
                            <circle class="head" cx="{{ $face->x }}" cy="{{ $face->y + $drawing->headPx() }}"
                                r="{{ $drawing->headPx() }}" />
                        </g>
                    @endforeach
                    @foreach ($drawing->front() as $face)
                        <text x="{{ $face->x }}" y="{{ $face->labelY }}" font-size="12" text-anchor="middle"
                            class="on-ground">{{ $face->label }}</text>
                    @endforeach
                </svg>
                <figcaption class="text-sm text-faint">
                    From the front; unknown heights are taken as 172 cm, those of children by their age.
                </figcaption>
            </figure>
        </div>
        <ol class="slab mt-4">
            @foreach (array_reverse($setup->rows->rows) as $row)
                <li class="border-t border-rule py-1"><b>{{ $loop->last ? 'Front row' : 'Row ' . ($loop->remaining + 1) }}</b>, from the
                    left: {{ collect($row)->pluck('name')->implode(', ') }}</li>
            @endforeach
            @foreach ($setup->rows->held as $one)
                <li class="border-t border-rule py-1"><b>{{ $one->name }}</b> is held by {{ $one->heldBy }}</li>
            @endforeach
        </ol>
    @else
        <p class="note bad">{{ $wrong }}</p>
    @endif
    <p class="text-sm text-faint mt-3">Steps and ladders: nobody walks backwards on them, and somebody holds. Flash not close to infants'
        eyes.</p>
</x-page>
