@props(['card' => null, 'life' => null, 'stands' => ''])
{{-- A ready card lies face up, a shot one face down, striped, with its corner cut on the other side. --}}
<svg class="mem" viewBox="0 0 176 112" role="img" aria-label="{{ $card ? $card->item->label . ', ' . $stands : 'empty slot' }}">
    @if ($card === null)
        <rect class="empty" x="3" y="3" width="170" height="106" rx="8" /><text x="88" y="62" font-size="18"
            text-anchor="middle">empty</text>
    @elseif ($life->state->isFaceUp())
        <path class="face" d="M10 3h134l29 26v74a6 6 0 0 1-6 6H10a6 6 0 0 1-6-6V9a6 6 0 0 1 6-6z" />
        <text x="16" y="46" font-size="32">{{ $card->item->label }}</text>
        <text x="16" y="72" font-size="19">{{ $card->capacity_gb }} GB</text>
        <text x="16" y="97" font-size="18">{{ $stands }}</text>
    @else
        <path class="back" d="M32 3h134a6 6 0 0 1 6 6v94a6 6 0 0 1-6 6H10a6 6 0 0 1-6-6V29z" />
        @for ($i = 0; $i < 7; $i++)
            <path class="stripe" d="M{{ 16 + $i * 24 }} 12v20" />
        @endfor
        <text class="on-back" x="16" y="68" font-size="28">{{ $card->item->label }}</text>
        <text class="on-back" x="16" y="95" font-size="18">{{ $stands }}</text>
    @endif
</svg>
