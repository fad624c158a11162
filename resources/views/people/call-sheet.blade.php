<x-sheet :title="'Call sheet · ' . $job->name" :paper="$paper">
    @unless ($isShared)
        <nav class="no-print flex flex-wrap gap-2 mb-4" aria-label="This sheet">
            <a class="button" href="/jobs/{{ $job->id }}/crew">Back</a>
            @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $size => $name)
                <a class="button {{ $paper === $size ? 'main' : '' }}" href="?paper={{ $size }}">{{ $name }}</a>
            @endforeach
        </nav>
    @endunless
    <main>
        <header class="sheet-head">
            <h1>Call sheet</h1>
            <p><b>{{ $job->name }}</b> · {{ $date }} · {{ $job->place->name }}@if ($sunrise || $sunset)
                    · sun {{ $sunrise ?? '–' }} to {{ $sunset ?? '–' }}
                @endif
            </p>
            @if ($record->parking)
                <p><b>Parking and the door:</b> {{ $record->parking }}</p>
            @endif
            <p><b>Nearest hospital:</b> {{ $record->hospital ?: 'not written down: ask before you begin' }}</p>
        </header>
        @foreach ($groups as $group => $members)
            <h2>{{ $group }}</h2>
            <table class="sheet-table">
                <thead>
                    <tr>
                        <th scope="col">Called</th>
                        <th scope="col">Who</th>
                        <th scope="col">What</th>
                        <th scope="col">Contact</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($members->sortBy('from') as $member)
                        <tr>
                            <td class="figures">{{ $member->hours() }}</td>
                            <td><b>{{ $member->shown() }}</b>@if ($member->isMinor())
                                    {{ $member->guardian === null ? '(a minor: no guardian is named)' : 'with ' . $member->guardian }}
                                @endif
                            </td>
                            <td>{{ $member->role }}</td>
                            <td class="figures">{{ $member->contact }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endforeach
        <h2>The day</h2>
        <table class="sheet-table">
            <tbody>
                @foreach ($segments as $segment)
                    @continue(in_array('coordinator', $segment->hidden_from ?? [], true))
                    <tr>
                        <td class="figures">@clock($segment->start_clock)</td>
                        <td><b>{{ $segment->title }}</b>{{ $segment->is_break ? ', a meal' : '' }}</td>
                        <td class="figures">{{ $segment->minutes }} min</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($record->call_note)
            <p>{{ $record->call_note }}</p>
        @endif
        <p><b>Mind:</b> water away from mains and packs; stands weighted, nobody below a boom; lift with your legs, and nobody is thrown; lamps
            stay hot; drinks away from cameras and computers. Flash close to eyes, and flash for people with photosensitive epilepsy: say so
            before. Minors: guardian, breaks, and the hours that local law allows.</p>
    </main>
</x-sheet>
