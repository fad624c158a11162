<x-page title="What is the job, and what must not be missed?" :job="$job" phase="brief" :verdicts="$verdicts">
    <section class="slab mb-4 grid gap-x-8 gap-y-1 sm:grid-cols-[auto_auto_1fr]" aria-label="The job at a glance">
        <div>
            <p class="text-faint text-sm">Day</p>
            <p class="figures text-xl font-semibold">{{ $date }}</p>
        </div>
        <div>
            <p class="text-faint text-sm">Covered</p>
            <p class="figures text-xl font-semibold">@clock($job->covered_from) – @clock($job->covered_to) · {{ $hours }}</p>
        </div>
        <div>
            <p class="text-faint text-sm">Sun at {{ $job->place->name }}</p>
            <p class="figures text-xl font-semibold">{{ $light }}</p>
        </div>
    </section>
    <x-form :action="'/jobs/' . $job->id . '/brief'" method="put" class="grid gap-4">
        @include('brief._form')
        <div><button class="button main">Keep the brief</button></div>
    </x-form>
    @if ($unheld !== [])
        <section class="slab mt-4" aria-label="Lines of the brief that no plan is held against">
            <p class="font-bold">For you to keep: no plan is held against
                {{ count($unheld) === 1 ? 'this line' : 'these lines' }} of the brief.</p>
            <ul class="list-disc pl-5">
                @foreach ($unheld as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
            <p class="text-sm text-faint">Understood are: no flash, no pictures, no stands, from the back or behind a row; where, and during what.
                Who must not stand with whom is asked under <a href="/jobs/{{ $job->id }}/people">People</a>;
                hours of passes and gates belong under Plan, <a href="/jobs/{{ $job->id }}/plan?rules=1">Ways, passes, and who must not
                    meet</a>.</p>
        </section>
    @endif
    <p class="mt-4"><a class="button quiet" href="/jobs/{{ $job->id }}/bundle">Take the whole job out as a bundle</a> <span
            class="text-sm text-faint">JSON and CSV in a zip, with the words of the brief and every name: it is as private as the
            job.</span></p>
</x-page>
