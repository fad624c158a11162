<x-page title="What is sent while it still goes on?" :job="$job" phase="plan" :verdicts="$verdicts">
    <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/plan">The plan</a>
        @if ($job->kind->hasPosts())
            <a class="button" href="/jobs/{{ $job->id }}/cover">Who stands where?</a>
        @endif
        <a class="button" href="/jobs/{{ $job->id }}/send">The editor's desk</a>
    </p>
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if ($drawing)
        <p class="mb-3 figures">{{ $sending->says($plan) }}</p>
        <figure class="slab mb-4">
            <div class="ruler-scroll" tabindex="0" role="region" aria-label="What is sent when, drawn">
                <svg class="ruler send-plan" viewBox="0 0 1000 {{ $drawing->height() }}" role="img"
                    aria-label="{{ count($plan->inTime) }} of {{ count($plan->pictures) }} pictures in time">
                    @foreach ($drawing->gaps() as $gap)
                        <rect class="group-band" x="{{ $gap->x }}" y="20" width="{{ $gap->width }}" height="{{ $drawing->height() - 40 }}">
                            <title>{{ $gap->name }}, {{ $gap->says }}</title>
                        </rect>
                    @endforeach
                    @foreach ($drawing->hours() as $hour)
                        <text x="{{ $hour->x }}" y="14" font-size="13" text-anchor="middle">{{ $hour->name }}</text>
                        <line class="hour" x1="{{ $hour->x }}" x2="{{ $hour->x }}" y1="20" y2="{{ $drawing->height() - 20 }}" />
                    @endforeach
                    @foreach ($drawing->rows() as $row)
                        <x-fitted x="0" :y="$row->y + 19" width="222" size="15" :text="$row->what" />
                        @foreach ($row->bars as $bar)
                            <rect class="sent" x="{{ $bar->x }}" y="{{ $row->y + 4 }}" width="{{ $bar->width }}" height="22" rx="2" />
                        @endforeach
                        <line class="{{ $row->late ? 'due is-late' : 'due' }}" x1="{{ $row->dueX }}" x2="{{ $row->dueX }}" y1="{{ $row->y }}"
                            y2="{{ $row->y + 30 }}" />
                        <title>{{ $row->what }}, by {{ $row->due }}{{ $row->late ? ", {$row->late} late" : '' }}</title>
                    @endforeach
                </svg>
            </div>
            <figcaption class="text-sm text-faint">Bands are gaps, blocks are what is sent, the stroke behind each is when it is due.</figcaption>
        </figure>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/sending" class="slab grid gap-3">
        @csrf
        @method('put')
        <div class="grid gap-3 grid-cols-1 sm:grid-cols-3">
            <x-field name="lane" label="Who sends" type="select">
                @foreach ($lanes as $lane)
                    <option @selected(old('lane', $record->lane) === $lane)>{{ $lane }}</option>
                @endforeach
            </x-field>
            <x-field name="rate_mb_s" label="Rate, MB/s, measured there" :value="$record->rate_mb_s" inputmode="decimal" />
            <x-field name="overhead_s" label="Seconds a picture beside it" :value="$record->overhead_s" inputmode="decimal"
                hint="Choosing, the caption, the server." />
        </div>
        <x-field name="pictures" label="Wanted early, a line each" type="textarea" rows="7" :value="$record->pictures"
            hint="Line-up ×3, by 19:05, from 18:50, 6 MB, worth 5. Without a size: 6 MB; without “from”: from the beginning." />
        <x-field name="gaps" label="Gaps, a line each" type="textarea" rows="4" :value="$record->gaps"
            hint="Half time, 18:25 to 18:35. Left empty: the pauses of the plan, which move with it." />
        @if ((string) $record->gaps === '' && $pauses !== [])
            <p class="text-sm text-faint">By the plan: @foreach ($pauses as $pause){{ $loop->first ? '' : ' · ' }}{{ $pause->name }}
                @clock($pause->from->text()) to @clock($pause->to->text())@endforeach</p>
        @endif
        <div><button class="button main">Keep and work it out</button></div>
    </form>
</x-page>
