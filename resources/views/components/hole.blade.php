@props(['ready', 'safe'])
<svg class="strap-hole" viewBox="0 0 22 22" aria-hidden="true">
    <circle cx="11" cy="11" r="9" fill="var(--hole)" stroke="currentColor" stroke-width="1.6" />
    @if ($ready)
        <path d="M11 4a7 7 0 0 0 0 14z" fill="currentColor" />
    @endif
    @if ($safe)
        <path d="M11 4a7 7 0 0 1 0 14z" fill="currentColor" />
    @endif
</svg>
