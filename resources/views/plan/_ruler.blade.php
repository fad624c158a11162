@php
    $slips = $ruler->slips();
    $links = $ruler->links();
    $caption ??= true;
    $slipHeight = $ruler->slipHeight();
    $laneHeight = $slipHeight + 18;
    $top = 30;
    $skyHeight = $top + count($slips) * $laneHeight + 8;
    $height = $skyHeight + 24;
@endphp
<figure class="mb-4">
    <div class="ruler-scroll" tabindex="0" role="region" aria-label="The day, drawn">
        <svg class="ruler" viewBox="0 0 1000 {{ $height }}" role="group" aria-label="The day: {{ $rulerText }}">
            <g>
                @foreach ($ruler->sky() as $band)
                    <rect class="{{ $band->sky }}" x="{{ $band->x }}" y="0" width="{{ $band->width }}"
                        height="{{ $skyHeight }}" />
                @endforeach
            </g>
            @foreach ($ruler->hours() as $hour)
                <line class="hour" x1="{{ $hour->x }}" x2="{{ $hour->x }}" y1="{{ $top - 4 }}" y2="{{ $skyHeight }}" />
                <text x="{{ $hour->x }}" y="{{ $height - 6 }}" font-size="15" text-anchor="middle">{{ $hour->label }}</text>
            @endforeach
            @foreach ($ruler->marks() as $mark)
                <line class="mark-line" x1="{{ $mark->x }}" x2="{{ $mark->x }}" y1="4" y2="{{ $skyHeight }}" />
                <g transform="translate({{ $mark->labelX }} 0)">
                    <rect x="-44" y="3" width="88" height="20" rx="3" fill="var(--paper)" /><text y="18" font-size="14"
                        text-anchor="middle">{{ $mark->label }} {{ $mark->time }}</text>
                </g>
            @endforeach
            @foreach ($slips as $lane => $row)
                @php $y = $top + $loop->index * $laneHeight; @endphp
                @foreach ($links[$lane] ?? [] as $link)
                    <g transform="translate(0 {{ $y + 14 + $slipHeight / 2 }})">
                        <title>{{ $link->label }}</title>
                        @if ($link->cord > 0)
                            <path class="cord" d="M{{ $link->x }} 0q{{ $link->cord / 2 }} 9 {{ $link->cord }} 0" />
                        @endif
                        @if (! $link->isKnown)
                            <text x="{{ $link->springX + 4 }}" y="5" font-size="16">?</text>
                        @elseif ($link->spring !== '')
                            <path class="spring" d="{{ $link->spring }}" />
                        @elseif ($link->slack <= 0)
                            <rect class="solid" x="{{ $link->springX - 2 }}" y="-9" width="5" height="18" />
                        @endif
                    </g>
                @endforeach
                @foreach ($row as $slip)
                    <a href="{{ $linkTo ?? '' }}#segment-{{ $slip->id }}" aria-label="{{ $slip->time }} {{ $slip->title }}">
                        <svg x="{{ $slip->x }}" y="{{ $y + 14 + $slip->y }}" width="{{ $slip->width }}"
                            height="{{ $slip->height }}" @class(['slip', 'outdoor' => $slip->isOutdoor])>
                            <title>{{ $slip->time }} {{ $slip->title }},
                                {{ $slip->priority }}{{ $slip->isAnchor ? ', does not move' : '' }}</title>
                            <rect x="1" y="1" width="{{ max(2, $slip->width - 2) }}" height="{{ $slip->height - 2 }}"
                                rx="2" />
                            <rect class="edge-{{ $slip->priority }}" x="1" y="1" width="{{ max(2, $slip->width - 2) }}"
                                height="5" />
                            @if ($slip->text && !$slip->isUpright)
                                <text class="when" x="6" y="20">{{ $slip->time }}</text>
                                <text>
                                    @foreach ($slip->text->lines as $line)
                                        <tspan x="6" y="{{ 21 + $slip->text->size + $slip->text->dy($loop->index) }}"
                                            font-size="{{ $slip->text->size }}">{{ $line }}</tspan>
                                    @endforeach
                                </text>
                            @elseif ($slip->text)
                                <text transform="translate({{ $slip->width / 2 }} {{ $slip->height - 5 }}) rotate(-90)">
                                    @foreach ($slip->text->lines as $line)
                                        <tspan x="0" y="{{ $slip->text->fromMiddle($loop->index) }}"
                                            font-size="{{ $slip->text->size }}">{{ $line }}</tspan>
                                    @endforeach
                                </text>
                            @endif
                        </svg>
                        @if ($slip->isAnchor)
                            <circle class="nail" cx="{{ $slip->x + $slip->width / 2 }}" cy="{{ $y + 14 + $slip->y }}" r="5" />
                        @endif
                    </a>
                @endforeach
                <text x="6" y="{{ $y + 11 }}" font-size="14" paint-order="stroke" stroke="var(--paper)"
                    stroke-width="3">{{ ucfirst($lane) }}</text>
            @endforeach
        </svg>
    </div>
    @if ($caption)
        <figcaption class="text-sm text-faint mt-1">Slips are segments, a blue edge is outdoors, a nail does not move. The cord is the way,
            the spring the slack; a solid stop means none is left, a ? that nobody knows the way.</figcaption>
    @endif
</figure>
