<x-page title="What is coming, and what is urgent?">
    <ul class="grid gap-3">
        @foreach ($jobs as $entry)
            @php $job = $entry['job']; @endphp
            <li class="slab grid gap-x-5 gap-y-1 items-center sm:grid-cols-[7.5rem_1fr_auto]">
                <div class="figures">
                    <div class="text-2xl font-semibold leading-tight">{{ $entry['date'] }}</div>
                    <div class="text-faint">{{ $entry['when'] }}</div>
                    @if ($entry['sameDay'] > 1)
                        <a href="/days/{{ $job->date }}" class="text-sm">{{ $entry['sameDay'] }} jobs: which first?</a>
                    @endif
                </div>
                <div class="min-w-0">
                    <h2 class="text-lg"><a href="/jobs/{{ $job->id }}/{{ $entry['when'] === 'today' ? 'day' : 'brief' }}">{{ $job->name }}</a></h2>
                    <p class="text-faint text-sm">{{ $job->kind->label() }} · {{ $job->place->name }} · <span
                            class="figures">@clock($job->covered_from) – @clock($job->covered_to)</span></p>
                    @if ($entry['urgent'])
                        <p class="mt-1 {{ $entry['urgent']->severity->value }} verdict plain"><x-severity-mark
                                :severity="$entry['urgent']->severity" /><b>{{ $entry['urgent']->finding }}</b> <span
                                class="text-faint">{{ $entry['open'] - 1 > 0 ? 'and ' . ($entry['open'] - 1) . ' more' : '' }}</span></p>
                    @else
                        <p class="mt-1 text-moss font-bold">Nothing is open.</p>
                    @endif
                </div>
                <div class="flex gap-1" aria-hidden="true">
                    @foreach ($entry['holes'] as $hole)
                        @if ($hole->isThere)
                            <span class="text-canvas" title="{{ $hole->phase }}"><x-hole :ready="$hole->isReady" :safe="$hole->isSafe" /></span>
                        @endif
                    @endforeach
                </div>
            </li>
        @endforeach
    </ul>
    @if (count($jobs) === 0)
        <p class="mb-4">No job yet.</p>
    @endif
    <p class="mt-5"><a class="button main" href="/jobs/new" data-key="n">New job</a>
        @if ($earlier > 0)
            <a class="button quiet" href="/?all=1">{{ $earlier }} earlier {{ $earlier === 1 ? 'job' : 'jobs' }}</a>
        @endif
    </p>
</x-page>
