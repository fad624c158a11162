<x-page title="What gives if we run late?" :job="$job" phase="plan" :verdicts="$verdicts">
    @if ($segment === null)
        <p>Nothing is planned yet. <a href="/jobs/{{ $job->id }}/plan">Plan the day first.</a></p>
    @else
        <form method="get" action="/jobs/{{ $job->id }}/what-if" class="slab flex flex-wrap gap-3 items-end mb-4">
            <div class="flex-1 basis-64"><x-field name="segment" label="At" type="select">
                    @foreach ($segments as $one)
                        <option value="{{ $one->id }}" @selected($one->id === $segment->id)>
                            {{ $days > 1 ? 'Day ' . ($one->day + 1) . ', ' : '' }}@clock($one->start_clock) {{ $one->title }}
                            ({{ $one->lane }})</option>
                    @endforeach
                </x-field>
            </div>
            <div class="w-32"><x-field name="late" label="minutes late" class="figures" :value="$minutes" inputmode="numeric" /></div>
            <button class="button main">Work it out</button>
            @foreach ($choices as $choice)
                <button class="button" name="late" value="{{ $choice }}" formnovalidate>{{ $choice }} min</button>
            @endforeach
        </form>
        <h2 class="mb-1">Today's plan</h2>
        @include('plan._ruler', [
            'ruler' => $today,
            'rulerText' => 'as planned',
            'caption' => false,
            'linkTo' => '/jobs/' . $job->id . '/plan',
        ])
        @if ($late && $late->isFeasible())
            <h2 class="mb-1">{{ NorthSatchel\Time\Span::hours($minutes) }} late at {{ $segment->title }}: the best that can be done</h2>
            @include('plan._ruler', [
                'ruler' => $then,
                'rulerText' => 're-planned',
                'caption' => false,
                'linkTo' => '/jobs/' . $job->id . '/plan',
            ])
            <div class="slab" role="status">
                @if ($late->sentences() === [])
                    <p class="font-bold text-moss">Nothing changes: the slack takes the delay.</p>
                @endif
                <ul class="list-disc ml-5">
                    @foreach ($late->sentences() as $sentence)
                        <li>{{ $sentence }}</li>
                    @endforeach
                </ul>
                <p class="text-faint text-sm mt-2">
                    {{ $late->isProven()
                            ? 'No other way keeps more: all were weighed.'
                            : 'The best found, one photographer after the other with what they share held together; ' .
                                'it is not proven that nothing is better.' }}
                    A must counts 300, a should 100, a nice 30 where you have not said; shortened, seven tenths of it. Anchors and musts
                    stay, and what was planned into a light ends in it. A way that nobody has said is taken from the map. Re-planned:
                    {{ implode(', ', $late->laneNames()) }}.</p>
                @if ($late->sentences() !== [])
                    <x-form :action="'/jobs/' . $job->id . '/what-if'" class="mt-3"><input type="hidden" name="segment"
                        value="{{ $segment->id }}"><input
                            type="hidden" name="late" value="{{ $minutes }}"><button class="button main">Make this the
                            plan</button></x-form>
                @endif
            </div>
        @elseif ($late)
            <div class="note bad"
                role="alert">@php $blocked = $late->blocked(); @endphp No plan of {{ NorthSatchel\Time\Lane::person($blocked->name) }} keeps
                every must and every
                anchor.{{ $late->isBlockedByWhatIsShared()
                        ? ' What is done together would run into it: let one of you do that alone.'
                        : '' }}{{ $late->isBlockedByWhatIsShared()
                        ? ''
                        : ($blocked->replan->shortByMinutes === null
                            ? ' Even hours earlier would not help: something in it cannot be done at all.'
                            : ' ' .
                                NorthSatchel\Time\Span::hours($blocked->replan->shortByMinutes) .
                                ' are missing: tell the coordinator now, or give up one of the musts.') }}
            </div>
        @endif
        <section class="slab mt-4" aria-label="The weather">
            <h2 class="mb-2">The weather delays everything outdoors</h2>
            <form method="get" action="/jobs/{{ $job->id }}/what-if" class="flex flex-wrap gap-3 items-end">
                <input type="hidden" name="segment" value="{{ $segment->id }}"><input type="hidden" name="late"
                    value="{{ $minutes }}">
                <div class="w-44"><x-field name="hours" label="by hours: 2, 5.5, 5:30" class="figures" :value="$hours ?: null" />
                    @if ($wrongHours)
                        <p class="wrong" role="alert">{{ $wrongHours }}</p>
                    @endif
                </div>
                <button class="button">Show that day</button>
            </form>
            @if ($delayed)
                <div class="mt-3">@include('plan._ruler', [
                    'ruler' => $delayed,
                    'rulerText' => 'everything outdoors later',
                    'caption' => false,
                    'linkTo' => '/jobs/' . $job->id . '/plan',
                ])</div>
                <h3 class="mt-3 mb-1">What it gives and takes</h3>
                @foreach ($delayGives as $verdict)
                    <x-verdict :verdict="$verdict" />
                @endforeach
                <h3 class="mt-3 mb-1">What is said of that plan</h3>
                @foreach ($delayedVerdicts as $verdict)
                    <x-verdict :verdict="$verdict" />
                @endforeach
                <x-form :action="'/jobs/' . $job->id . '/delay'" class="mt-3"><input type="hidden" name="hours" value="{{ $hours }}"><input
                        type="hidden" name="day" value="{{ $day }}"><button class="button">Make this the
                        plan</button></x-form>
            @endif
        </section>
        @if ($change)
            <div class="note mt-4">The last change of the plan: {{ rtrim($change->said, '.') }}.<x-form
                :action="'/plan-changes/' . $change->id . '/undo'"><button class="button">Undo
                        it</button></x-form></div>
        @endif
    @endif
</x-page>
