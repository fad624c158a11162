<x-page title="Which must is without a frame?" :job="$job" phase="day" :verdicts="$verdicts">
    <p class="mb-3 flex flex-wrap gap-2"><a class="button main" href="/jobs/{{ $job->id }}/day/frames?read=1">Read the cards in the bodies</a>
        <a class="button" href="/jobs/{{ $job->id }}/day">The day itself</a></p>
    @if ($read === null)
        <p class="text-faint">At a break: put the cards into the reader, one body after the other, and back. They are opened for reading
            only, and nothing of them is kept here.</p>
    @else
        @foreach ($read->problems as $problem)
            <p class="note bad mb-2" role="alert">{{ $problem }}</p>
        @endforeach
        <p class="mb-3 text-faint">
            {{ $read->cards === [] ? 'No card is in a body: tap them in under Cards first.' : implode(' · ', $read->cards) }}</p>
        <section class="slab overflow-x-auto" tabindex="0" role="region" aria-label="Frames by segment">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Segment</th>
                        <th scope="col">Frames</th>
                        <th scope="col">Bodies</th>
                        <th scope="col">Wide to tight</th>
                        <th scope="col">Shots</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($read->segments as $segment)
                        <tr>
                            <th scope="row">{{ $segment->title }}{{ $segment->isOver ? '' : ', not over' }}</th>
                            <td class="figures">{{ $read->match->bySegment[$segment->id] ?? 0 }}</td>
                            <td>{{ implode(', ', $read->match->bodies[$segment->id] ?? []) }}</td>
                            <td class="figures">{{ $read->match->sizes($segment->id) }}</td>
                            <td>
                                @foreach ($segment->shots as $shot)
                                    <span class="block">{{ $shot->what }}{{ $shot->isMust ? ', must' : '' }}:
                                        {{ $shot->tickedAt === null ? 'no tick' : $read->match->framesOf($shot) . ' frames' }}</span>
                                @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
        <p class="text-sm text-faint mt-2">To segments by time, with the clocks set right as far as they are known, and by whose body it is; to
            shots by their ticks: from five minutes before to half a minute after.</p>
    @endif
</x-page>
