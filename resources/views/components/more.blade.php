{{-- What is folded away until it is asked for. --}}
@props(['title', 'isOpen' => false])
<details {{ $attributes }} @if ($isOpen) open @endif>
    <summary class="cursor-pointer min-h-[44px] flex items-center text-lake font-bold">{{ $title }}</summary>
    {{ $slot }}
</details>
