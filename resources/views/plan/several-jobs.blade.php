<x-page title="Which job first?" :verdicts="$verdicts" :order="$order">
    <p class="mb-3">{{ $said }}: {{ count($jobs) === 1 ? 'one job' : count($jobs) . ' jobs' }}.</p>
    <form method="get" action="/days/{{ $date }}" class="slab flex flex-wrap gap-3 items-end mb-4">
        <div class="w-32"><x-field name="from" label="Set out at" class="figures" :value="$from" /></div>
        <div class="flex-1 basis-64"><x-field name="home" label="from" type="select">
                <option value="">the first job</option>
                @foreach ($places as $place)
                    <option value="{{ $place->id }}" @selected($place->id === $home)>{{ $place->name }}</option>
                @endforeach
            </x-field>
        </div>
        <button class="button">Work it out</button>
    </form>
    @php
        $rows = $drawing->rows();
        $height = count($rows) * 46 + 8;
    @endphp
    <figure class="slab mb-4">
        <div class="ruler-scroll" tabindex="0" role="region" aria-label="The day, drawn">
            <svg class="ruler" viewBox="0 0 1000 {{ $height + 24 }}" role="img"
                aria-label="{{ collect($rows)
                        ->map(
                            fn($r) => $r->name .
                                ' planned at ' .
                                $r->planned->time .
                                ($r->best ? ', best at ' . $r->best->time : ''),
                        )
                        ->implode('; ') }}">
                @foreach ($drawing->hours() as $hour)
                    <line class="hour" x1="{{ $hour->x }}" x2="{{ $hour->x }}" y1="0" y2="{{ $height }}" /><text
                        x="{{ $hour->x }}" y="{{ $height + 18 }}" font-size="14" text-anchor="middle">{{ $hour->label }}</text>
                @endforeach
                @foreach ($rows as $row)
                    @php $y = $loop->index * 46 + 4; @endphp
                    @php $name = $row->writtenName(); @endphp
                    <text>
                        @foreach ($name->lines as $line)
                            <tspan x="0" y="{{ $y + 12 + $name->dy($loop->index) }}" font-size="{{ $name->size }}">{{ $line }}</tspan>
                        @endforeach
                    </text>
                    @if ($row->window)
                        <path class="window-bracket"
                            d="M{{ $row->window->x }} {{ $y + 2 }}v34m0 -17h{{ $row->window->width }}m0 -17v34" />
                    @endif
                    <rect class="stop-planned" x="{{ $row->planned->x }}" y="{{ $y + 4 }}"
                        width="{{ $row->planned->width }}" height="30" rx="2" />
                    @if ($row->best)
                        <g class="slip">
                            <rect x="{{ $row->best->x }}" y="{{ $y + 8 }}" width="{{ $row->best->width }}" height="22"
                                rx="2" /><text class="when" x="{{ $row->best->x + 5 }}"
                                y="{{ $y + 24 }}">{{ $row->best->place }}. {{ $row->best->time }}</text>
                        </g>
                    @endif
                @endforeach
            </svg>
        </div>
        <figcaption class="text-sm text-faint mt-1">Broken outline: as planned. Slip: in the best order. Bracket: when it may start.
        </figcaption>
    </figure>
    <ol class="grid gap-3">
        @foreach ($jobs as $job)
            <li class="slab flex flex-wrap items-start gap-x-4">
                <span class="figures text-lg font-semibold leading-7">@clock($job->covered_from) – @clock($job->covered_to)</span>
                <div class="flex-1 basis-56 min-w-0">
                    <h2 class="text-lg leading-7"><a href="/jobs/{{ $job->id }}/plan">{{ $job->name }}</a></h2>
                    <p class="text-faint text-sm">{{ $job->place->name }} · <span
                            class="figures">{{ $job->appointment_from || $job->appointment_to
                                        ? 'may start ' .
                                            ($job->appointment_from ? 'from ' . $job->appointment_from : '') .
                                            ($job->appointment_to ? ' until ' . $job->appointment_to : '')
                                        : 'starts as planned, no appointment window' }}</span>
                    </p>
                </div>
                @if ($round)
                    <span class="figures text-lake font-bold">{{ array_search($job->id, $round->order, true) + 1 }}. at
                        {{ $day->face($day->startsAt() + 60 * $round->starts[$job->id]) }}</span>
                @endif
            </li>
        @endforeach
    </ol>
    @if ($round && count($jobs) > 1)
        <x-form :action="'/days/' . $date . '/order'" class="mt-3"><input type="hidden" name="from" value="{{ $from }}"><input type="hidden"
                name="home" value="{{ $home }}"><button class="button main">Go in this order</button> <span
                class="figures text-faint">{{ $setOutBy === null ? 'no appointment limits it' : 'set out by ' . $setOutBy . ' at the latest' }},
                over at {{ $day->face($day->startsAt() + 60 * $round->endsAt) }}</span></x-form>
    @endif
    @if ($kit !== [])
        <section class="slab mt-4">
            <h2 class="mb-1">Kit, stop by stop</h2>
            <div class="overflow-x-auto" tabindex="0" role="region" aria-label="Kit, stop by stop">
                <table class="grid-table">
                    <thead>
                        <tr>
                            <th scope="col">Stop</th>
                            <th scope="col">Out of the car</th>
                            <th scope="col">On from the stop before</th>
                            <th scope="col">May stay in the car</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($kit as $row)
                            <tr>
                                <th scope="row"><a href="/jobs/{{ $row->stop->jobId }}/pack">{{ $row->stop->name }}</a> <span
                                        class="figures text-faint">{{ count($row->stop->items) }}</span></th>
                                @foreach ([$row->out, $row->on, $row->home] as $labels)
                                    <td>{{ $labels === [] ? '–' : implode(', ', $labels) }}</td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            <p class="text-faint text-sm">From the packing lists of the day’s jobs, in the order of their planned starts. A car that can be
                seen into holds nothing in sight.</p>
        </section>
    @endif
    <section class="slab mt-4">
        <h2 class="mb-2">Rained off? Put jobs onto other days</h2>
        <form method="get" action="/days/{{ $date }}" class="grid gap-3">
            <input type="hidden" name="from" value="{{ $from }}"><input type="hidden" name="home"
                value="{{ $home }}">
            <fieldset class="flex flex-wrap gap-x-5">
                <legend class="text-sm">These jobs</legend>
                @foreach ($jobs as $job)
                    <label class="tick"><input type="checkbox" name="jobs[]"
                        value="{{ $job->id }}" @checked(in_array($job->id, $chosen, true))>
                        {{ $job->name }}</label>
                @endforeach
            </fieldset>
            <div class="grid gap-2 grid-cols-2 sm:grid-cols-3">
                @for ($i = 0; $i < $most; $i++)
                    <div class="field"><label for="d-{{ $i }}">{{ $i === 0 ? 'onto' : 'or' }}</label><input
                            id="d-{{ $i }}" type="date" name="dates[]" value="{{ $dates[$i] ?? '' }}"></div>
                @endfor
            </div>
            @error('dates')
                <p class="wrong">{{ $message }}</p>
            @enderror
            <div><button class="button">Show where they fit</button></div>
        </form>
        @if ($restack)
            <ul class="mt-3">
                @foreach ($restack->days as $id => $to)
                    <li class="border-t border-rule py-1"><b>{{ $jobs->firstWhere('id', $id)?->name }}</b> <span
                            class="figures">{{ $to }} at
                            {{ NorthSatchel\Time\ClockTime::face($restack->rounds[$to]->starts[$id]) }}</span> <span
                            class="text-faint figures">{{ $restack->rounds[$to]->slackMinutes === null
                                        ? ''
                                        : 'set out up to ' .
                                            NorthSatchel\Time\Span::hours($restack->rounds[$to]->slackMinutes) .
                                            ' after ' .
                                            $from .
                                            ' that day' }}</span>
                    </li>
                @endforeach
                @foreach ($restack->left as $id)
                    <li class="border-t border-rule py-1 text-signal"><b>{{ $jobs->firstWhere('id', $id)?->name }}</b> fits on none of
                        these days within its appointment.</li>
                @endforeach
            </ul>
            <p class="text-faint text-sm">As many as fit, and of those ways the one whose tightest day has the most slack: all were
                weighed.</p>
            @if ($restack->days !== [])<x-form :action="'/days/' . $date . '/restack'" class="mt-2"><input
                        type="hidden" name="from" value="{{ $from }}"><input type="hidden" name="home"
                        value="{{ $home }}">
                    @foreach ($chosen as $id)
                        <input type="hidden" name="jobs[]" value="{{ $id }}">
                        @endforeach @foreach ($dates as $one)
                            <input type="hidden" name="dates[]" value="{{ $one }}">
                        @endforeach
                        <button class="button main">Put them there</button>
                </x-form>@endif
        @endif
    </section>
</x-page>
