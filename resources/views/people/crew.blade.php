<x-page title="Who comes when?" :job="$job" phase="people" :verdicts="$verdicts">
    <x-studio-nav :job="$job" at="crew" />
    @if ($wrong)
        <p class="note bad mb-3" role="alert">{{ ucfirst($wrong->field) }} {{ $wrong->must }}.</p>
    @endif
    @if (session('link'))
        <div class="note mb-3" role="status"><span>The link, told once: <code class="break-all">{{ session('link') }}</code></span></div>
    @endif
    @if ($members !== [])
        <div class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="The call sheet">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Who</th>
                        <th scope="col">What</th>
                        <th scope="col">Called</th>
                        <th scope="col">Needed by the plan</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($members as $member)
                        <tr>
                            <th scope="row">{{ $member->name }}@if ($member->isMinor())
                                    <span class="text-faint">{{ $member->age }} years, with
                                        {{ $member->guardian ?? 'nobody' }}</span>
                                @endif
                            </th>
                            <td>{{ $member->role ?: $member->group }}</td>
                            <td class="figures">{{ $member->hours() }}</td>
                            <td class="figures">@foreach ($needed as $one){{ $member->isCalled($one->name) ? $one->says() : '' }}@endforeach</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/crew/sheet">Print the call sheet</a></p>
        <section class="slab mb-4">
            <h2 class="mb-1">By link</h2>
            <p class="text-sm text-faint mb-2">Times, places and contacts; of minors the first name only, and nothing of the brief.</p>
            @foreach ($links as $link)
                <p class="border-t border-rule py-2 flex flex-wrap gap-2 items-center"><span class="flex-1">Open until
                        {{ $link->expires_at->timezone($job->place->timezone)->format('j M H:i') }}</span>
                    @post('/jobs/' . $job->id . '/crew/link/' . $link->id . '/revoke')
                        <button class="button">Revoke</button>
                    @endpost
                </p>
            @endforeach
            @post('/jobs/' . $job->id . '/crew/link')
                <button class="button">Make a link</button>
            @endpost
        </section>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/crew" class="slab grid gap-3">
        @csrf
        @method('put')
        <x-field name="crew" label="A group, and further in who belongs to it" type="textarea" rows="10" class="mono" :value="$record->crew"
            hint="Runa Holt, stylist, 9:00 to 15:00, 070 123 45. Of a minor: Mio, 14 years, guardian Ida Holt, 10:00 to 13:00, 4 h at most." />
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="hospital" label="Nearest hospital, its way and minutes" :value="$record->hospital" maxlength="200" />
            <x-field name="parking" label="Parking and the door" :value="$record->parking" maxlength="200" />
        </div>
        <x-field name="call_note" label="What else everybody reads" type="textarea" rows="3" :value="$record->call_note"
            hint="Meals and who eats what, shoes, noise, who has the keys." />
        <div><button class="button main">Keep the call sheet</button></div>
    </form>
</x-page>
