<x-sheet :title="ucfirst($sheet->audience->value) . ' · ' . $job->name" :paper="$paper">
    <nav class="no-print flex flex-wrap gap-2 mb-4" aria-label="This sheet">
        <a class="button" href="/jobs/{{ $job->id }}/plan">Back to the plan</a>
        @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $size => $name)
            <a class="button {{ $paper === $size ? 'main' : '' }}" href="?paper={{ $size }}">{{ $name }}</a>
        @endforeach
        <a class="button" href="/jobs/{{ $job->id }}/calendar/{{ $sheet->audience->value }}">Calendar file</a>
        <a class="button" href="/jobs/{{ $job->id }}/table/{{ $sheet->audience->value }}">CSV table</a>
    </nav>
    <main>
        <header class="sheet-head">
            <h1>{{ $sheet->audience->question() }}</h1>
            <p><b>{{ $job->name }}</b> · {{ implode(' and ', $dates) }} · {{ $job->place->name }} · for the
                {{ in_array($sheet->audience->value, ['lead', 'second'], true)
                        ? $sheet->audience->value . ' photographer'
                        : $sheet->audience->value }}
            </p>
            @if ($mayReadBrief && $sheet->audience->isPhotographer())
                @if ($musts !== [])
                    <p><b>Must not be missed:</b> {{ implode(' / ', $musts) }}</p>
                @endif
                @if ($minds !== [])
                    <p><b>Mind:</b> {{ implode(' / ', $minds) }}</p>
                @endif
                @if ($job->restrictions)
                    <p><b>Restrictions:</b> {{ str_replace(["\r\n", "\n"], ' / ', $job->restrictions) }}</p>
                @endif
            @endif
        </header>
        <table class="sheet-table">
            <thead>
                <tr>
                    <th scope="col">From</th>
                    <th scope="col">to</th>
                    <th scope="col">What</th>
                    <th scope="col">Where</th>
                    @if (!$sheet->audience->isPhotographer())
                    <th scope="col">Who</th>@else<th scope="col">Leave at</th>
                    @endif
                </tr>
            </thead>
            <tbody>
                @php $date = null; @endphp
                @foreach ($sheet->rows as $row)
                    @if (count($dates) > 1 && $row->date !== $date)
                        <tr>
                            <th scope="rowgroup" colspan="5" class="sheet-day">{{ $dates[$row->date] ?? $row->date }}</th>
                        </tr>
                    @endif
                    @php $date = $row->date; @endphp
                    <tr>
                        <td class="figures">{{ $day->face($row->startsAt) }}</td>
                        <td class="figures">{{ $day->face($row->endsAt) }}</td>
                        <td><b>{{ $row->title }}</b>{{ $row->isAnchor ? ' (does not move)' : '' }}
                            @foreach ($row->shots as $shot)
                                <div class="sheet-shot"><span class="box" aria-hidden="true"></span><span
                                        class="figures">{{ $shot->at }}</span>
                                    @if ($shot->isDone)
                                        <s>{{ $shot->what }}</s> (shot already)
                                    @else
                                        {{ $shot->what }}{{ $shot->priority === 'must' ? ', must' : '' }}
                                    @endif
                                    @if ($shot->cue)
                                        <i>({{ $shot->cue }}; ready?)</i>
                                        @endif @if ($shot->prompt)
                                            “{{ $shot->prompt }}”
                                        @endif
                                </div>
                            @endforeach
                        </td>
                        <td>{{ $row->where($sheet->audience) }}</td>
                        @if (!$sheet->audience->isPhotographer())
                        <td>{{ implode(' and ', [$row->lane, ...$row->alsoLanes]) }}</td>@else<td class="figures">
                                {{ $row->leaveAt ? $day->face($row->leaveAt) : '' }}</td>
                        @endif
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($sheet->rows === [])
            <p>Nothing of this day is for this sheet.</p>
        @endif
    </main>
</x-sheet>
