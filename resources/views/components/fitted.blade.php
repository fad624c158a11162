@props(['x', 'y', 'width', 'size', 'text', 'parted' => true])
@php $fit = new \NorthSatchel\Drawing\FittedText((string) $text, (float) $width, (float) $size, (bool) $parted); @endphp
{{-- The size stands at the lines: there it goes before what a class of the text says. --}}
<text {{ $attributes }} y="{{ $y }}">
    @foreach ($fit->lines as $line)
        <tspan x="{{ $x }}" y="{{ $y + $fit->dy($loop->index) }}" font-size="{{ $fit->size }}">{{ $line }}</tspan>
    @endforeach
</text>
