<x-page title="Do the looks fit?" :job="$job" phase="plan" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="looks" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if ($turns !== [])
        <figure class="slab mb-4">
            <div class="ruler-scroll" tabindex="0" role="region" aria-label="Looks over time, drawn">
                <svg class="ruler looks-plan" viewBox="0 0 1000 {{ 40 * count($turns) + 30 }}" role="img"
                    aria-label="{{ count($turns) }} looks in {{ $record->look_minutes }} minutes">
                    @foreach ($turns as $i => $turn)
                        @php $y = 40 * $i + 6; @endphp
                        <x-fitted x="0" :y="$y + 20" width="205" size="16" :text="$turn->look->name" />
                        <g>
                            <title>{{ $turn->look->name }}: changed from {{ $turn->changeFrom }}, hair from {{ $turn->hairFrom }}, shot
                                {{ $turn->shotFrom }} to {{ $turn->shotTo }} min</title>
                            <rect class="made" x="{{ 200 + $scale * $turn->changeFrom }}" y="{{ $y + 7 }}"
                                width="{{ $scale * $turn->look->changeMinutes }}" height="14" />
                            <rect class="hair" x="{{ 200 + $scale * $turn->hairFrom }}" y="{{ $y + 7 }}"
                                width="{{ $scale * $turn->look->hairMinutes }}" height="14" />
                            <rect class="shot-bar" x="{{ 200 + $scale * $turn->shotFrom }}" y="{{ $y }}"
                                width="{{ $scale * ($turn->shotTo - $turn->shotFrom) }}" height="28" rx="3" />
                        </g>
                    @endforeach
                    <line class="box-end" x1="{{ 200 + $scale * $record->look_minutes }}" x2="{{ 200 + $scale * $record->look_minutes }}"
                        y1="0" y2="{{ 40 * count($turns) + 8 }}" />
                    <text x="{{ 200 + $scale * $record->look_minutes }}" y="{{ 40 * count($turns) + 25 }}" font-size="14"
                        text-anchor="end">{{ $record->look_minutes }} min</text>
                </svg>
            </div>
            <figcaption class="text-sm text-faint">Thin: changing, then hair and make-up; full: in front of the camera; the stroke: the end of
                the box.</figcaption>
        </figure>
        <section class="slab mb-4">
            <h2 class="mb-1">Poses</h2>
            @foreach ($turns as $turn)
                <h3 class="mt-2 font-bold">{{ $turn->look->name }} <span
                        class="font-normal text-faint">{{ $turn->look->model ?? 'worn by nobody' }}</span></h3>
                <ul>
                    @foreach ($turn->look->poses as $pose)
                        <li class="border-t border-rule py-1">{{ $pose->name }} <span class="text-faint figures">{{ $pose->minutes }} min
                                {{ $pose->stance }}{{ $pose->throws > 0 ? ', ' . $pose->throwsSay() : '' }}{{
                                    $pose->priority->value === 'must' ? '' : ", {$pose->priority->value}" }}</span></li>
                    @endforeach
                </ul>
                <div data-tapped><x-tick :job="$job" yes="check" no="uncheck" :is="in_array($turn->look->wallLine(), $walls, true)"
                        :on="['line' => $turn->look->wallLine()]" :words="['picked', 'not picked yet']">A frame of {{ $turn->look->name }} for a
                        wall</x-tick></div>
            @endforeach
            <p class="text-sm text-faint mt-2">Each pose: body, hands, face, cloth, hair, straight marks. It is whole and still before anything is
                thrown; nobody lifts or throws a person.</p>
        </section>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/looks" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="looks" label="Looks, and further in their poses" type="textarea" rows="12" class="mono" :value="$record->looks"
            hint="Wool coat, with Mira, change 10 min, hair 15 min. A pose: Collar up, 3 min, supported (floor, free), throws 6, helpers 2, nice." />
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="look_minutes" label="Minutes of the box" :value="$record->look_minutes" inputmode="numeric" />
            <x-field name="look_hands" label="People for hair and make-up" :value="$record->look_hands" inputmode="numeric" />
        </div>
        <div><button class="button main">Keep and lay them</button></div>
    </form>
</x-page>
