@props(['answers'])
{{-- Places that were marked on a picture, as shares of it --}}
<svg class="pick-over" aria-hidden="true">
    @foreach ($answers as $answer)
        @if ($answer->markX !== null)
            <circle class="pick-ring" cx="{{ round(100 * $answer->markX, 2) }}%" cy="{{ round(100 * $answer->markY, 2) }}%" r="11">
                <title>{{ $answer->words }}</title>
            </circle>
        @endif
    @endforeach
</svg>
