<x-sheet title="Board {{ $boards[0]['product']->number }}">
    @foreach ($boards as $one)
        <section class="number-board is-alone">
            <svg viewBox="-4 -4 {{ $one['svg']['size'] + 8 }} {{ $one['svg']['size'] + 8 }}" role="img"
                aria-label="Code of board {{ $one['product']->number }}">
                <path d="{{ $one['svg']['path'] }}" fill="#000" />
            </svg>
            <p><b>{{ $one['product']->number }}</b><span>{{ $one['product']->name }}</span></p>
        </section>
    @endforeach
    <p class="no-print"><a href="/jobs/{{ $job->id }}/boards">All boards</a></p>
</x-sheet>
