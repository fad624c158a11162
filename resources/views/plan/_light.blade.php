{{-- From above or from the side, to scale --}}
<svg class="light-plan" viewBox="0 0 480 360" role="img"
    aria-label="{{ $isAbove ? 'From above' : 'From the side' }}: {{ $light->setup }}">
    @if (!$isAbove)
        <line class="floor" x1="20" x2="460" y1="{{ $drawing->floorY }}" y2="{{ $drawing->floorY }}" />
    @endif
    <line class="measure" x1="20" x2="{{ 20 + $drawing->scale }}" y1="350" y2="350" />
    <text x="20" y="344" font-size="12">1 m</text>
    @foreach ($isAbove ? $drawing->above : $drawing->side as $one)
        @php $kind = $one->piece->kind->value; @endphp
        <g class="{{ $one->isSecond ? 'is-second' : '' }}">
            <title>{{ $one->piece->name }}</title>
            @if ($kind === 'light' || $kind === 'card')
                <line class="way" x1="{{ $one->x }}" y1="{{ $one->y }}" x2="{{ $one->toX }}" y2="{{ $one->toY }}" />
            @endif
            <g transform="translate({{ round($one->x, 1) }} {{ round($one->y, 1) }}) rotate({{ round($one->turnDeg, 1) }})">
                @if ($kind === 'camera')
                    <rect class="piece camera" x="-11" y="-8" width="18" height="16" rx="2" />
                    <rect class="piece camera" x="7" y="-5" width="7" height="10" />
                @elseif ($kind === 'light')
                    <path class="piece light"
                        d="M 0 {{ -$one->size / 2 }} L 0 {{ $one->size / 2 }} L -9 {{ $one->size / 4 }} L -9 {{ -$one->size / 4 }} Z" />
                @else
                    <rect class="piece {{ $kind }}" x="-2.5" y="{{ -max(14, $one->size) / 2 }}" width="5"
                        height="{{ max(14, $one->size) }}" />
                @endif
            </g>
        </g>
    @endforeach
    @foreach ($drawing->names($isAbove) as $name)
        <text x="{{ round($name->x, 1) }}" y="{{ round($name->y, 1) }}" font-size="13" text-anchor="middle">{{ $name->label }}</text>
    @endforeach
    @if ($isAbove)
        <circle class="subject" cx="240" cy="{{ $drawing->subjectY }}" r="8" />
    @else
        <line class="subject" x1="{{ $drawing->subjectX }}" x2="{{ $drawing->subjectX }}" y1="{{ $drawing->floorY }}"
            y2="{{ $drawing->floorY - $light->subjectHeightM() * $drawing->scale }}" />
    @endif
</svg>
