<x-sheet title="Board {{ $boards[0]['product']->number }}">
    @foreach ($boards as $one)
        <x-number-board :board="$one" class="is-alone" />
    @endforeach
    <p class="no-print"><a href="/jobs/{{ $job->id }}/boards">All boards</a></p>
</x-sheet>
