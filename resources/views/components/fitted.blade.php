@props(['x', 'y', 'width', 'size', 'text', 'parted' => true])
@php $fit = new \NorthSatchel\Drawing\FittedText((string) $text, (float) $width, (float) $size, (bool) $parted); @endphp
<text {{ $attributes }} y="{{ $y }}" style="font-size: {{ $fit->size }}px">
    @foreach ($fit->lines as $line)
        <tspan x="{{ $x }}" y="{{ $y + $fit->dy($loop->index) }}">{{ $line }}</tspan>
    @endforeach
</text>
