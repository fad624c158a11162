@props(['severity'])
{{-- Each severity has a shape of its own: octagon, wedge, ring, tick. --}}
<svg class="mark" viewBox="0 0 20 20" aria-hidden="true">
    @switch($severity->value)
        @case('stop')
            <path d="M6 1h8l5 5v8l-5 5H6l-5-5V6z" fill="currentColor" />
            <path d="M6 10h8" stroke="var(--leaf)" stroke-width="3" />
        @break

        @case('fix')
            <path d="M10 1l9 17H1z" fill="currentColor" />
            <path d="M10 7v5M10 14v2" stroke="var(--leaf)" stroke-width="2.4" />
        @break

        @case('mind')
            <circle cx="10" cy="10" r="8" fill="none" stroke="currentColor" stroke-width="2.6" />
            <circle cx="10" cy="10" r="2.6" fill="currentColor" />
        @break

        @default
            <path d="M2 11l5 5L18 4" fill="none" stroke="currentColor" stroke-width="3.2" />
    @endswitch
</svg>
