{{-- A shot of a segment: its time, its words, and the buttons where the segment is open. --}}
@props(['shot', 'day', 'isOpen' => false])
@php $line = $shot->line; @endphp
<div class="flex flex-wrap items-center gap-x-3">
    <span class="figures font-semibold">{{ $shot->at }}</span>
    <span class="priority {{ $line->priority }}">{{ $line->priority }}</span>
    <span>@if ($shot->isDone)<s>{{ $line->what }}</s>@else{{ $line->what }}@endif</span>
    <span class="figures text-faint">{{ implode(' · ', $shot->facts()) }}</span>
    @if ($isOpen)
        <span class="ml-auto flex">
            @foreach (['up' => '↑', 'down' => '↓'] as $way => $arrow)
                @post('/shots/' . $line->id . '/move')
                    <input type="hidden" name="way" value="{{ $way }}">
                    <button class="button quiet small" aria-label="Move {{ $line->what }} {{ $way }}">{{ $arrow }}</button>
                @endpost
            @endforeach
            <x-open class="quiet" :at="'?day=' . $day . '&edit=shot-' . $line->id . '&open=' . $line->segment_id"
                aria-label="Edit {{ $line->what }}">Edit</x-open>
            @post('/shots/' . $line->id, 'delete')
                <button class="button quiet" aria-label="Remove {{ $line->what }}">Remove</button>
            @endpost
        </span>
    @endif
</div>
