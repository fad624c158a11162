<x-sheet title="Number boards · {{ $job->name }}">
    <p class="no-print"><a href="/jobs/{{ $job->id }}/boards">Back</a>. Two to a page; show one in the first frame of each product, whole and as
        large as it goes.</p>
    @foreach ($boards as $one)
        <section class="number-board">
            <svg viewBox="-4 -4 {{ $one['svg']['size'] + 8 }} {{ $one['svg']['size'] + 8 }}" role="img"
                aria-label="Code of board {{ $one['product']->number }}">
                <path d="{{ $one['svg']['path'] }}" fill="#000" />
            </svg>
            <p><b>{{ $one['product']->number }}</b><span>{{ $one['product']->name }}</span></p>
        </section>
    @endforeach
</x-sheet>
