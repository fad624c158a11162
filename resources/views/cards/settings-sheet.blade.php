<x-sheet :title="'Settings · ' . $job->name" :paper="$paper">
    <nav class="no-print flex flex-wrap gap-2 mb-4" aria-label="This sheet"><a class="button" href="/jobs/{{ $job->id }}/tests">Back to the
            tests</a>
        @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $size => $name)
            <a class="button {{ $paper === $size ? 'main' : '' }}" href="?paper={{ $size }}">{{ $name }}</a>
        @endforeach
    </nav>
    <main>
        <header class="sheet-head">
            <h1>What should the dials show?</h1>
            <p><b>{{ $job->name }}</b> · {{ $job->place->name }} · {{ $sheet->says() }}</p>
        </header>
        <div class="overflow-x-auto mb-4" tabindex="0" role="region" aria-label="The bodies">
            <table class="sheet-table">
                <thead>
                    <tr>
                        <th scope="col">Body</th>
                        <th scope="col">With</th>
                        <th scope="col">Written to</th>
                        <th scope="col">Cards</th>
                        <th scope="col">Cells</th>
                        <th scope="col">Flash sync</th>
                        <th scope="col">Set, clock to the second</th>
                    </tr>
                </thead>
                <tbody>
                    @forelse ($bodies as $one)
                        <tr>
                            <td><b>{{ $one->gear->label }}</b></td>
                            <td>{{ $one->lane }}</td>
                            <td>{{ $one->mode }}</td>
                            <td>{{ $one->gear->text('card_type') ?: '–' }}</td>
                            <td>{{ $one->gear->text('cell_type') ?: '–' }}</td>
                            <td class="figures">
                                {{ $one->gear->number('sync_denominator')
                                        ? '1/' . $one->gear->number('sync_denominator') . ' s'
                                        : '–' }}
                            </td>
                            <td><span class="box" aria-hidden="true"></span></td>
                    </tr>@empty<tr>
                            <td colspan="7">No body is on the packing list yet.</td>
                        </tr>
                    @endforelse
                </tbody>
            </table>
        </div>
        <div class="overflow-x-auto" tabindex="0" role="region" aria-label="The day">
            <table class="sheet-table">
                <thead>
                    <tr>
                        <th scope="col">From</th>
                        <th scope="col">What</th>
                        <th scope="col">Who</th>
                        <th scope="col">Light, EV</th>
                        <th scope="col">Start with</th>
                        <th scope="col">Mind</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($dials as $one)
                        <tr>
                            <td class="figures">{{ $one->stretch->clock }}</td>
                            <td><b>{{ $one->stretch->title }}</b></td>
                            <td>{{ implode(' and ', $one->stretch->lanes) }}</td>
                            <td class="figures">{{ $one->stretch->ev100 === null ? '–' : round($one->stretch->ev100, 1) }}</td>
                            <td class="figures">{{ $one->says() }}</td>
                            <td>{{ ucfirst((string) $one->why) }}{{ $one->minds ? ". {$one->minds}" : "" }}
                                @foreach ($one->shots as $shot)
                                    <p class="mt-1"><b>{{ $shot->what }}</b>: {{ $shot->says }}.</p>
                                @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="mt-2">Places to start, from the forecast of the light; the meter decides. A body that hangs unused is the one whose dial
            has turned.</p>
    </main>
</x-sheet>
