<x-sheet title="Number boards · {{ $job->name }}">
    <p class="no-print"><a href="/jobs/{{ $job->id }}/boards">Back</a>. Two to a page; show one in the first frame of each product, whole and as
        large as it goes.</p>
    @foreach ($boards as $one)
        <x-number-board :board="$one" />
    @endforeach
</x-sheet>
