<x-page title="Labels for the shelf">
    <p class="no-print mb-3">Print, cut, and put one on each thing; a scan of it ticks the thing on the packing list.</p>
    <ul class="label-sheet">
        @foreach ($labels as $one)
            <li><svg viewBox="-2 -2 {{ $one['svg']->size + 4 }} {{ $one['svg']->size + 4 }}" role="img"
                    aria-label="Code of {{ $one['label'] }}">
                    <path d="{{ $one['svg']->path }}" fill="#000" />
                </svg><span><b>{{ $one['label'] }}</b><br>{{ $one['kind'] }}<br><span class="figures">{{ $one['code'] }}</span></span></li>
        @endforeach
    </ul>
</x-page>
