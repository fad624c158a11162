<x-page title="What does a frame pass through?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="station" />
    @if ($station->isThere())
        <figure class="slab mb-4">
            <div class="ruler-scroll" tabindex="0" role="region" aria-label="The station, drawn">
                <svg class="ruler station-plan" viewBox="0 0 {{ 176 * count($station->links) }} {{ $station->beside === [] ? 120 : 222 }}" role="img"
                    aria-label="From the camera to the drives, {{ count($station->links) }} parts">
                    @foreach ($station->links as $i => $link)
                        <g>
                            <title>{{ $link->label() }}: {{ $link->spareSays() }}</title>
                            @unless ($loop->first)
                                <line class="{{ $link->role === 'second drive' ? 'wire by-hand' : 'wire' }}" x1="{{ 176 * $i - 14 }}"
                                    x2="{{ 176 * $i + 2 }}" y1="52" y2="52" />
                            @endunless
                            <rect class="{{ $link->gear === null ? 'part is-missing' : ($link->isSlowest ? 'part is-slow' : 'part') }}"
                                x="{{ 176 * $i + 2 }}" y="12" width="160" height="84" rx="6" />
                            <text x="{{ 176 * $i + 14 }}" y="32" font-size="13" class="role">{{ $link->role }}</text>
                            <x-fitted :x="176 * $i + 14" y="53" width="142" size="16" font-weight="700" :text="$link->label()" />
                            <text x="{{ 176 * $i + 14 }}" y="72" font-size="14">{{ $link->rateMbS === null ? '' : round($link->rateMbS) . ' MB/s' }}{{
                                $link->isSlowest ? ', the slowest' : '' }}</text>
                            <text x="{{ 176 * $i + 14 }}" y="89" font-size="14">{{ $link->spareSays() }}</text>
                        </g>
                    @endforeach
                    @foreach ($station->beside as $link)
                        @php $i = $station->under($link); @endphp
                        <g>
                            <title>{{ $link->label() }}: {{ $link->spareSays() }}</title>
                            <line class="wire by-hand" x1="{{ 176 * $i + 82 }}" x2="{{ 176 * $i + 82 }}" y1="98" y2="132" />
                            <rect class="part" x="{{ 176 * $i + 2 }}" y="134" width="160" height="68" rx="6" />
                            <text x="{{ 176 * $i + 14 }}" y="154" font-size="13" class="role">{{ $link->role }}</text>
                            <x-fitted :x="176 * $i + 14" y="175" width="142" size="16" font-weight="700" :text="$link->label()" />
                            <text x="{{ 176 * $i + 14 }}" y="193" font-size="14">{{ $link->spareSays() }}</text>
                        </g>
                    @endforeach
                </svg>
            </div>
            <figcaption class="figures">{{ $station->paceSays() }}</figcaption>
        </figure>
    @else
        <p class="mb-3">No wire and no computer is on the kit list of this job.</p>
    @endif
    <section class="slab">
        <h2 class="mb-1">From the desk, and not from the desk</h2>
        <p>The operator can fire, set shutter, stop, ISO and white balance, and look at focus and light at 100 %. Not from there: turn a focus or
            zoom ring of a lens that is turned by hand, level or shift, switch the wheel of a body to manual, change a cell or a card.</p>
        <p class="mt-2">Straight from the camera into the computer, no hub; a cable lock on the camera; a test frame through the whole chain, and
            a card in the camera, before people come. Drinks stand away from it. <a href="/jobs/{{ $job->id }}/session">The session folder</a>.</p>
    </section>
</x-page>
