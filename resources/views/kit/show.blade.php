<x-page title="Does the bag carry the plan?" :job="$job" phase="kit" :verdicts="$verdicts">
    @php $bars = $reach->bars(); $height = 54 + count($bars) * 26; @endphp
    <figure class="mb-4">
        <div class="ruler-scroll" tabindex="0" role="region" aria-label="Reach, drawn">
        <svg class="ruler" viewBox="-4 0 1008 {{ $height }}" role="img" aria-label="What the lenses in the bag reach: {{ implode('; ', array_map(fn ($b) => $b['label'].' ('.$b['lane'].')', $bars)) }}">
            @foreach ($reach->scale() as $tick)<line class="hour" x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}" y1="20" y2="{{ $height }}"/><text x="{{ $tick['x'] }}" y="15" font-size="14" text-anchor="middle">{{ $tick['label'] }}</text>@endforeach
            @foreach ($bars as $bar)
                @php $y = 46 + $loop->index * 26; @endphp
                <rect x="{{ $bar['x'] }}" y="{{ $y }}" width="{{ $bar['width'] }}" height="14" rx="3" fill="{{ $bar['lane'] === 'lead' ? 'var(--moss)' : 'var(--lake)' }}"/>
                <text x="{{ $bar['x'] > 700 ? $bar['x'] - 6 : $bar['x'] + $bar['width'] + 6 }}" y="{{ $y + 12 }}" font-size="14" text-anchor="{{ $bar['x'] > 700 ? 'end' : 'start' }}">{{ $bar['label'] }} · {{ $bar['lane'] }}</text>
            @endforeach
            @foreach ($reach->ticks() as $tick)
                <g transform="translate({{ $tick['x'] }} 24)"><title>{{ $tick['label'] }}{{ $tick['isCovered'] ? '' : ': not in the bag' }}</title>
                    @if ($tick['isCovered'])<path d="M0 14l-6-12h12z" fill="var(--canvas)"/>@else<path d="M-6 2l12 12M6 2l-12 12" stroke="var(--signal)" stroke-width="3"/>@endif
                </g>
            @endforeach
        </svg>
        </div>
        <figcaption class="text-sm text-faint">Focal length in mm; a bar for each lens, a wedge for each shot that names a focal length, a cross where no lens of that photographer reaches it.</figcaption>
    </figure>
    <div class="grid gap-4 lg:grid-cols-2">
        @foreach ($list as $lane => $entries)
            <section class="slab">
                <h2 class="mb-1">{{ ucfirst($lane) }} photographer <span class="figures text-faint">{{ count(array_filter($entries, fn ($e) => $e['isPacked'])) }} of {{ count($entries) }} packed</span></h2>
                <ul>
                    @foreach ($entries as $row)
                        @php $item = $row['entry']->item; @endphp
                        <li class="flex items-center border-t border-rule" data-tapped>
                            <form method="post" action="/events" class="flex-1" data-tap="{{ $row['isPacked'] ? 'unpack' : 'pack' }}" data-on="{{ json_encode(['job' => $job->id, 'item' => $item->id]) }}">
                                @csrf<input type="hidden" name="kind" value="{{ $row['isPacked'] ? 'unpack' : 'pack' }}"><input type="hidden" name="job" value="{{ $job->id }}"><input type="hidden" name="item" value="{{ $item->id }}">
                                <button class="tick w-full text-left" aria-pressed="{{ $row['isPacked'] ? 'true' : 'false' }}">
                                    <svg class="w-6 h-6 shrink-0" viewBox="0 0 24 24" aria-hidden="true"><rect x="2" y="2" width="20" height="20" rx="3" fill="var(--leaf)" stroke="var(--ink)" stroke-width="2"/>@if ($row['isPacked'])<path d="M5 13l5 5L20 6" fill="none" stroke="var(--moss)" stroke-width="4"/>@endif</svg>
                                    <b>{{ $item->label }}</b> <span class="text-faint text-sm">{{ $item->kind }}{{ $item->card ? ' · '.$item->card->capacity_gb.' GB' : '' }}{{ $item->cell_type && $item->kind === 'cell' ? ' · '.$item->cell_type : '' }}</span>
                                    <span class="visually-hidden">{{ $row['isPacked'] ? 'packed' : 'not packed yet' }}</span>
                                </button>
                            </form>
                            @post('/jobs/'.$job->id.'/packing/'.$item->id, 'delete') <button class="button quiet small" aria-label="Take {{ $item->label }} off the list">✕</button> @endpost
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
    <section class="slab mt-4">
        <h2 class="mb-2">From the shelf</h2>
        @if ($atHand->isEmpty())
            <p class="text-faint">Everything on the shelf is on the list. <a href="/shelf">Add to the shelf.</a></p>
        @else
            <x-form :action="'/jobs/'.$job->id.'/packing'" class="grid gap-3 sm:grid-cols-[2fr_1fr_auto] items-end">
                <x-field name="item" label="Item" type="select" data-key="n">@foreach ($atHand as $item)<option value="{{ $item->id }}">{{ $item->kind }} · {{ $item->label }}</option>@endforeach</x-field>
                <x-field name="lane" label="Carried by" type="select"><option>lead</option><option>second</option></x-field>
                <button class="button">Put it on the list</button>
            </x-form>
        @endif
    </section>
    <p class="text-sm text-faint mt-4">Spare lithium cells fly in hand luggage only; a damaged cell is neither charged nor flown. The airline decides.</p>
</x-page>
