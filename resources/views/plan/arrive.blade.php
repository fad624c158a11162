<x-page :title="$isStudio ? 'What must stand for the first picture?' : 'When must you be there?'" :job="$job" phase="plan" :verdicts="$verdicts">
    @if ($isStudio)
        <x-studio-nav :job="$job" at="arrive" />
    @else
        <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/plan">The plan</a><a class="button"
                href="/jobs/{{ $job->id }}/cover">Who stands where?</a></p>
    @endif
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst(str_replace('_', ' ', $wrong->field)) }} {{ $wrong->must }}.</p>
    @endif
    @if ($arrival && $arrival->done !== [])
        <table class="grid-table slab mb-4">
            <thead>
                <tr>
                    <th scope="col">From</th>
                    <th scope="col">to</th>
                    <th scope="col">What</th>
                    <th scope="col">People</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($arrival->done as $one)
                    <tr>
                        <td class="figures">@clock($one->from->text())</td>
                        <td class="figures">@clock($one->to->text())</td>
                        <th scope="row">{{ $one->task->name }}@if ($one->task->by)
                                <span class="font-normal text-faint">by {{ $one->task->by }}</span>
                            @endif
                        </th>
                        <td class="figures">{{ $one->task->people }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/arrive" class="slab grid gap-3">
        @csrf
        @method('put')
        @if ($isStudio)
            <p><a class="button small" href="?like=lights">Begin with the light of the first setup</a></p>
        @endif
        @if ($hasCameras)
            <p><a class="button small" href="?like=cameras">Add the cameras that stand alone</a></p>
        @endif
        <x-field name="tasks" :label="$isStudio
            ? 'What must stand for the first picture, a line each'
            : 'What must stand before the doors open, a line each'"
            type="textarea" rows="9" :value="$tasks" :hint="$isStudio
                ? 'Key, 10 min, by Odd, after Background: in the order in which it is done.'
                : 'Camera above the goal, 25 min, 2 people, after Wire: in the order in which it is done.'" />
        <div class="grid gap-3 sm:grid-cols-3">
            <x-field name="doors_clock" :label="$isStudio ? 'The first picture' : 'The doors open'" :value="$begins" />
            <x-field name="hands" label="People who come" :value="$hands" inputmode="numeric" />
            <x-field name="spare_minutes" label="Minutes for trouble" :value="$record->spare_minutes" inputmode="numeric" />
        </div>
        <p class="text-sm text-faint">{{ $isStudio
            ? 'Stands weighted, cables taped, a safety line on every boom, nobody below it. What stays overnight is lowered, weighted or ' .
                'secured, and measured again in the morning.'
            : 'A second safety cable on all that hangs, and nobody below while it is hung. Where the venue has riggers, they do it.' }}</p>
        <div><button class="button main">Keep and work it out</button></div>
    </form>
</x-page>
