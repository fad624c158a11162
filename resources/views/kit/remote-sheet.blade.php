<x-sheet :title="'Camera alone · ' . $job->name" :paper="$paper">
    <nav class="no-print flex flex-wrap gap-2 mb-4" aria-label="This sheet"><a class="button"
            href="/jobs/{{ $job->id }}/light?{{ $back }}">Back</a>
        @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $size => $name)
            <a class="button {{ $paper === $size ? 'main' : '' }}" href="?{{ $back }}&amp;paper={{ $size }}">{{ $name }}</a>
        @endforeach
    </nav>
    <main>
        <header class="sheet-head">
            <h1>{{ $where === '' ? 'The camera that stands alone' : $where }}</h1>
            <p><b>{{ $job->name }}</b> · {{ $segment->title }} · {{ $segment->clock }}</p>
        </header>
        @if ($open !== [])
            <p class="mb-3"><b>Still to mend:</b> {{ implode(' ', $open) }}</p>
        @endif
        <table class="sheet-table">
            <thead>
                <tr>
                    <th scope="col">At</th>
                    <th scope="col">What</th>
                    <th scope="col">Done</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($steps as $step)
                    <tr>
                        <td class="figures">{{ $step->clock }}</td>
                        <td>{{ $step->what }}</td>
                        <td><span class="box" aria-hidden="true"></span></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </main>
</x-sheet>
