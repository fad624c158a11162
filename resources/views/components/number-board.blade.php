@props(['board'])
<section {{ $attributes->class(['number-board']) }}>
    <svg viewBox="-4 -4 {{ $board['svg']->size + 8 }} {{ $board['svg']->size + 8 }}" role="img"
        aria-label="Code of board {{ $board['product']->number }}">
        <path d="{{ $board['svg']->path }}" fill="#000" />
    </svg>
    <p><b>{{ $board['product']->number }}</b><span>{{ $board['product']->name }}</span></p>
</section>
