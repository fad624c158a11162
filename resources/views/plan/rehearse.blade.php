<x-page title="How likely is the day to hold?" :job="$job" phase="plan" :verdicts="$verdicts">
    @if ($days > 1)
        <nav class="flex flex-wrap gap-2 mb-2" aria-label="Days">
            @for ($n = 0; $n < $days; $n++)
                <a class="button {{ $n === $day ? 'main' : '' }}" href="?day={{ $n }}">Day {{ $n + 1 }}</a>
            @endfor
        </nav>
    @endif
    <nav class="flex flex-wrap gap-2 mb-3" aria-label="Photographers">
        @foreach ($lanes as $one)
            <a class="button {{ $one === $lane ? 'main' : '' }}"
                href="?day={{ $day }}&amp;lane={{ urlencode($one) }}">{{ ucfirst($one) }}</a>
        @endforeach
    </nav>
    @if ($rows === [])
        <p>Nothing is planned yet. <a href="/jobs/{{ $job->id }}/plan">Plan the day first.</a></p>
    @else
        @if ($buffer)
            <div class="note mb-3" role="status">One buffer helps most: start {{ $buffer->segment->title }}
                {{ NorthSatchel\Time\Span::later(-$buffer->minutes) }}, and {{ $buffer->anchor->title }} is reached on time in
                {{ round($buffer->after * 100) }} of 100 days instead of {{ round($buffer->before * 100) }}.
                @post('/segments/' . $buffer->segment->id . '/shift')
                    <input type="hidden" name="say" value="1">
                    <input type="hidden" name="minutes" value="-{{ $buffer->minutes }}"><button class="button">Start it
                        {{ NorthSatchel\Time\Span::later(-$buffer->minutes) }}</button>
                @endpost
            </div>
        @endif
        <div class="overflow-x-auto slab" tabindex="0" role="region" aria-label="The rehearsed day">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Segment</th>
                        <th scope="col">Half of the days by</th>
                        <th scope="col">nine of ten by</th>
                        <th scope="col">On time</th>
                        <th scope="col">If it never overran</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($rows as $row)
                        <tr>
                            <th scope="row">{{ $row->segment->title }}@if ($row->segment->isAnchor)
                                    <span class="text-sm text-faint font-normal">does not move</span>
                                @endif
                            </th>
                            <td class="figures">{{ $row->p50 }}</td>
                            <td class="figures">{{ $row->p90 }} <span
                                    class="text-faint">{{ $row->late > 0 ? '+' . $row->late . ' min' : '' }}</span></td>
                            <td class="figures"><b
                                    class="{{ $row->onTime >= 0.9
                                                ? 'text-moss'
                                                : ($row->segment->isAnchor
                                                    ? 'text-signal'
                                                    : 'text-amber') }}">{{ round($row->onTime * 100) }}
                                    %</b></td>
                            <td>{{ $row->if ? $row->if->says() : 'no anchor comes after it' }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="text-faint text-sm mt-2">3000 simulated days. A segment starts as planned, or when late at once; where you have not said
            how long it may turn out, four fifths to one and a half times its length are taken. A slow day is slow throughout (rank
            correlation 0.3).</p>
    @endif
</x-page>
