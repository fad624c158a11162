<x-sheet :title="'Permit of ' . $card->item->label">
    <nav class="no-print mb-4 flex flex-wrap gap-2"><a class="button" href="/jobs/{{ $job->id }}/cards#card-{{ $card->id }}">Back to
            the cards</a>
        @if ($isKept)
            <a class="button" href="/jobs/{{ $job->id }}/cards/{{ $card->id }}/permit?fill={{ $fill }}&as=file">As a file</a>
        @endif
    </nav>
    <main>
        <header class="sheet-head">
            <h1>May {{ $card->item->label }} be formatted?</h1>
            <p><b>{{ $paper['granted'] ? 'Yes.' : 'No.' }}</b> {{ $paper['because'] }}</p>
            @if ($void)
                <p class="wrong" role="alert"><b>This permit is void now.</b> It was given {{ $given }}, asked by
                    {{ $givenTo }}; the file holds it as it was.</p>
            @endif
            <p>{{ $paper['granted'] ? 'Permit given' : 'As things stand' }} {{ $at }}{{
                    $paper['who'] ? ', asked by '.$paper['who'] : '' }} · fill {{ $fill }} · rule: {{ $paper['rule']['copies'] }}
                media{{ $paper['rule']['elsewhere'] ? ', one of them elsewhere' : '' }}, a drive that is away counts for
                {{ $paper['rule']['away_days'] }} days{{ $paper['rule']['looks_first'] ? ', looked at 1:1 first' : '' }}</p>
        </header>
        <svg class="permit-drawing" viewBox="0 0 {{ \NorthSatchel\Cards\Permit\PermitDrawing::WIDTH }} {{ $drawing->height }}"
            role="img" aria-label="{{ $drawing->inWords }}">
            @foreach ($drawing->lines as $line)
                <line x1="{{ $line->x1 }}" y1="{{ $line->y1 }}" x2="{{ $line->x2 }}" y2="{{ $line->y2 }}"
                    class="{{ $line->isWhole() ? 'whole' : 'broken' }}" />
                <circle cx="{{ $line->x2 }}" cy="{{ $line->y2 }}" r="7" class="{{ $line->isWhole() ? 'whole' : 'broken' }}" />
                @php [$dx, $x] = [$line->anchor === 'end' ? -14 : 14, $line->x2 + ($line->anchor === 'end' ? -14 : 14)]; @endphp
                <x-fitted :x="$x" :y="$line->y2 - 6" width="158" size="17" :text-anchor="$line->anchor" class="name" :text="$line->place" />
                <text x="{{ $x }}" y="{{ $line->y2 + 12 }}"
                    text-anchor="{{ $line->anchor }}">{{ $line->isWhole() ? 'all ' . $line->of : $line->files . ' of ' . $line->of }}
                    files</text>
                @if (!$line->isWhole())
                    <x-fitted :x="$x" :y="$line->y2 + 30" width="158" size="15" :text-anchor="$line->anchor" class="missing" :text="'not ' .
                        $line->missing[0] . ($line->of - $line->files > 1 ? ' +' . ($line->of - $line->files - 1) : '')" />
                @endif
            @endforeach
            <rect x="192" y="{{ $drawing->height / 2 - 34 }}" width="96" height="68" rx="6" class="card" />
            <text x="240" y="{{ $drawing->height / 2 + 8 }}" text-anchor="middle" class="label">{{ $card->item->label }}</text>
        </svg>
        <table class="sheet-table mt-3">
            <thead>
                <tr>
                    <th scope="col">Place and medium</th>
                    <th scope="col">Bag, and when it was read back</th>
                </tr>
            </thead>
            <tbody>
                @forelse ($paper['bags'] as $index => $bag)
                    <tr>
                        <td><b>{{ $index + 1 }}.
                                {{ $bag['place'] }}</b>{{ $bag['elsewhere'] ? ', elsewhere' : '' }}<br>{{ $bag['medium'] }}{{
                                    $bag['said'] ? ', as its owner says' : '' }}
                        </td>
                        <td><span
                                class="break-all">{{ $bag['bag'] }}</span><br>{{ $bag['read_at']
                                        ? (new DateTimeImmutable($bag['read_at']))->setTimezone($zone)->format('j M Y H:i:s')
                                        : 'now' }}
                        </td>
                </tr>@empty<tr>
                        <td colspan="2">No bag that counts holds anything of it.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
        <details class="mt-3" open>
            <summary class="font-bold min-h-11">Every file, and where its content lies</summary>
            <table class="sheet-table">
                <thead>
                    <tr>
                        <th scope="col">File</th>
                        <th scope="col">In</th>
                        <th scope="col">{{ $paper['hash'] }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach (array_slice($paper['files'], 0, 4000) as $file)
                        <tr>
                            <td class="break-all">{{ $file['name'] }}@if (!empty($file['healed']))
                                    <i>healed from the twin</i>
                                    @endif @if (!empty($file['given_up']))
                                        <i>given up in writing</i>
                                        @endif @if (!empty($file['why']))
                                            <b>{{ $file['why'] }}</b>
                                        @endif
                            </td>
                            <td class="figures">{{ implode(', ', array_map(fn($i) => $i + 1, $file['on'])) ?: '–' }}</td>
                            <td class="hash">{{ $file['hash'] ?? 'not read' }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </details>
        @if ($paper['found_bad'] || $paper['found_bad_words'])
            <p class="mt-3">Looked at 1:1 and found not as wanted: {{ implode(', ', $paper['found_bad']) ?: 'no frame named' }}.
                “{{ $paper['found_bad_words'] }}”</p>
        @endif
        <p class="mt-3">The same can be asked on any machine, with no database: <span class="figures">./satchel permit CARD BAG BAG
                --json</span>.</p>
    </main>
</x-sheet>
