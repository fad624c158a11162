<x-sheet :title="'Ticket ' . $ticket->id . ' · ' . $ticket->destination->name">
    <nav class="no-print mb-4"><a class="button" href="{{ $back }}">Back to the copies</a></nav>
    <main>
        <header class="sheet-head">
            <h1>Who has the drive, and what is on it?</h1>
            <p><b>{{ $ticket->destination->name }}</b> · ticket <span class="figures">{{ $ticket->id }}</span> · to
                <b>{{ $ticket->who }}</b>{{ $ticket->why ? ', ' . $ticket->why : '' }} · gone <span
                    class="figures">{{ $ticket->gone_at->format('j M Y H:i') }} UTC</span> · due back <span
                    class="figures">{{ $ticket->due_on }}</span>{{
                        $ticket->back_at ? ' · came back ' . $ticket->back_at->format('j M Y H:i') . ' UTC' : '' }}
            </p>
        </header>
        <table class="sheet-table">
            <thead>
                <tr>
                    <th scope="col">Bag, and the SHA-256 of its list</th>
                    <th scope="col">Card</th>
                    <th scope="col">Files</th>
                    <th scope="col">MB</th>
                </tr>
            </thead>
            <tbody>
                @forelse ($ticket->contents as $one)
                    <tr>
                        <td class="w-full"><b class="break-all">{{ $one['bag'] }}</b> {{ $one['job'] }}<br><span
                                class="break-all text-sm">{{ $one['manifest'] ?? 'the drive was not at hand' }}</span></td>
                        <td>{{ $one['label'] }}</td>
                        <td class="figures">{{ $one['files'] }}</td>
                        <td class="figures">{{ number_format($one['bytes'] / 1e6, 1) }}</td>
                </tr>@empty<tr>
                        <td colspan="4">Nothing lies verified on it.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
        <p class="mt-3">Checked on any machine: <span class="figures">sha256sum</span> of the list of a bag gives the hash above, and
            <span class="figures">sha256sum -c</span> (or <span class="figures">b2sum -c</span>) with that list, from the bag's folder,
            checks every file.</p>
        <p class="mt-8">Handed over ______________________________ &emsp; Received ______________________________</p>
    </main>
</x-sheet>
